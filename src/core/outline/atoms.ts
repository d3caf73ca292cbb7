/** A name as it stands in a line: as it is where nothing in it could be taken for a sign of the notation, else in quotes as in JSON. */
export const atom = (text: string, isPlain: (text: string) => boolean): string =>
  text !== '' && text === text.trim() && !text.startsWith('"') && !/[\r\n\t]|\s{2}/.test(text) && isPlain(text)
    ? text
    : JSON.stringify(text);

const QUOTED = /^"(?:[^"\\]|\\.)*"/;

/** The name in quotes that a text begins with, and what is left behind it; null = it begins with none. */
export function takeQuoted(text: string): { readonly name: string; readonly rest: string } | null {
  const [quoted] = QUOTED.exec(text) ?? [];
  if (quoted === undefined) return null;
  try {
    const name: unknown = JSON.parse(quoted);
    return typeof name === 'string' ? { name, rest: text.slice(quoted.length).trim() } : null;
  } catch {
    return null;
  }
}

/** The text of an atom that fills all of `text`. */
export function readAtom(text: string): string {
  const quoted = takeQuoted(text.trim());
  return quoted?.rest === '' ? quoted.name : text.trim();
}

/** The pieces between a sign, those in quotes left whole. */
export function splitAt(text: string, sign: string): string[] {
  const pieces: string[] = [];
  let piece = '';
  for (let i = 0; i < text.length;) {
    const [quoted] = piece.trim() === '' || text[i] === '"' ? (QUOTED.exec(text.slice(i)) ?? []) : [];
    if (quoted !== undefined) {
      piece += quoted;
      i += quoted.length;
    } else if (text.startsWith(sign, i)) {
      pieces.push(piece);
      piece = '';
      i += sign.length;
    } else piece += text[i++];
  }
  return [...pieces, piece].map((item) => item.trim()).filter((item) => item !== '');
}

const LIST = ';';
export const sayList = (items: readonly string[]): string =>
  items.map((item) => atom(item, (text) => !text.includes(LIST) && !text.includes('"'))).join('; ');
export const readList = (text: string): string[] => splitAt(text, LIST).map(readAtom);

/** "Back #2": the second of that name. */
export function readNumbered(text: string): { readonly name: string; readonly nth: number | null } {
  const quoted = takeQuoted(text);
  const [, before, number] = /^(.*?)\s*#(\d{1,4})$/s.exec(quoted ? quoted.rest : text) ?? [];
  if (quoted) return { name: quoted.name, nth: number === undefined ? null : Number(number) };
  return number === undefined ? { name: text.trim(), nth: null } : { name: before!.trim(), nth: Number(number) };
}
