import type { InPieces } from '@/core/base';
import {
  answerKey,
  candidatesOf,
  knownUnits,
  limitedIn,
  mostWorthwhile,
  offersInPieces,
  propose,
  unitKey,
  unitOf,
  unitsByPlace,
  unlike,
  USUAL_SHAPE,
  type Answered,
  type Candidate,
  type ClassSettings,
  type DrillUnit,
  type Impossible,
  type Known,
  type PlannedUnit,
  type Proposal,
  type UnitSpec,
  type Wanted,
} from '@/core/classes';
import { filterTree, opponentsIn, type Filter } from '@/core/lens';
import { findPayoffsInPieces, findPricesInPieces, NOWHERE_KNOWN, questionAgainst, type Elsewhere, type OddsQuestion } from '@/core/odds';
import { levelRank, type Athlete } from '@/core/people';
import { findNewAnswers, withoutMoves } from '@/core/structure';
import { indexOf, type TransitionId, type TreeDocument } from '@/core/tree';
import { letOthersIn } from '@/documents/letOthersIn';
import { solveProgramme } from '../../solver/solveProgramme';

/** A guard or a hub by its id, or a school by name. */
export type Theme = { readonly place: string } | { readonly school: string } | null;
export interface Asked {
  readonly settings: ClassSettings;
  readonly filter: Filter;
  readonly athletes: readonly Athlete[];
  readonly known: Known;
  readonly theme: Theme;
  readonly musts: readonly PlannedUnit[];
  readonly mustNots: readonly UnitSpec[];
  readonly mostNew: number | null;
  /** The best class alone. */
  readonly one?: boolean;
  /** Keys of units that came too short a time ago. */
  readonly soon?: ReadonlySet<string>;
  /** Moves that were drawn this week. */
  readonly drawn?: ReadonlySet<TransitionId>;
  /** What places are worth that go on in another tree; absent = by default. */
  readonly elsewhere?: (shown: TreeDocument, filter: Filter, question: OddsQuestion) => Promise<Elsewhere>;
}
export interface Proposed {
  /** The tree as it is looked at for these people. */
  readonly tree: TreeDocument;
  readonly candidates: readonly Candidate[];
  readonly first: Proposal | Impossible;
  /** At most half of the first's minutes come again in it; null = there is none. */
  readonly second: Proposal | null;
  /** What must be in and is not in the tree as it is looked at. */
  readonly gone: readonly PlannedUnit[];
  /** Minutes of warm-up and close. */
  readonly around: number;
  /** Units that were weighed, of all that the tree offers. */
  readonly weighed: number;
  readonly offered: number;
  /** There are drills, and nobody who comes may do any of them. */
  readonly isNobodyAllowed: boolean;
}

/** A rule card binds all by the youngest and the lowest of those who come: they work with one another. */
function boundBy(filter: Filter, athletes: readonly Athlete[]): Filter {
  if (filter.ruleSet === undefined) return filter;
  const ages = athletes.flatMap(({ age }) => age ?? []);
  const levels = athletes.flatMap(({ level }) => level ?? []).toSorted((a, b) => levelRank(a) - levelRank(b));
  return {
    ...filter,
    ...(filter.age === undefined && ages.length > 0 ? { age: Math.min(...ages) } : {}),
    ...(filter.level === undefined && levels.length > 0 ? { level: levels[0]! } : {}),
  };
}

/** Keys of the units of a school; null = none is asked. */
function schoolOf(tree: TreeDocument, units: readonly DrillUnit[], theme: Theme): ReadonlySet<string> | null {
  if (theme === null || 'place' in theme) return null;
  const { transitions } = indexOf(tree);
  return new Set(
    units.filter((unit) => unit.transitions.some((id) => transitions.get(id)!.schools?.includes(theme.school))).map(({ key }) => key),
  );
}
/** What a class may be about: the place that is asked for, or any one. */
function placesOf(tree: TreeDocument, units: readonly DrillUnit[], theme: Theme): Wanted['places'] {
  const all = unitsByPlace(tree, units);
  if (theme === null || 'school' in theme) return all.size > 0 ? all : null;
  return new Map([[theme.place, all.get(theme.place) ?? new Set<string>()]]);
}

/** What a clearly different class may hold: about another place unless one is asked for, with at most half of the same minutes. */
function otherThan(wanted: Wanted, first: Proposal, theme: Theme): Wanted {
  const others = new Map([...(wanted.places ?? [])].filter(([place]) => place !== first.about));
  return { ...wanted, unlike: unlike(first), ...(theme === null && others.size > 0 ? { places: others } : {}) };
}

