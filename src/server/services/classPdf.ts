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
const SIZES = [9.5, 9, 8.5, 8, 7.5, 7, 6.5, 6, 5.5];
/** Of a class that no single page holds. */
const PAGED_SIZE = 7.5;

type Doc = PDFKit.PDFDocument;

/** The shipped faces hold Western European letters; others are written without their marks, or as "?". */
const drawable = (text: string): string =>
  text.replace(/[^\u0020-\u00ff\u2010-\u2026·½]/g, (char) => char.normalize('NFKD').replace(/[^\u0020-\u00ff]/g, '') || '?');

interface Column {
  readonly x: number;
  readonly width: number;
  readonly text: string;
  readonly font: keyof typeof FACES;
}

function columnsOf(row: SheetRow, inner: number): Column[] {
  const widths = [28, 24, inner * 0.3, inner * 0.37];
  const starts = widths.map((_, i) => MARGIN + widths.slice(0, i).reduce((sum, width) => sum + width + GAP, 0));
  const last = starts[3]! + widths[3]! + GAP;
  const what = [row.what, row.resistance && `resistance: ${row.resistance}`].filter(Boolean).join('\n');
  return [
    { x: starts[0]!, width: widths[0]!, text: minutesText(row.from), font: 'figure' },
    { x: starts[1]!, width: widths[1]!, text: minutesText(row.minutes), font: 'text' },
    { x: starts[2]!, width: widths[2]!, text: `${row.title}\n${what}`, font: 'text' },
    { x: starts[3]!, width: widths[3]!, text: row.feeder.join('\n'), font: 'text' },
    { x: last, width: MARGIN + inner - last, text: row.watch.join('; '), font: 'text' },
  ];
}

/** Draws (or with `dry` only measures) the sheet at a type size; returns the height used. Rows that reach below `bottom` go to a next page. */
function draw(doc: Doc, sheet: ClassSheet, size: number, dry: boolean, bottom = Infinity): number {
  const inner = doc.page.width - 2 * MARGIN;
  let y = MARGIN;
  const heightOf = (text: string, width: number, font: keyof typeof FACES, at: number): number => {
    const words = drawable(text);
    return words === '' ? 0 : doc.font(FACES[font]).fontSize(at).heightOfString(words, { width });
  };
  const put = (text: string, x: number, width: number, font: keyof typeof FACES, at: number): number => {
    const words = drawable(text);
    if (!dry && words !== '') doc.font(FACES[font]).fontSize(at).fillColor(INK).text(words, x, y, { width });
    return heightOf(text, width, font, at);
  };
  const breakBefore = (height: number): void => {
    if (y + height <= bottom) return;
    if (!dry) doc.addPage();
    y = MARGIN;
  };
  y += put(sheet.title, MARGIN, inner, 'figure', size * 2.1);
  y += put(sheet.summary, MARGIN, inner, 'text', size) + 5;
  for (const row of sheet.rows) {
    const columns = columnsOf(row, inner);
    const height = Math.max(...columns.map((column) => heightOf(column.text, column.width, column.font, size)));
    breakBefore(height + 4);
    if (!dry)
      doc
        .moveTo(MARGIN, y)
        .lineTo(MARGIN + inner, y)
        .lineWidth(0.5)
        .strokeColor(HAIR)
        .stroke();
    y += 2;
    for (const column of columns) put(column.text, column.x, column.width, column.font, size);
    y += height + 2;
  }
  const cautions = sheet.cautions.join(' ');
  breakBefore(heightOf(cautions, inner - 8, 'text', size) + 5);
  y += 5;
  const top = y;
  y += put(cautions, MARGIN + 8, inner - 8, 'text', size);
  if (!dry)
    doc
      .moveTo(MARGIN + 1, top)
      .lineTo(MARGIN + 1, y)
      .lineWidth(2)
      .strokeColor(RED)
      .stroke();
  return y;
}

/** The sheet as a PDF: one A4 page at the largest type size at which it fits, or whole pages of readable type if none does. */
export function classPdf(sheet: ClassSheet): Promise<Buffer> {
  const doc = new PDFDocument({
    size: 'A4',
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: 0 },
    info: { Title: sheet.title, Producer: 'Red Ladder', Creator: 'Red Ladder' },
  });
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  const bottom = doc.page.height - MARGIN;
  const size = SIZES.find((candidate) => draw(doc, sheet, candidate, true) <= bottom);
  draw(doc, sheet, size ?? PAGED_SIZE, false, bottom);
  doc.end();
  return done;
}
