import type { z } from 'zod';
import { err, ok, type Result } from '@/core/base';
import type { FileProblems } from '@/documents/tree/file';
import { readText } from './readTree';

/** A JSON file in the given form; problems are sentences that name the file and the place. */
export async function readJsonFile<T>(file: string, schema: z.ZodType<T>): Promise<Result<T, FileProblems>> {
  const text = await readText(file);
  if (!text.ok) return text;
  let json: unknown;
  try {
    json = JSON.parse(text.value);
  } catch {
    return err([`${file}: this is not JSON.`]);
  }
  const parsed = schema.safeParse(json);
  if (parsed.success) return ok(parsed.data);
  const [issue] = parsed.error.issues;
  return err([`${file}: ${issue!.path.map(String).join(' › ') || 'the file'}: ${issue!.message}.`]);
}
