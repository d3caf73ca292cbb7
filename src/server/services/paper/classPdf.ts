import { minutesText, type ClassSheet, type SheetRow } from '@/core/words';
import { cautionCell, drawable, drawHead, FACES, hairTable, MARGIN, onPaper, type Cell, type Doc } from './paper';

/** A row with more lines for the feeder than this goes on in a row of its own: no row is higher than a page. */
const LINES_OF_ROW = 20;

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

function draw(doc: Doc, sheet: ClassSheet, size: number): void {
  const inner = doc.page.width - 2 * MARGIN;
  drawHead(doc, sheet.title, sheet.summary, size);
  const table = hairTable(doc, [36, 32, inner * 0.3, inner * 0.37, '*']);
  for (const row of sheet.rows) for (const cells of cellsOf(row, size)) table.row(cells);
  table.row([cautionCell(sheet.cautions, 5)]);
  table.end();
}

/** The class as a PDF. */
export const classPdf = (sheet: ClassSheet): Promise<Buffer> => onPaper(sheet.title, (doc, size) => draw(doc, sheet, size));
