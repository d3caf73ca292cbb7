import type { Refusal } from '@/contracts/documents';
import { SILENT } from './api';

/** Asks this machine's server for what takes a while, and tells each line that comes; rejects where it was given up. */
export async function askInLines<L>(
  path: string,
  body: unknown,
  signal: AbortSignal,
  onLine: (line: L) => void,
): Promise<readonly string[]> {
  try {
    const response = await fetch(path, {
      method: 'POST',
      body: JSON.stringify(body),
      headers: { 'content-type': 'application/json' },
      signal,
    });
    if (!response.ok || !response.body) return ((await response.json()) as Refusal).problems ?? [SILENT];
    const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
    let rest = '';
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return rest === '' ? [] : [SILENT];
      const lines = (rest + value).split('\n');
      rest = lines.pop()!;
      for (const line of lines) onLine(JSON.parse(line) as L);
    }
  } catch (error) {
    if (signal.aborted) throw error;
    return [SILENT];
  }
}
