import type { ClassPlan } from '@/documents/class/schema';
import {
  classTimeOf,
  findBranches,
  findDrop,
  isBranch,
  plannedUnits,
  type Branch,
  type ClassTime,
  type Drop,
  type DrillUnit,
} from '@/core/drills';
import { filterTree, type Filtered, type HiddenBy } from '@/core/lens';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { sayMine, sayWhen, unitTitle } from '@/core/words';

export interface BranchChoice {
  readonly key: string;
  readonly branch: Branch;
  readonly place: string;
  /** "he locks the legs: I free the foot" */
  readonly first: string;
  readonly onward: string;
  readonly chosen: boolean;
  /** Why the class's filter takes a move of it away; null = it does not. */
  readonly hiddenBy: HiddenBy | null;
}

export interface ClassModel {
  readonly choices: readonly BranchChoice[];
  /** All units of the chosen branches, the coach's minutes put in. */
  readonly all: readonly DrillUnit[];
  /** Those that are in the class. */
  readonly units: readonly DrillUnit[];
  readonly time: ClassTime;
  readonly drop: Drop | null;
  /** Chosen branches that the tree no longer has. */
  readonly lost: number;
}

export const branchKey = (branch: Branch): string => branch.join('+');

function choiceOf(tree: TreeDocument, branch: Branch, chosen: boolean, hidden: Filtered['hidden']): BranchChoice {
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
    chosen,
    hiddenBy: branch.flatMap((id) => hidden.get(id) ?? [])[0] ?? null,
  };
}

/** The class that a plan makes from the tree as it is now. */
export function classModelOf(tree: TreeDocument, plan: ClassPlan): ClassModel {
  const kept = plan.branches.filter((branch) => isBranch(tree, branch));
  const chosen = new Set(kept.map(branchKey));
  const { tree: allowed, hidden } = filterTree(tree, plan.filter ?? {});
  // What the filter leaves is offered; what was chosen before it was set stays, and says so.
  const found = findBranches(allowed).map((item) => item.branch);
  const extra = kept.filter((branch) => !found.some((item) => branchKey(item) === branchKey(branch)));
  const { all, units } = plannedUnits(tree, plan);
  return {
    choices: [...extra, ...found].map((branch) => choiceOf(tree, branch, chosen.has(branchKey(branch)), hidden)),
    all,
    units,
    time: classTimeOf(units, plan),
    drop: findDrop(units, plan),
    lost: plan.branches.length - kept.length,
  };
}

export const dropTitles = (tree: TreeDocument, model: ClassModel): string[] => {
  const keys = new Set(model.drop?.keys);
  return model.units.filter((unit) => keys.has(unit.key)).map((unit) => `${unit.kind}: ${unitTitle(tree, unit)}`);
};
