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

const partKey = (move: Transition): string => `part/${move.id}`;
const answerKey = (move: Transition, value: ValueId): string => `answer/${move.id}/${value}`;
const chainKey = (moves: readonly Transition[]): string => `chain/${moves.map((move) => move.id).join('+')}`;

/** What he shows that the transition answers: its named values, timing left out since that is ours. */
function shownValues(position: Position, move: Transition): ValueId[] {
  return position.reads
    .filter((read) => read.kind !== 'timing')
    .flatMap((read) => read.values.map((value) => value.id).filter((id) => namedAt(move.when, read.id).includes(id)));
}

function feederLine(index: TreeIndex, move: Transition, show: ValueId | null): FeederLine {
  const position = positionOf(index, move.from);
  // Whatever defeats the move is left out, and so is every other thing he could do to it.
  const others = position.reads
    .filter((read) => read.kind === 'reaction')
    .flatMap((read) => read.values.filter((value) => value.kind !== 'none').map((value) => value.id));
  const leaveOut = [...new Set([...(move.stoppedBy ?? []), ...others])].filter((id) => id !== show);
  return { position: move.from, show, then: move.id, leaveOut };
}

function unitOf(
  index: TreeIndex,
  kind: UnitKind,
  key: string,
  moves: readonly Transition[],
  feeder: readonly FeederLine[],
  prerequisites: readonly string[],
  common = false,
): DrillUnit {
  const places = [...moves.map((move) => move.from), moves.at(-1)!.to].map((id) => positionOf(index, id));
  return {
    key,
    kind,
    transitions: moves.map((move) => move.id),
    start: moves[0]!.from,
    end: moves.at(-1)!.to,
    prerequisites,
    ...SHAPE[kind],
    feeder,
    checkpoints: moves.flatMap((move) => move.checkpoints ?? []),
    choices: moves.flatMap((move) => move.parameters ?? []),
    mistakes: moves.flatMap((move) => move.mistakes ?? []),
    cautions: [...new Set([...places.flatMap((place) => place.hazards ?? []), ...moves.flatMap((move) => move.hazards ?? [])])],
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
  const line = (move: Transition): FeederLine => feederLine(index, move, shownValues(positionOf(index, move.from), move)[0] ?? null);
  const addChain = (moves: readonly Transition[], before: readonly string[], common: boolean): string =>
    add(unitOf(index, 'chain', chainKey(moves), moves, moves.map(line), before, common));
  for (const path of paths) {
    const shared = Math.max(0, ...paths.filter((other) => other !== path).map((other) => commonStart(index, path, other)));
    const before: string[] = [];
    for (const [i, move] of path.entries()) {
      if (move.actor === 'owner') {
        const part = add(unitOf(index, 'part', partKey(move), [move], [feederLine(index, move, null)], []));
        const answers = shownValues(positionOf(index, move.from), move).map((value) =>
          add(unitOf(index, 'answer', answerKey(move, value), [move], [feederLine(index, move, value)], [part])),
        );
        before.push(part, ...answers);
      }
      if (i + 1 === shared && shared >= 2 && shared < path.length) before.push(addChain(path.slice(0, shared), [...before], true));
    }
    if (path.length >= 2) addChain(path, before, false);
  }
  return [...units.values()];
}
