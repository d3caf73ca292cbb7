import type { FeederCard } from '@/core/words';
import { drawable, drawHead, FACES, hairTable, onCards, type Doc } from './paper';

const TITLE = 'Feeder cards';

function draw(doc: Doc, { name, lines }: FeederCard, size: number): void {
  drawHead(doc, name, lines.length === 0 ? 'There is nothing in this class yet.' : 'What you do when you feed.', size);
  if (lines.length === 0) return;
  const table = hairTable(doc, ['*']);
  for (const { unit, with: partner, resistance, feeder, calls } of lines) {
    table.row([{ text: drawable([unit, partner].filter(Boolean).join(' ')), font: { src: FACES.strong, size } }]);
    const shown = calls.length > 0 ? [`Show, one after the other: ${calls.join(' · ')}`] : [];
    const said = [`Resistance ${resistance}.`, ...feeder, ...shown].join('\n');
    table.row([{ text: drawable(said), border: { top: 0, right: 0, bottom: 0, left: 0 } }]);
  }
  table.end();
}

/** A card for each who feeds, a page of A5 each. */
export const cardsPdf = (cards: readonly FeederCard[]): Promise<Buffer> =>
  onCards(
    TITLE,
    cards.map((card) => (doc, size) => draw(doc, card, size)),
  );
