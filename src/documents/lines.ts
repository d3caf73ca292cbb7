import type { InPieces } from '@/core/base';
import { fieldsOf, rowsOf } from '@/core/document';

/** A document as it is sent. */
export interface Sent<D extends object = object> {
  readonly revision: number;
  readonly document: D;
}

const ROWS_A_PIECE = 50;

/** JSON in which every row of the document's lists has a line of its own, so that a large one can be read in pieces. */
export function writeLines({ revision, document }: Sent, lists: readonly string[]): string {
  const body = document as Record<string, unknown>;
  const isGiven = (field: string): boolean => body[field] !== undefined;
  const fields = fieldsOf(document, lists)
    .filter(isGiven)
    .map((field) => `${JSON.stringify(field)}:${JSON.stringify(body[field])}`);
  const rows = lists.filter(isGiven).map(
    (list) =>
      `${JSON.stringify(list)}:[\n${rowsOf(document, list)
        .map((row) => JSON.stringify(row))
        .join(',\n')}\n]`,
  );
  return `{"revision":${revision},"document":{${[...fields, ...rows].join(',')}}}`;
}

/** Reads what `writeLines` wrote, or any JSON of one line. Throws where it is none. */
export function* readLines(text: string): InPieces<unknown> {
  const found = new Map<string, unknown[]>();
  let rows: unknown[] = [];
  let frame = '';
  for (const [i, line] of text.split('\n').entries()) {
    if (i % ROWS_A_PIECE === 0) yield;
    if (i > 0 && line.startsWith('{')) {
      rows.push(JSON.parse(line.endsWith(',') ? line.slice(0, -1) : line));
      continue;
    }
    frame += line;
    const list = /"([A-Za-z]+)":\[$/.exec(line)?.[1];
    if (list === undefined) continue;
    rows = [];
    found.set(list, rows);
  }
  const whole = JSON.parse(frame) as { document?: Record<string, unknown> };
  for (const [list, items] of found) whole.document![list] = items;
  return whole;
}
