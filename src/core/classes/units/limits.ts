import { barredWords, feedsOnly, type Athlete } from '../../people';
import { indexOf, positionOf, type TreeDocument } from '../../tree';
import type { DrillUnit } from './units';

/** Somebody who cannot do all of a unit. */
export interface Limited {
  readonly athlete: string;
  readonly name: string;
  /** He may feed and not work · work and not feed · a hazard of the unit is what he must not do. */
  readonly how: 'feeds' | 'works' | 'barred';
  /** What he must not do, in his card's words; '' = he feeds only. */
  readonly word: string;
}
type Role = 'works' | 'feeds';

/** A hazard may begin with whom it touches: "for me: …" the one who works, "for him: …" the one who feeds; else both. */
const TOUCHES = /^for (me|him):\s*/i;

/** All that is said of the risks of a unit to one who works or who feeds; names of its moves and places speak of both. */
function wordsOf(tree: TreeDocument, unit: DrillUnit, role: Role): string {
  const index = indexOf(tree);
  const moves = unit.transitions.map((id) => index.transitions.get(id)!);
  const places = [unit.start, unit.end].map((id) => positionOf(index, id).name);
  const others = role === 'works' ? 'him' : 'me';
  const cautions = unit.cautions.filter((caution) => TOUCHES.exec(caution)?.[1]?.toLowerCase() !== others);
  return [...cautions, ...places, ...moves.flatMap(({ name, tags = [] }) => [name, ...tags])].join(' ').toLowerCase();
}

/** Who of those who come cannot do all of a unit (MODEL §5, people against units); never left out of sight, whatever else is given up. */
export function limitedIn(tree: TreeDocument, unit: DrillUnit, athletes: readonly Athlete[]): Limited[] {
  const words = { works: wordsOf(tree, unit, 'works'), feeds: wordsOf(tree, unit, 'feeds') };
  return athletes.flatMap((athlete): Limited[] => {
    const { id, name } = athlete;
    const barredIn = (role: Role) => barredWords(athlete).filter((word) => words[role].includes(word));
    const [works, feeds] = [barredIn('works'), unit.kind === 'solo' ? [] : barredIn('feeds')];
    const word = [...new Set([...works, ...feeds])].join(', ');
    const onlyFeeds = feedsOnly(athlete) && unit.kind !== 'solo';
    if (feeds.length > 0 && works.length === 0 && !onlyFeeds) return [{ athlete: id, name, how: 'works', word }];
    if (works.length > 0 && feeds.length === 0 && unit.kind !== 'solo') return [{ athlete: id, name, how: 'feeds', word }];
    if (word !== '') return [{ athlete: id, name, how: 'barred', word }];
    return onlyFeeds ? [{ athlete: id, name, how: 'feeds', word: '' }] : [];
  });
}
