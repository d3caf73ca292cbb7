import {
  familyFacts,
  namedAt,
  indexOf,
  positionOf,
  type Parameter,
  type Position,
  type PositionId,
  type Transition,
  type TransitionId,
  type TreeDocument,
  type TreeIndex,
  type ValueId,
} from '../tree';
import { isBranch, type Branch } from './branches';

export type UnitKind = 'part' | 'answer' | 'chain';

/** One line of the feeder's job: what to show, where, and what to leave out. */
export interface FeederLine {
  readonly position: PositionId;
  /** null = hold the shape of the position and let it happen. */
  readonly show: ValueId | null;
  readonly then: TransitionId;
  readonly leaveOut: readonly ValueId[];
}

export interface DrillUnit {
  /** Stable while its transitions exist. */
  readonly key: string;
  readonly kind: UnitKind;
  readonly transitions: readonly TransitionId[];
  readonly start: PositionId;
  readonly end: PositionId;
  /** Keys of units that must come before it. */
  readonly prerequisites: readonly string[];
  readonly demonstrationMinutes: number;
  /** Minutes for each partner and side. */
  readonly workMinutes: number;
  /** Range in [0, 100]. */
  readonly resistancePercent: readonly [number, number];
  readonly feeder: readonly FeederLine[];
  readonly checkpoints: readonly string[];
  /** What is chosen within its moves, best first. */
  readonly choices: readonly Parameter[];
  readonly mistakes: readonly { readonly error: string; readonly correction?: string }[];
  readonly cautions: readonly string[];
  /** A chain that several of the chosen branches begin with. */
  readonly common: boolean;
}

const SHAPE: Record<UnitKind, Pick<DrillUnit, 'demonstrationMinutes' | 'workMinutes' | 'resistancePercent'>> = {
  part: { demonstrationMinutes: 1, workMinutes: 0.5, resistancePercent: [0, 0] },
  answer: { demonstrationMinutes: 1, workMinutes: 0.5, resistancePercent: [10, 20] },
  chain: { demonstrationMinutes: 1, workMinutes: 1, resistancePercent: [20, 30] },
};

const partKey = (transition: Transition): string => `part/${transition.id}`;
const answerKey = (transition: Transition, value: ValueId): string => `answer/${transition.id}/${value}`;
const chainKey = (transitions: readonly Transition[]): string => `chain/${transitions.map((transition) => transition.id).join('+')}`;

/** What he shows that the transition answers: its named values, timing left out since that is ours. */
function shownValues(position: Position, transition: Transition): ValueId[] {
  return position.reads
    .filter((read) => read.kind !== 'timing')
    .flatMap((read) => read.values.map((value) => value.id).filter((id) => namedAt(transition.when, read.id).includes(id)));
}

function feederLine(index: TreeIndex, transition: Transition, show: ValueId | null): FeederLine {
  const position = positionOf(index, transition.from);
  // Whatever defeats the move is left out, and so is every other thing he could do to it.
  const others = position.reads
    .filter((read) => read.kind === 'reaction')
    .flatMap((read) => read.values.filter((value) => value.kind !== 'none').map((value) => value.id));
  const leaveOut = [...new Set([...(transition.stoppedBy ?? []), ...others])].filter((id) => id !== show);
  return { position: transition.from, show, then: transition.id, leaveOut };
}

function unitOf(
  index: TreeIndex,
  kind: UnitKind,
  key: string,
  transitions: readonly Transition[],
  feeder: readonly FeederLine[],
  prerequisites: readonly string[],
  common = false,
): DrillUnit {
  const positions = [...transitions.map((transition) => transition.from), transitions.at(-1)!.to].map((id) => positionOf(index, id));
  return {
    key,
    kind,
    transitions: transitions.map((transition) => transition.id),
    start: transitions[0]!.from,
    end: transitions.at(-1)!.to,
    prerequisites,
    ...SHAPE[kind],
    feeder,
    checkpoints: transitions.flatMap((transition) => transition.checkpoints ?? []),
    choices: transitions.flatMap((transition) => transition.parameters ?? []),
    mistakes: transitions.flatMap((transition) => transition.mistakes ?? []),
    cautions: [
      ...new Set([
        ...positions.flatMap((position) => position.hazards ?? []),
        ...transitions.flatMap((transition) => transition.hazards ?? []),
      ]),
    ],
    common,
  };
}

/** Length of the longest beginning that two branches share and that ends in a hub; 0 = none. */
function commonStart(index: TreeIndex, a: readonly Transition[], b: readonly Transition[]): number {
  let length = 0;
  for (let i = 0; i < Math.min(a.length, b.length) && a[i]!.id === b[i]!.id; i++)
    if (familyFacts(positionOf(index, a[i]!.to).family).isHub) length = i + 1;
  return length;
}

/**
 * Drill units of the chosen branches (MODEL §5): each transition as a part, each value it answers as an answer, each
 * branch as a chain, and the beginning that branches share up to a hub as a chain of its own. Every unit once, in an
 * order that respects prerequisites: parts, then answers, then chains. Branches that no longer exist are passed over.
 */
export function unitsOf(tree: TreeDocument, branches: readonly Branch[]): DrillUnit[] {
  const index = indexOf(tree);
  const paths = branches.filter((branch) => isBranch(tree, branch)).map((branch) => branch.map((id) => index.transitions.get(id)!));
  const units = new Map<string, DrillUnit>();
  const add = (unit: DrillUnit): string => {
    if (!units.has(unit.key)) units.set(unit.key, unit);
    return unit.key;
  };
  const line = (transition: Transition): FeederLine =>
    feederLine(index, transition, shownValues(positionOf(index, transition.from), transition)[0] ?? null);
  const addChain = (transitions: readonly Transition[], before: readonly string[], common: boolean): string =>
    add(unitOf(index, 'chain', chainKey(transitions), transitions, transitions.map(line), before, common));
  for (const path of paths) {
    const shared = Math.max(0, ...paths.filter((other) => other !== path).map((other) => commonStart(index, path, other)));
    const before: string[] = [];
    for (const [i, transition] of path.entries()) {
      if (transition.actor === 'owner') {
        const part = add(unitOf(index, 'part', partKey(transition), [transition], [feederLine(index, transition, null)], []));
        const answers = shownValues(positionOf(index, transition.from), transition).map((value) =>
          add(unitOf(index, 'answer', answerKey(transition, value), [transition], [feederLine(index, transition, value)], [part])),
        );
        before.push(part, ...answers);
      }
      if (i + 1 === shared && shared >= 2 && shared < path.length) before.push(addChain(path.slice(0, shared), [...before], true));
    }
    if (path.length >= 2) addChain(path, before, false);
  }
  return [...units.values()];
}
