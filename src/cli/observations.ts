import { z } from 'zod';
import { ok, type Result } from '@/core/base';
import type { Observation } from '@/core/odds';
import type { FileProblems } from '@/documents/tree/file';
import { readJsonFile } from './readJsonFile';

const FORMAT = 'red-ladder-observations';
const id = z.string().min(1).max(120);
const schema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(1),
  went: z.array(z.strictObject({ from: id, to: id.nullable(), count: z.number().int().min(0).max(1_000_000_000) })).max(100_000),
});

/** What was seen on the mat, from a file (docs/tree-file.md); problems are sentences that name the place. */
export async function readObservations(file: string): Promise<Result<readonly Observation[], FileProblems>> {
  const read = await readJsonFile(file, schema);
  return read.ok ? ok(read.value.went) : read;
}
