import type { PlanRow, PlanSheet } from '@/core/words';
import { cautionCell, drawable, drawHead, FACES, hairTable, MARGIN, onPaper, type Cell, type Doc } from './paper';

function cellsOf(row: PlanRow, size: number): Cell[] {
  const way = [...row.way.map((step, i) => `${i + 1}. ${step}`), `to ${row.ends}`].join('\n');
  const answers = row.answers.map(({ answer, shown, often }) => `${answer}: ${shown}, ${often}`).join('\n');
  return [
    { text: `${drawable(row.guard)}\n${row.finish}`, font: { src: FACES.strong, size } },
    { text: drawable(way) },
    { text: drawable(answers) },
    { text: drawable(row.avoid.join(' ')) },
  ];
}

function draw(doc: Doc, sheet: PlanSheet, size: number): void {
  const inner = doc.page.width - 2 * MARGIN;
  drawHead(doc, sheet.title, [sheet.summary, ...sheet.about].join(' '), size);
  const table = hairTable(doc, [inner * 0.16, inner * 0.38, inner * 0.28, '*']);
  table.row(['', 'the way', 'what he shows, what I do', 'leave'].map((text) => ({ text, font: { src: FACES.figure, size } })));
  for (const row of sheet.rows) table.row(cellsOf(row, size));
  if (sheet.known.length > 0) table.row([{ text: drawable(sheet.known.join(' ')), colSpan: 4 }]);
  table.row([cautionCell(sheet.cautions, 4)]);
  table.end();
}

/** A game plan as a PDF. */
export const planPdf = (sheet: PlanSheet): Promise<Buffer> => onPaper(sheet.title, (doc, size) => draw(doc, sheet, size));
