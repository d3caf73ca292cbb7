import path from 'node:path';
import PDFDocument from 'pdfkit';
import { minutesText, type ClassSheet, type SheetRow } from '@/core/words';

const FONTS = path.join(process.cwd(), 'node_modules/@fontsource');
const FACES = {
  text: path.join(FONTS, 'source-sans-3/files/source-sans-3-latin-400-normal.woff'),
  strong: path.join(FONTS, 'source-sans-3/files/source-sans-3-latin-600-normal.woff'),
  figure: path.join(FONTS, 'fira-sans-extra-condensed/files/fira-sans-extra-condensed-latin-600-normal.woff'),
};
const INK = '#1b1916';
const RED = '#b3261e';
const HAIR = '#cfc8ba';
const MARGIN = 28;
const GAP = 8;
/** In pt, the largest that holds all of it on one page is taken; nothing smaller is read at the mat. */
const SIZES = [11, 10.5, 10, 9.5, 9];
const PAGED_SIZE = 9;

type Doc = PDFKit.PDFDocument;

/** The shipped faces hold Western European letters; others are written without their marks, or as "?". */
export const drawable = (text: string): string =>
  text.replace(/[^\n\u0020-\u00ff\u2010-\u2026·½]/g, (char) => char.normalize('NFKD').replace(/[^\u0020-\u00ff]/g, '') || '?');

/** A row with more lines for the feeder than this goes on in a row of its own: no row is higher than a page. */
const LINES_OF_ROW = 20;

type Cell = PDFKit.Mixins.CellOptions;

/** Minutes from the start, minutes, what, the feeder's lines, what to watch; in as many rows of the table as its lines need. */
function cellsOf(row: SheetRow, size: number): Cell[][] {
  const what = `${row.title}\n${[row.what, row.resistance && `resistance: ${row.resistance}`].filter(Boolean).join('; ')}`;
  const lines = row.feeder.length === 0 ? [[]] : chunksOf(row.feeder, LINES_OF_ROW);
  return lines.map((part, i): Cell[] => {
    const texts = i === 0 ? [minutesText(row.minutes), what, part.join(' '), row.watch.join('; ')] : ['', '', part.join(' '), ''];
    return [
      { text: i === 0 ? drawable(minutesText(row.from)) : '', font: { src: FACES.strong, size } },
      ...texts.map((text) => ({ text: drawable(text) })),
    ];
  });
}

const chunksOf = <T>(items: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.ceil(items.length / size) }, (_, i) => items.slice(i * size, (i + 1) * size));

/** The sheet at a type size, on as many pages as that needs. */
function draw(doc: Doc, sheet: ClassSheet, size: number): void {
  const inner = doc.page.width - 2 * MARGIN;
  doc
    .font(FACES.figure, size * 2.1)
    .fillColor(INK)
    .text(drawable(sheet.title), { width: inner });
  doc.font(FACES.text, size).text(drawable(sheet.summary), { width: inner }).moveDown(0.5);
  const table = doc.table({
    columnStyles: [36, 32, inner * 0.3, inner * 0.37, '*'],
    defaultStyle: {
      textColor: INK,
      border: { top: 0.5, right: 0, bottom: 0, left: 0 },
      borderColor: HAIR,
      padding: { top: 2, right: GAP, bottom: 2, left: 0 },
    },
  });
  for (const row of sheet.rows) for (const cells of cellsOf(row, size)) table.row(cells);
  const cautions = { text: drawable(sheet.cautions.join(' ')), colSpan: 5, border: { top: 0, right: 0, bottom: 0, left: 2 } };
  table.row([{ ...cautions, borderColor: RED, padding: { top: 5, right: 0, bottom: 0, left: GAP } }]);
  table.end();
}

const newDocument = (sheet: ClassSheet): Doc =>
  new PDFDocument({
    size: 'A4',
    margin: MARGIN,
    bufferPages: true,
    info: { Title: sheet.title, Producer: 'Red Ladder', Creator: 'Red Ladder' },
  });

/** The largest type size at which the sheet is one page; null = none is. Tried in one document, whose fonts remember their words. */
function findSize(sheet: ClassSheet): number | null {
  const trial = newDocument(sheet);
  const fits = (size: number): boolean => {
    const before = trial.addPage().bufferedPageRange().count;
    draw(trial, sheet, size);
    return trial.bufferedPageRange().count === before;
  };
  let [low, high] = [0, SIZES.length];
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (fits(SIZES[middle]!)) high = middle;
    else low = middle + 1;
  }
  return SIZES[low] ?? null;
}

/** The sheet as a PDF: one A4 page at the largest type size at which it fits, or whole pages of readable type if none does. */
export function classPdf(sheet: ClassSheet): Promise<Buffer> {
  const size = findSize(sheet) ?? PAGED_SIZE;
  const doc = newDocument(sheet);
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  draw(doc, sheet, size);
  doc.end();
  return done;
}
