import {
  candidatesOf,
  mostWorthwhile,
  offersInPieces,
  propose,
  unitKey,
  unitOf,
  unitsByPlace,
  unlike,
  USUAL_SHAPE,
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
import { findPayoffsInPieces, questionAgainst } from '@/core/odds';
import { levelRank, type Athlete } from '@/core/people';
import { indexOf, type TreeDocument } from '@/core/tree';
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

/** Units whose every move two thirds of those who come have been taught. */
const knownUnits = (units: readonly DrillUnit[], known: Known): ReadonlySet<string> =>
  new Set(
    units
      .filter(
        ({ transitions, kind }) => kind !== 'round' && transitions.length > 0 && transitions.every((id) => known.taughtTo(id) >= 2 / 3),
      )
      .map(({ key }) => key),
  );

/** What a clearly different class may hold: about another place unless one is asked for, with at most half of the same minutes. */
function otherThan(wanted: Wanted, first: Proposal, theme: Theme): Wanted {
  const others = new Map([...(wanted.places ?? [])].filter(([place]) => place !== first.about));
  return { ...wanted, unlike: unlike(first), ...(theme === null && others.size > 0 ? { places: others } : {}) };
}

/** More units than this are not weighed against one another: those that bring most for their minutes are. */
const MOST_UNITS = 300;

/** The best class of a tree for a slot and these people, and a clearly different one. */
export async function proposeFrom(whole: TreeDocument, asked: Asked): Promise<Proposed> {
  const { settings, athletes, known, musts, mustNots, mostNew } = asked;
  const filter = boundBy(asked.filter, athletes);
  const tree = filterTree(whole, filter).tree;
  const must = musts.map((item) => ({ item, unit: unitOf(tree, item) }));
  const offers = await letOthersIn(offersInPieces(tree));
  const units = [...new Map([...offers, ...must.flatMap(({ unit }) => unit ?? [])].map((unit) => [unit.key, unit])).values()];
  const payoffs = await letOthersIn(findPayoffsInPieces(tree, questionAgainst(opponentsIn(whole, filter))));
  const all = candidatesOf(tree, units, settings, payoffs, known);
  const always = new Set([
    ...must.flatMap(({ unit }) => unit?.key ?? []),
    ...(asked.theme && 'place' in asked.theme ? (unitsByPlace(tree, units).get(asked.theme.place) ?? []) : []),
  ]);
  const candidates = mostWorthwhile(all, MOST_UNITS, always);
  const weighed = [...new Map(candidates.map(({ unit }) => [unit.key, unit])).values()];
  const around = settings.warmUpMinutes + settings.debriefMinutes;
  const wanted: Wanted = {
    minutes: settings.slotMinutes - around,
    shape: USUAL_SHAPE,
    mostNew,
    hardInARow: 2,
    musts: must.flatMap(({ unit }) => unit?.key ?? []),
    // What the coach wants in comes however soon.
    mustNots: [...mustNots.map(unitKey), ...[...(asked.soon ?? [])].filter((key) => !must.some(({ unit }) => unit?.key === key))],
    known: knownUnits(units, known),
    theme: schoolOf(tree, units, asked.theme),
    places: placesOf(tree, weighed, asked.theme),
  };
  const first = await propose(candidates, settings, wanted, solveProgramme);
  const again =
    asked.one === true || 'impossible' in first
      ? null
      : await propose(candidates, settings, otherThan(wanted, first, asked.theme), solveProgramme);
  const second = again === null || 'impossible' in again ? null : again;
  return {
    tree,
    candidates,
    first,
    second,
    gone: must.filter(({ unit }) => unit === null).map(({ item }) => item),
    around,
    weighed: weighed.length,
    offered: units.length,
  };
}
