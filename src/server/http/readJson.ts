import type { z } from 'zod';
import { err, ok, type Result } from '@/core/base';
import { findTooDeep, TREE_FILE_MAX_BYTES } from '@/core/notation';
import { readBody, refuse } from './respond';

/** The request's JSON in the given form, or the response that refuses it. */
export async function readJson<T>(request: Request, schema: z.ZodType<T>): Promise<Result<T, Response>> {
  let body: unknown;
  try {
    const text = await readBody(request, TREE_FILE_MAX_BYTES);
    if (text === null) return err(refuse(413, ['The request is larger than 20 MB. Nothing was saved.']));
    if (findTooDeep(text)) return err(refuse(400, ['The request is nested too deeply. Nothing was saved.']));
    body = JSON.parse(text);
  } catch {
    return err(refuse(400, ['The request is not readable JSON. Nothing was saved.']));
  }
  const parsed = schema.safeParse(body);
  if (parsed.success) return ok(parsed.data);
  return err(refuse(400, parsed.error.issues.slice(0, 10).map((issue) => `${issue.path.join(' › ') || 'request'}: ${issue.message}. Nothing was saved.`))); // prettier-ignore
}
