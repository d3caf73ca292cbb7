import path from 'node:path';
import { setImmediate } from 'node:timers/promises';
import PDFDocument from 'pdfkit';

const FONTS = path.join(process.cwd(), 'node_modules/@fontsource');
export const FACES = {
  text: path.join(FONTS, 'source-sans-3/files/source-sans-3-latin-400-normal.woff'),
  strong: path.join(FONTS, 'source-sans-3/files/source-sans-3-latin-600-normal.woff'),
  figure: path.join(FONTS, 'fira-sans-extra-condensed/files/fira-sans-extra-condensed-latin-600-normal.woff'),
};
export const INK = '#1b1916';
export const RED = '#b3261e';
export const HAIR = '#cfc8ba';
export const MARGIN = 28;
export const GAP = 8;
/** In pt, the largest that holds all of it on one page is taken; nothing smaller is read at the mat. */
const SIZES = [11, 10.5, 10, 9.5, 9];
const PAGED_SIZE = 9;

export type Doc = PDFKit.PDFDocument;
export type Cell = PDFKit.Mixins.CellOptions;
/** Draws all of it at a type size, on as many pages as that needs. */
export type Draw = (doc: Doc, size: number) => void;

/** The shipped faces hold Western European letters; others are written without their marks, or as "?". */
export const drawable = (text: string): string =>
  text.replace(/[^\n\u0020-\u00ff\u2010-\u2026·½]/g, (char) => char.normalize('NFKD').replace(/[^\u0020-\u00ff]/g, '') || '?');

/** Title and what stands under it. */
export function drawHead(doc: Doc, title: string, summary: string, size: number): void {
  const width = doc.page.width - 2 * MARGIN;
  doc
    .font(FACES.figure, size * 2.1)
    .fillColor(INK)
    .text(drawable(title), { width });
  doc.font(FACES.text, size).text(drawable(summary), { width }).moveDown(0.5);
}

/** A table of these columns with a hair line over every row. */
export const hairTable = (doc: Doc, columnStyles: (number | '*')[]) =>
  doc.table({
    columnStyles,
    defaultStyle: {
      textColor: INK,
      border: { top: 0.5, right: 0, bottom: 0, left: 0 },
      borderColor: HAIR,
      padding: { top: 2, right: GAP, bottom: 2, left: 0 },
    },
  });

/** The last row of a table: what is to be taken care of. */
export const cautionCell = (cautions: readonly string[], colSpan: number): Cell => ({
  text: drawable(cautions.join(' ')),
  colSpan,
  border: { top: 0, right: 0, bottom: 0, left: 2 },
  borderColor: RED,
  padding: { top: 5, right: 0, bottom: 0, left: GAP },
});

const newDocument = (title: string, size: 'A4' | 'A5' = 'A4', autoFirstPage = true): Doc =>
  new PDFDocument({
    size,
    autoFirstPage,
    margin: MARGIN,
    bufferPages: true,
    info: { Title: title, Producer: 'Red Ladder', Creator: 'Red Ladder' },
  });

/** Finds the largest type size at which something is one page; null = none is. Tried in one document, whose fonts remember their words. */
function sizer(title: string, paper: 'A4' | 'A5' = 'A4'): (draw: Draw) => number | null {
  const trial = newDocument(title, paper);
  return (draw) => {
    const fits = (size: number): boolean => {
      const before = trial.addPage().bufferedPageRange().count;
      draw(trial, size);
      return trial.bufferedPageRange().count === before;
    };
    let [low, high] = [0, SIZES.length];
    while (low < high) {
      const middle = Math.floor((low + high) / 2);
      if (fits(SIZES[middle]!)) high = middle;
      else low = middle + 1;
    }
    return SIZES[low] ?? null;
  };
}

function written(doc: Doc, fill: (doc: Doc) => void): Promise<Buffer> {
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  fill(doc);
  doc.end();
  return done;
}

/** As a PDF: one A4 page at the largest type size at which it fits, or whole pages of readable type if none does. */
export const onPaper = (title: string, draw: Draw): Promise<Buffer> =>
  written(newDocument(title), (doc) => draw(doc, sizer(title)(draw) ?? PAGED_SIZE));

/** As a PDF of cards: each begins a page of A5, in the largest type at which it is one; one card at a time, so that others come in between. */
export async function onCards(title: string, cards: readonly Draw[]): Promise<Buffer> {
  const sizeOf = sizer(title, 'A5');
  const sizes: number[] = [];
  for (const draw of cards) {
    sizes.push(sizeOf(draw) ?? PAGED_SIZE);
    await setImmediate();
  }
  return written(newDocument(title, 'A5', false), (doc) => cards.forEach((draw, i) => draw(doc.addPage(), sizes[i]!)));
}
