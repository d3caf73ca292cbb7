import type { TransitionId } from '../../tree';
import { sidesOf, type ClassSettings } from '../clock/time';
import type { DrillUnit } from '../units/units';

/** A path that a repetition of a unit may take, and how often the feeder chooses it. */
export interface Path {
  readonly transitions: readonly TransitionId[];
  /** In any unit; absent in all = equally often. */
  readonly share?: number;
}
export interface Repeated {
  readonly transition: TransitionId;
  /** Of one athlete in the worker's role. */
  readonly left: number;
  readonly right: number;
}

/** Paths a minute, where nothing was counted: a move of twenty seconds and as long to begin again. */
export const PACE = 1.5;

/** What is done in a repetition: each stage as long as the others; of a read one of its answers. */
export const pathsOf = ({ kind, stages, transitions }: DrillUnit): Path[] =>
  kind === 'read'
    ? transitions.map((id) => ({ transitions: [id] }))
    : stages.filter((stage) => stage.transitions.length > 0).map((stage) => ({ transitions: stage.transitions }));

/** Expected repetitions of each move for minutes of work on one side: minutes × pace × share, twice on a path counts twice. */
export function repetitionsFor(paths: readonly Path[], minutes: number, pace = PACE): Map<TransitionId, number> {
  const given = paths.some(({ share }) => share !== undefined);
  const total = paths.reduce((sum, { share = 0 }) => sum + share, 0);
  const counted = new Map<TransitionId, number>();
  for (const { transitions, share = 0 } of paths) {
    const part = given && total > 0 ? share / total : 1 / paths.length;
    for (const id of transitions) counted.set(id, (counted.get(id) ?? 0) + minutes * pace * part);
  }
  return counted;
}

/** Repetitions of every move of a class for one who works in every unit: on the right where it is one side, mirrored on the left. */
export function repetitionsOf(units: readonly DrillUnit[], settings: Pick<ClassSettings, 'bothSides'>, pace = PACE): Repeated[] {
  const all = new Map<TransitionId, { left: number; right: number }>();
  for (const unit of units) {
    const both = sidesOf(unit, settings) === 2;
    for (const [id, count] of repetitionsFor(pathsOf(unit), unit.workMinutes, pace)) {
      const { left, right } = all.get(id) ?? { left: 0, right: 0 };
      const isLeft = unit.spec.mirrored === true;
      all.set(id, { left: left + (both || isLeft ? count : 0), right: right + (isLeft ? 0 : count) });
    }
  }
  return [...all].map(([transition, counts]) => ({ transition, ...counts }));
}
