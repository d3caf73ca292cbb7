import type { ClassPlan } from '@/documents/class/schema';
import {
  checkOrder,
  classTimeOf,
  findBranches,
  findDrop,
  tooShort,
  KIND_FACTS,
  knownUnits,
  NOTHING_KNOWN,
  specOf,
  type Known,
  PHASES,
  unitKey,
  unitsOf,
  unitsOfBranch,
  type Branch,
  type ClassTime,
  type Drop,
  type DrillUnit,
  type OrderFinding,
  type PlannedUnit,
  type UnitSpec,
} from '@/core/classes';
import { filterTree, type Filtered, type HiddenBy } from '@/core/lens';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { sayMine, sayWhen } from '@/core/words';

export interface BranchChoice {
  readonly key: string;
  readonly branch: Branch;
  readonly place: string;
  /** "he locks the legs: I free the foot" */
  readonly first: string;
  readonly onward: string;
  /** All units of it are in the class. */
  readonly chosen: boolean;
}

export interface ClassModel {
  /** In the order of the class. */
  readonly units: readonly DrillUnit[];
  readonly time: ClassTime;
  readonly drop: Drop;
  readonly findings: readonly OrderFinding[];
  /** Units in which a partner works too little. */
  readonly short: readonly string[];
  /** Planned units of which something is no longer in the tree. */
  readonly lost: readonly PlannedUnit[];
  /** Moves of the class that its filter takes away, and why. */
  readonly barred: ReadonlyMap<string, HiddenBy>;
}

export const branchKey = (branch: Branch): string => JSON.stringify(branch);

function choiceOf(tree: TreeDocument, branch: Branch, keys: ReadonlySet<string>): BranchChoice {
  const index = indexOf(tree);
  const transitions = branch.map((id) => index.transitions.get(id)!);
  const from = positionOf(index, transitions[0]!.from);
  const shown = sayWhen(from, transitions[0]!.when, ['reaction', 'cue']);
  const name = sayMine(transitions[0]!.name);
  return {
    key: branchKey(branch),
    branch,
    place: from.name,
    first: shown === '' ? name : `${shown}: ${name}`,
    onward: transitions.map((transition) => positionOf(index, transition.to).name).join(' → '),
    chosen: unitsOfBranch(tree, branch).every((unit) => keys.has(unitKey(unit))),
  };
}

/** The branches that the class's filter leaves, with those that are in the class marked. */
export function branchChoices(tree: TreeDocument, plan: ClassPlan): BranchChoice[] {
  const keys = new Set(plan.units.map(unitKey));
  const { tree: allowed } = filterTree(tree, plan.filter ?? {});
  return findBranches(allowed).map(({ branch }) => choiceOf(tree, branch, keys));
}

const barredIn = (units: readonly DrillUnit[], hidden: Filtered['hidden']): ReadonlyMap<string, HiddenBy> =>
  new Map(units.flatMap(({ transitions }) => transitions).flatMap((id) => (hidden.has(id) ? [[id, hidden.get(id)!] as const] : [])));

/** The class that a plan makes from the tree as it is now, for those who were taught so much. */
export function classModelOf(tree: TreeDocument, plan: ClassPlan, taught: Known = NOTHING_KNOWN): ClassModel {
  const { units, lost } = unitsOf(tree, plan.units);
  const needed = units.flatMap(({ prerequisites }) => prerequisites).flatMap((key) => specOf(key) ?? []);
  const known = knownUnits(unitsOf(tree, needed).units, taught);
  return {
    units,
    lost,
    time: classTimeOf(units, plan),
    drop: findDrop(units, plan),
    findings: checkOrder(units, { known, cap: plan.cap ?? null }),
    short: tooShort(units, plan),
    barred: barredIn(units, filterTree(tree, plan.filter ?? {}).hidden),
  };
}

/** The same for the other side; of one for the other side, itself. */
export const otherSide = ({ spec }: DrillUnit): UnitSpec => ({ ...spec, mirrored: true });
/** A unit is then for one side, and after it comes the other, with what was decided of it. */
export function withOtherSide(units: readonly PlannedUnit[], unit: DrillUnit): PlannedUnit[] {
  return units.flatMap((item) => {
    if (unitKey(item) !== unit.key) return [item];
    // It builds on the first, which has been shown.
    const { sides: _, needs: _needs, demonstration: _shown, ...same } = item;
    return [
      { ...item, sides: 1 },
      { ...same, mirrored: true },
    ];
  });
}

const keyed = (units: readonly PlannedUnit[]) => new Map(units.map((unit) => [unitKey(unit), unit]));

/** The plan with a unit where its phase ends, or without it. */
export function withUnits(units: readonly PlannedUnit[], more: readonly UnitSpec[]): PlannedUnit[] {
  const have = keyed(units);
  const rank = ({ kind }: UnitSpec): number => PHASES.indexOf(KIND_FACTS[kind].phase);
  const list = [...units];
  for (const unit of more) {
    if (have.has(unitKey(unit))) continue;
    const later = list.findIndex((item) => rank(item) > rank(unit));
    list.splice(later < 0 ? list.length : later, 0, unit);
  }
  return list;
}

/** The plan with one unit moved to where another stands. */
export function moved(units: readonly PlannedUnit[], key: string, to: number): PlannedUnit[] {
  const from = units.findIndex((unit) => unitKey(unit) === key);
  const unit = units[from];
  return unit ? units.toSpliced(from, 1).toSpliced(Math.max(0, Math.min(units.length - 1, to)), 0, unit) : [...units];
}
