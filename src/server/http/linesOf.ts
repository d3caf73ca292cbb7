import { Cancelled } from '@/documents/letOthersIn';
import { log } from '../log';

const FAILED = 'Something went wrong inside the program, and there is no answer. The log has the details.';

/**
 * A response in lines of JSON, sent while the work goes on; `signal` ends it when nobody reads any more. What goes wrong on the way is a
 * last line with `problems`.
 */
export function linesOf<L extends object>(
  name: string,
  asked: AbortSignal,
  work: (say: (line: L | { readonly problems: readonly string[] }) => void, signal: AbortSignal) => Promise<void>,
): Response {
  const gone = new AbortController();
  const signal = AbortSignal.any([asked, gone.signal]);
  const text = new TextEncoder();
  const stream = new ReadableStream<Uint8Array>({
    async start(out) {
      const say = (line: object): void => {
        if (!signal.aborted) out.enqueue(text.encode(`${JSON.stringify(line)}\n`));
      };
      try {
        await work(say, signal);
      } catch (error) {
        if (error instanceof Cancelled || signal.aborted) return;
        log.error({ route: name, err: error }, 'failed on the way');
        say({ problems: [FAILED] });
      }
      if (!signal.aborted) out.close();
    },
    cancel: () => gone.abort(),
  });
  return new Response(stream, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } });
}
