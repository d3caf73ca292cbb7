import type { Refusal } from '@/contracts/documents';
import { TREE_FILE_MAX_BYTES } from '@/core/notation';
import { fewSentences } from '@/documents/sayIssue';
import { BusyError } from '../services/serially';
import type { StoreError } from '../services/store';
import { log } from '../log';

export const TOO_LARGE = 'This is larger than 20 MB; the largest tree takes less. Nothing was saved.';
/** Bytes of a request that are read at all: a file may be spaced wider than its normal form, an edit says what was and what is. */
const MOST_BYTES = 2 * TREE_FILE_MAX_BYTES + 1024 * 1024;

export const refuse = (status: number, problems: readonly string[], edit?: string): Response =>
  Response.json({ problems: fewSentences(problems), ...(edit === undefined ? {} : { edit }) } satisfies Refusal, { status });

const STATUS: Record<StoreError['code'], number> = { missing: 410, tooLarge: 413, refused: 422 };
/** The response to what the store did not take. */
export const refuseError = ({ code, problems, edit }: StoreError): Response => refuse(STATUS[code], problems, edit);

/** Sentences for what the database may do to us; anything else is a bug. */
function sentenceFor(error: unknown): { status: number; problem: string } {
  const code = (error as { code?: string }).code ?? '';
  if (error instanceof BusyError || code === '55P03' || code === '57014' || code === '25P03') {
    return {
      status: 503,
      problem:
        'Something else is holding this and did not let go in time, so nothing was saved. Your edits are still in this window; they are tried again.',
    };
  }
  if (code === '53100')
    return {
      status: 507,
      problem: 'The disk is full, so nothing was saved. Free some space and try again; your edits are still in this window.',
    };
  if (code.startsWith('ECONN') || code.startsWith('CONNECT') || code.startsWith('57P') || code.startsWith('08')) {
    return {
      status: 503,
      problem: 'The database does not answer, so nothing was saved. Your edits are still in this window; try again in a moment.',
    };
  }
  return { status: 500, problem: 'Something went wrong inside the program and nothing was saved. The log has the details.' };
}

/** Runs a route: unexpected errors become a logged sentence instead of a stack trace. */
export async function respond(name: string, work: () => Promise<Response>): Promise<Response> {
  const began = performance.now();
  try {
    const response = await work();
    log.info({ route: name, status: response.status, ms: Math.round(performance.now() - began) }, 'answered');
    return response;
  } catch (error) {
    const { status, problem } = sentenceFor(error);
    log.error({ route: name, status, err: error }, 'failed');
    return refuse(status, [problem]);
  }
}

/** The body, or null when it is larger than `maxBytes`; stops reading there. */
export async function readBytes(request: Request, maxBytes = MOST_BYTES): Promise<Uint8Array | null> {
  if (Number(request.headers.get('content-length') ?? 0) > maxBytes) return null;
  if (!request.body) return new Uint8Array();
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength;
    if (size > maxBytes) return null;
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}
/** The same as text. Throws where it is not UTF-8. */
export async function readBody(request: Request, maxBytes = MOST_BYTES): Promise<string | null> {
  const bytes = await readBytes(request, maxBytes);
  return bytes && new TextDecoder('utf-8', { fatal: true }).decode(bytes);
}
