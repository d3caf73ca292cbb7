import { barredWords, feedsOnly, type Athlete } from '../../people';
import { indexOf, positionOf, type TreeDocument } from '../../tree';
import type { DrillUnit } from './units';

/** Somebody who cannot do all of a unit. */
export interface Limited {
  readonly athlete: string;
  readonly name: string;
  /** He feeds and does not work · a hazard of the unit is what he must not do. */
  readonly how: 'feeds' | 'barred';
  /** What he must not do, in his card's word. */
  readonly word: string;
}

/** All that is said of the risks of a unit, and the names of its moves and places. */
function wordsOf(tree: TreeDocument, unit: DrillUnit): string {
  const index = indexOf(tree);
  const moves = unit.transitions.map((id) => index.transitions.get(id)!);
  const places = [unit.start, unit.end].map((id) => positionOf(index, id).name);
  return [...unit.cautions, ...places, ...moves.flatMap(({ name, tags = [] }) => [name, ...tags])].join(' ').toLowerCase();
}

/** Who of those who come cannot do all of a unit (MODEL §5, people against units); never left out of sight, whatever else is given up. */
export function limitedIn(tree: TreeDocument, unit: DrillUnit, athletes: readonly Athlete[]): Limited[] {
  const words = wordsOf(tree, unit);
  return athletes.flatMap((athlete): Limited[] => {
    const { id, name } = athlete;
    const barred = barredWords(athlete).filter((word) => words.includes(word));
    if (barred.length > 0) return [{ athlete: id, name, how: 'barred', word: barred.join(', ') }];
    return feedsOnly(athlete) && unit.kind !== 'solo' ? [{ athlete: id, name, how: 'feeds', word: 'feeder only' }] : [];
  });
}
