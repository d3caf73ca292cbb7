import {
  candidatesOf,
  offersOf,
  propose,
  unitKey,
  unitOf,
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
import { solveProgramme } from '../solver/solveProgramme';

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

/** Keys of the units of a theme: those through its place, or of its school. */
function themeOf(tree: TreeDocument, units: readonly DrillUnit[], theme: Theme): ReadonlySet<string> | null {
  if (theme === null) return null;
  const { transitions } = indexOf(tree);
  const isOf = ({ start, end, transitions: moves }: DrillUnit): boolean =>
    'place' in theme
      ? start === theme.place || end === theme.place || moves.some((id) => transitions.get(id)!.from === theme.place)
      : moves.some((id) => transitions.get(id)!.schools?.includes(theme.school));
  return new Set(units.filter(isOf).map(({ key }) => key));
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

/** The best class of a tree for a slot and these people, and a clearly different one. */
export async function proposeFrom(whole: TreeDocument, asked: Asked): Promise<Proposed> {
  const { settings, athletes, known, musts, mustNots, mostNew } = asked;
  const filter = boundBy(asked.filter, athletes);
  const tree = filterTree(whole, filter).tree;
  const must = musts.map((item) => ({ item, unit: unitOf(tree, item) }));
  const units = [...new Map([...offersOf(tree), ...must.flatMap(({ unit }) => unit ?? [])].map((unit) => [unit.key, unit])).values()];
  const payoffs = await letOthersIn(findPayoffsInPieces(tree, questionAgainst(opponentsIn(whole, filter))));
  const candidates = candidatesOf(tree, units, settings, payoffs, known);
  const around = settings.warmUpMinutes + settings.debriefMinutes;
  const wanted: Wanted = {
    minutes: settings.slotMinutes - around,
    shape: USUAL_SHAPE,
    mostNew,
    hardInARow: 2,
    musts: must.flatMap(({ unit }) => unit?.key ?? []),
    mustNots: mustNots.map(unitKey),
    known: knownUnits(units, known),
    theme: themeOf(tree, units, asked.theme),
  };
  const first = await propose(candidates, settings, wanted, solveProgramme);
  const again = 'impossible' in first ? null : await propose(candidates, settings, { ...wanted, unlike: unlike(first) }, solveProgramme);
  const second = again === null || 'impossible' in again ? null : again;
  return { tree, candidates, first, second, gone: must.filter(({ unit }) => unit === null).map(({ item }) => item), around };
}
