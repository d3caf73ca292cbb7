import type { z } from 'zod';
import { err, ok, type Result } from '@/core/base';
import { findTooDeep } from '@/core/notation';
import { letOthersIn } from '@/documents/letOthersIn';
import { fewSentences, sayProblem } from '@/documents/sayIssue';
import { findOversized } from '@/documents/tree/json';
import { readBody, refuse, TOO_LARGE } from './respond';

/** The request's JSON in the given form, or the response that refuses it. */
export async function readJson<T>(request: Request, schema: z.ZodType<T>): Promise<Result<T, Response>> {
  let body: unknown;
  try {
    const text = await readBody(request);
    if (text === null) return err(refuse(413, [TOO_LARGE]));
    if (findTooDeep(text)) return err(refuse(400, ['The request is nested too deeply. Nothing was saved.']));
    body = JSON.parse(text);
  } catch {
    return err(refuse(400, ['The request is not readable JSON. Nothing was saved.']));
  }
  const oversized = await letOthersIn(findOversized(body));
  if (oversized !== null) return err(refuse(400, [`${oversized} Nothing was saved.`]));
  const parsed = schema.safeParse(body);
  if (parsed.success) return ok(parsed.data);
  const said = parsed.error.issues.map((issue) =>
    sayProblem(issue.path.map((key) => String(key).slice(0, 60)).join(' › ') || 'request', issue.path, issue),
  );
  return err(
    refuse(
      400,
      fewSentences(said).map((sentence) => `${sentence} Nothing was saved.`),
    ),
  );
}
