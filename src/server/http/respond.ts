import type { Refusal } from '@/contracts/changes';
import { log } from '../log';

export const refuse = (status: number, problems: readonly string[]): Response => Response.json({ problems } satisfies Refusal, { status });

/** Sentences for what the database may do to us; anything else is a bug. */
function sentenceFor(error: unknown): { status: number; problem: string } {
  const code = (error as { code?: string }).code ?? '';
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

/** The body as text, or null when it is larger than `maxBytes`; stops reading there. */
export async function readBody(request: Request, maxBytes: number): Promise<string | null> {
  if (Number(request.headers.get('content-length') ?? 0) > maxBytes) return null;
  if (!request.body) return '';
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength;
    if (size > maxBytes) return null;
    chunks.push(chunk);
  }
  return new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks));
}
