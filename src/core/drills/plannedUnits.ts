import { ownField } from '../base';
import type { TreeDocument } from '../tree';
import { isBranch, type Branch } from './branches';
import { withDependents } from './classTime';
import { unitsOf, type DrillUnit } from './units';

/** What the coach decided over what is derived: chosen branches, minutes by unit key, units left out. */
export interface Choices {
  readonly branches: readonly Branch[];
  readonly workMinutes: Readonly<Record<string, number>>;
  readonly dropped: readonly string[];
}

/** All units of the chosen branches with the coach's minutes, and those that stay in the class. */
export function plannedUnits(tree: TreeDocument, choices: Choices): { all: readonly DrillUnit[]; units: readonly DrillUnit[] } {
  const branches = choices.branches.filter((branch) => isBranch(tree, branch));
  const all = unitsOf(tree, branches).map((unit) => ({
    ...unit,
    workMinutes: ownField(choices.workMinutes, unit.key) ?? unit.workMinutes,
  }));
  const gone = withDependents(all, choices.dropped);
  return { all, units: all.filter((unit) => !gone.has(unit.key)) };
}