/** More units than this are not weighed against one another: those that bring most for their minutes are. */
export const MOST_UNITS = 300;

/** Units that at least one of those who come may work at; of nobody in particular all. */
const workable = (tree: TreeDocument, units: readonly DrillUnit[], athletes: readonly Athlete[]): DrillUnit[] =>
  athletes.length === 0 ? [...units] : units.filter((unit) => limitedIn(tree, unit, athletes).length < athletes.length);

/** What was answered this week, with what it cost before. */
function* answeredInPieces(
  tree: TreeDocument,
  drawn: ReadonlySet<TransitionId>,
  question: OddsQuestion,
  elsewhere: Elsewhere,
): InPieces<Answered[]> {
  const found = findNewAnswers(tree, drawn);
  if (found.length === 0) return [];
  const gaps = [...new Map(found.map((item) => [answerKey(item), item])).values()].map(({ position, read, value }) => ({
    position,
    read,
    value,
  }));
  const prices = yield* findPricesInPieces(withoutMoves(tree, drawn), gaps, question, elsewhere);
  return found.flatMap((item) => {
    const price =
      prices.find(({ gap }) => gap.position === item.position && gap.read === item.read && gap.value === item.value)?.price ?? 0;
    return price > 0 ? [{ ...item, price }] : [];
  });
}

/** The tree as it is looked at for these people, the units that somebody of them may work at, and what practice and teaching bring. */
export async function weighFor(
  whole: TreeDocument,
  { athletes, filter: asked, elsewhere, drawn = new Set() }: Pick<Asked, 'athletes' | 'filter' | 'elsewhere' | 'drawn'>,
  musts: (tree: TreeDocument) => readonly DrillUnit[],
) {
  const filter = boundBy(asked, athletes);
  const tree = filterTree(whole, filter).tree;
  const offers = await letOthersIn(offersInPieces(tree));
  // A must is as the coach has it: in his minutes, on his sides.
  const units = [...new Map([...offers, ...musts(tree)].map((unit) => [unit.key, unit])).values()];
  const question = questionAgainst(opponentsIn(whole, filter));
  const worths = (await elsewhere?.(tree, filter, question)) ?? NOWHERE_KNOWN;
  const payoffs = await letOthersIn(findPayoffsInPieces(tree, question, worths));
  const answers = await letOthersIn(answeredInPieces(tree, drawn, question, worths));
  return { tree, units, possible: workable(tree, units, athletes), payoffs: { ...payoffs, answers } };
}

/** The best class of a tree for a slot and these people, and a clearly different one. */
export async function proposeFrom(whole: TreeDocument, asked: Asked): Promise<Proposed> {
  const { settings, known, mostNew, theme } = asked;
  const wantedIn = (tree: TreeDocument) => asked.musts.flatMap((item) => unitOf(tree, item) ?? []);
  const { tree, units, possible, payoffs } = await weighFor(whole, asked, wantedIn);
  const must = new Set(wantedIn(tree).map(({ key }) => key));
  const ofTheme = theme && 'place' in theme ? (unitsByPlace(tree, possible).get(theme.place) ?? []) : [];
  const candidates = mostWorthwhile(candidatesOf(tree, possible, settings, payoffs, known), MOST_UNITS, new Set([...must, ...ofTheme]));
  const weighed = [...new Map(candidates.map(({ unit }) => [unit.key, unit])).values()];
  const around = settings.warmUpMinutes + settings.debriefMinutes;
  const wanted: Wanted = {
    minutes: settings.slotMinutes - around,
    shape: USUAL_SHAPE,
    mostNew,
    hardInARow: 2,
    musts: [...must],
    // What the coach wants in comes however soon.
    mustNots: [...asked.mustNots.map(unitKey), ...[...(asked.soon ?? [])].filter((key) => !must.has(key))],
    known: knownUnits(possible, known),
    theme: schoolOf(tree, possible, theme),
    places: placesOf(tree, weighed, theme),
  };
  const first = await propose(candidates, settings, wanted, solveProgramme);
  const isOne = asked.one === true || 'impossible' in first;
  const again = isOne ? null : await propose(candidates, settings, otherThan(wanted, first, theme), solveProgramme);
  return {
    ...{ tree, candidates, first, around, weighed: weighed.length, offered: possible.length },
    second: again === null || 'impossible' in again ? null : again,
    gone: asked.musts.filter((item) => !must.has(unitKey(item))),
    isNobodyAllowed: units.length > 0 && possible.length === 0,
  };
}
