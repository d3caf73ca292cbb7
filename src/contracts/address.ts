/** Ids that stand in an address as they are: nothing in them means anything to a parser of addresses. */
const PLAIN = /^[A-Za-z0-9_-]+$/;
const MARK = '~';

const toBase64Url = (text: string): string => {
  const bytes = new TextEncoder().encode(text);
  let binary = '';
  for (const byte of bytes) binary += String.fromCharCode(byte);
  return btoa(binary).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
};

/** An id as one segment of an address: as it is, or spelled out after "~" so that no parser swallows or decodes it (`..`, `50%`). */
export const idToAddress = (id: string): string => (PLAIN.test(id) ? id : `${MARK}${toBase64Url(id)}`);

/** The id that a segment stands for; null = no id is written like this. Decoded once, here and nowhere else. */
export function idFromAddress(segment: string): string | null {
  // Servers hand a segment on either as it came or decoded once; "~" is the only mark that may have been encoded.
  const plain = segment.replace(/^%7E/i, MARK);
  if (PLAIN.test(plain)) return plain;
  if (!plain.startsWith(MARK) || !PLAIN.test(plain.slice(1))) return null;
  try {
    const binary = atob(plain.slice(1).replaceAll('-', '+').replaceAll('_', '/'));
    const id = new TextDecoder('utf-8', { fatal: true }).decode(Uint8Array.from(binary, (c) => c.charCodeAt(0)));
    return idToAddress(id) === plain ? id : null;
  } catch {
    return null;
  }
}
