import { callFeeder, feederOf, sideOf, type DrillUnit, type Pairing } from '../../classes';
import { seededRandom } from '../../base';
import { findValue, indexOf, positionOf, sharesOf, type TreeDocument } from '../../tree';
import { feederSentence, resistanceText, sayLeaveOut, UNIT_WORDS } from './drills';

/** One unit on the card of somebody who feeds. */
export interface CardLine {
  readonly unit: string;
  /** "with Esa Birk" */
  readonly with: string;
  readonly resistance: string;
  readonly feeder: readonly string[];
  /** What to show, call by call; [] = he is told by the line above. */
  readonly calls: readonly string[];
}
export interface FeederCard {
  readonly name: string;
  readonly lines: readonly CardLine[];
}

const CALLS = 12;
/** What the feeder of a read shows, call by call, in shares of the tree (MODEL §5, feeder caller). */
export function callsOf(tree: TreeDocument, unit: DrillUnit, seed: number): string[] {
  if (unit.kind !== 'read') return [];
  const position = positionOf(indexOf(tree), unit.start);
  const shown = feederOf(unit).flatMap(({ show }) => show ?? []);
  const shareOf = new Map(position.reads.flatMap((read) => sharesOf(read)).map(({ value, share }) => [value, share]));
  const weights = shown.map((id) => shareOf.get(id) ?? 0);
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const shares = weights.map((weight) => (total === 0 ? 1 / shown.length : weight / total));
  return callFeeder(shares, CALLS, seededRandom(seed)).map((i) => findValue(position, shown[i]!)!.value.name);
}

/**
 * A card for each who comes, of what he does when it is his turn to feed, unit by unit with the partner of that unit: what the one who
 * works is to do is not on it. `rounds`: the pairs of each unit; null = nobody is named, one card for all.
 */
export function feederCardsOf(
  tree: TreeDocument,
  units: readonly DrillUnit[],
  rounds: readonly (readonly Pairing[])[] | null,
  names: ReadonlyMap<string, string>,
  seed: number,
): FeederCard[] {
  const lineOf = (unit: DrillUnit, partner: string, ofWhom: number, i: number): CardLine => {
    const said = sideOf(tree, unit.spec);
    const feeder = feederOf(unit);
    const out = sayLeaveOut(said, feeder);
    return {
      // Where it begins, not what is done: that would tell him what is coming.
      ...{
        unit: `${i + 1}. ${UNIT_WORDS[unit.kind]}, ${positionOf(indexOf(said), unit.start).name}${unit.spec.mirrored ? ', mirrored' : ''}`,
        with: partner,
        resistance: resistanceText(unit),
      },
      feeder: [...feeder.map((line) => feederSentence(said, line)), ...(out === '' ? [] : [out])],
      calls: callsOf(said, unit, seed * 1000 + i * 50 + ofWhom),
    };
  };
  if (rounds === null) return [{ name: 'The feeder', lines: units.map((unit, i) => lineOf(unit, '', 0, i)) }];
  return [...names].map(([id, name], ofWhom) => ({
    name,
    lines: units.flatMap((unit, i): CardLine[] => {
      const group = rounds[i]?.find((item) => item.includes(id));
      if (!group) return [];
      const others = group.filter((item) => item !== id).map((item) => names.get(item) ?? '');
      return [lineOf(unit, `with ${others.join(' and ')}${group.length === 3 ? ', in turn' : ''}`, ofWhom, i)];
    }),
  }));
}
