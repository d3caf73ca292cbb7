import type { Refusal } from '@/contracts/documents';

/** What came back: a value, or why there is none. Status 0 = the server does not answer. */
export type Answer<T> =
  | { readonly ok: true; readonly status: number; readonly value: T }
  | { readonly ok: false; readonly status: number; readonly problems: readonly string[]; readonly edit?: string };

export const SILENT = 'The server does not answer.';
const PATIENCE_MS = 45_000;

interface Request {
  readonly method?: string;
  readonly body?: unknown;
  /** Makes of the text what it says; usually all at once. */
  readonly read?: (text: string) => Promise<unknown>;
}

/** One request to this machine's server. A body that is a text or a file is sent as it is, anything else as JSON. */
export async function ask<T>(path: string, { method = 'GET', body, read }: Request = {}): Promise<Answer<T>> {
  const isRaw = typeof body === 'string' || body instanceof Blob;
  try {
    const response = await fetch(path, {
      method,
      signal: AbortSignal.timeout(PATIENCE_MS),
      ...(body === undefined
        ? {}
        : { body: isRaw ? body : JSON.stringify(body), headers: isRaw ? {} : { 'content-type': 'application/json' } }),
    });
    const value = (await (read ? read(await response.text()) : response.json())) as T | Refusal;
    if (response.ok || (response.status === 409 && !('problems' in (value as object))))
      return { ok: true, status: response.status, value: value as T };
    return { ok: false, status: response.status, problems: (value as Refusal).problems ?? [SILENT], edit: (value as Refusal).edit };
  } catch {
    return { ok: false, status: 0, problems: [SILENT] };
  }
}

/** Trying again later may help: nobody answered, it was busy, or what it is about was deleted and may come back. */
export const isPassing = ({ status }: { readonly status: number }): boolean =>
  status === 0 || status >= 500 || [408, 410, 429].includes(status);
