import { fieldsOf, rowsOf, type Row } from '@/core/document';

const utf8 = new TextEncoder();
/** Bytes of a record in a file with two-space indent, standing `depth` levels deep. */
function bytesOf(record: unknown, depth: number): number {
  const text = JSON.stringify(record, null, 2);
  let lines = 1;
  for (let i = text.indexOf('\n'); i >= 0; i = text.indexOf('\n', i + 1)) lines++;
  return utf8.encode(text).length + 2 * depth * lines + 2;
}

const measured = new WeakMap<object, number>();
/** Bytes of a row in the file, measured once for each record. */
function rowBytes(row: Row): number {
  const known = measured.get(row);
  if (known !== undefined) return known;
  const bytes = bytesOf(row, 2);
  measured.set(row, bytes);
  return bytes;
}

const FRAME_BYTES = 120;
/** Size of the document as a file in normal form; within a hundred bytes of what is written. */
export function sizeOf(document: object, lists: readonly string[]): number {
  const fields = Object.fromEntries(fieldsOf(document, lists).map((field) => [field, (document as Record<string, unknown>)[field]]));
  return (
    FRAME_BYTES +
    bytesOf(fields, 1) +
    lists.reduce((sum, list) => sum + rowsOf(document, list).reduce((rows, row) => rows + rowBytes(row), 0), 0)
  );
}
