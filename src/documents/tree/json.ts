import { createScanner } from 'jsonc-parser';
import { err, ok, type InPieces, type Result } from '@/core/base';
import { placeIn, TREE_FILE_MAX_DEPTH } from '@/core/notation';

/** Kinds of token, as the scanner numbers them. */
const TOKEN = {
  openBrace: 1,
  closeBrace: 2,
  openBracket: 3,
  closeBracket: 4,
  comma: 5,
  colon: 6,
  null: 7,
  true: 8,
  false: 9,
  text: 10,
  number: 11,
  unknown: 16,
  end: 17,
} as const;
const NO_ERROR = 0;
const TOKENS_A_PIECE = 20_000;
const CLOSERS = new Map<number, number>([
  [TOKEN.closeBrace, TOKEN.openBrace],
  [TOKEN.closeBracket, TOKEN.openBracket],
]);
const sayPlace = (text: string, offset: number): string => {
  const { line, column } = placeIn(text, offset);
  return `Line ${line}, column ${column}`;
};

/**
 * What the built-in parser would take without a word, or refuse without saying where: brackets nested too deeply, and a field
 * that stands twice in one record (the first would be lost). Linear, without recursion. Null = nothing of the kind.
 */
function* findOddity(text: string): InPieces<string | null> {
  const scanner = createScanner(text, true);
  const open: { readonly kind: number; readonly fields: Set<string> }[] = [];
  let last = { isText: false, value: '', offset: 0 };
  for (let count = 1; ; count++) {
    const token: number = scanner.scan();
    if (token === TOKEN.end) return null;
    // The parser will say what is wrong; looking on would only find more of it.
    if (token === TOKEN.unknown || (scanner.getTokenError() as number) !== NO_ERROR) return null;
    if (token === TOKEN.openBrace || token === TOKEN.openBracket) {
      if (open.length === TREE_FILE_MAX_DEPTH)
        return `${sayPlace(text, scanner.getTokenOffset())}: brackets are nested more than ${TREE_FILE_MAX_DEPTH} deep; a tree file never is.`;
      open.push({ kind: token, fields: new Set() });
    } else if (CLOSERS.has(token)) {
      if (open.pop()?.kind !== CLOSERS.get(token)) return null;
    } else if (token === TOKEN.colon && last.isText && open.at(-1)?.kind === TOKEN.openBrace) {
      const { fields } = open.at(-1)!;
      if (fields.has(last.value))
        return `${sayPlace(text, last.offset)}: the field "${last.value.slice(0, 60)}" stands twice in one record. Which of the two is meant?`;
      fields.add(last.value);
    }
    const isText = token === TOKEN.text;
    last = { isText, value: isText ? scanner.getTokenValue() : '', offset: scanner.getTokenOffset() };
    if (count % TOKENS_A_PIECE === 0) yield;
  }
}

/** Where a text stops being JSON: the first token that cannot stand there. */
function firstFault(text: string): { offset: number; reason: string } {
  const scanner = createScanner(text, true);
  let offset = 0;
  let before: number | null = null;
  const values: readonly number[] = [TOKEN.text, TOKEN.number, TOKEN.true, TOKEN.false, TOKEN.null, TOKEN.openBrace, TOKEN.openBracket];
  const isValue = (token: number): boolean => values.includes(token);
  const ends = (token: number | null): boolean =>
    token !== null && (CLOSERS.has(token) || (isValue(token) && token !== TOKEN.openBrace && token !== TOKEN.openBracket));
  for (;;) {
    const token: number = scanner.scan();
    offset = scanner.getTokenOffset();
    if (token === TOKEN.end) return { offset: text.length, reason: 'it ends too early, or something is missing before' };
    if (token === TOKEN.unknown) return { offset, reason: 'this word means nothing here' };
    if ((scanner.getTokenError() as number) !== NO_ERROR) return { offset, reason: 'this text or number is not finished' };
    if (ends(before) && isValue(token)) return { offset, reason: 'a comma or a colon is missing' };
    if (before === TOKEN.comma && (token === TOKEN.comma || CLOSERS.has(token)))
      return { offset, reason: 'something is missing after the comma' };
    before = token;
  }
}

/** The JSON value of a text, or the sentence that says where and why it is none. */
export function* parseJson(text: string): InPieces<Result<unknown, string>> {
  const odd = yield* findOddity(text);
  if (odd !== null) return err(odd);
  yield;
  try {
    return ok(JSON.parse(text));
  } catch {
    const { offset, reason } = firstFault(text);
    return err(`${sayPlace(text, offset)}: this is not JSON (${reason}).`);
  }
}

const MOST_ENTRIES = 50_000;
const MOST_FIELDS = 500;
const NODES_A_PIECE = 50_000;

/** A list or record so large that looking into it would only take time; null = none. Iterative. */
export function* findOversized(value: unknown): InPieces<string | null> {
  const open: { readonly value: unknown; readonly name: string }[] = [{ value, name: 'the file' }];
  for (let count = 1; open.length > 0; count++) {
    const { value: item, name } = open.pop()!;
    if (count % NODES_A_PIECE === 0) yield;
    if (typeof item !== 'object' || item === null) continue;
    if (Array.isArray(item)) {
      if (item.length > MOST_ENTRIES) return `${name}: the list has ${item.length} entries; no list may have more than ${MOST_ENTRIES}.`;
      for (const entry of item) if (typeof entry === 'object') open.push({ value: entry, name });
      continue;
    }
    const fields = Object.entries(item);
    if (fields.length > MOST_FIELDS) return `${name}: the record has ${fields.length} fields; no record may have more than ${MOST_FIELDS}.`;
    for (const [field, entry] of fields) if (typeof entry === 'object') open.push({ value: entry, name: field.slice(0, 60) });
  }
  return null;
}
