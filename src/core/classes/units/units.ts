import {
  findValue,
  isGoal,
  landingsOf,
  namedAt,
  indexOf,
  opponentTransitions,
  ownerOptions,
  positionOf,
  type Mistake,
  type Parameter,
  type Position,
  type PositionId,
  type Transition,
  type TransitionId,
  type TreeDocument,
  type TreeIndex,
  type ValueId,
} from '../../tree';
import { isOneSided, mirrorTree } from '../../lens';
import { isBranch } from './branches';
import { KIND_FACTS, SHOWN_AGAIN, unitKey, type Phase, type PlannedUnit, type UnitKind, type UnitSpec } from './spec';

/** One line of the feeder's job: what to show, where, and what to leave out. */
export interface FeederLine {
  readonly position: PositionId;
  /** null = hold the shape of the position and let it happen. */
  readonly show: ValueId | null;
  /** What the partner then does; null = it is his to find. */
  readonly then: TransitionId | null;
  readonly leaveOut: readonly ValueId[];
}
/** One stage of a unit: how hard the feeder is, and what he does. */
export interface Stage {
  /** What is done in it, in order. */
  readonly transitions: readonly TransitionId[];
  /** Range in [0, 100]. */
  readonly resistance: readonly [number, number];
  readonly feeder: readonly FeederLine[];
}

export interface DrillUnit {
  readonly key: string;
  readonly spec: UnitSpec;
  readonly kind: UnitKind;
  readonly phase: Phase;
  /** Every move of it once, in order; none = a round. */
  readonly transitions: readonly TransitionId[];
  readonly start: PositionId;
  readonly end: PositionId;
  /** Where a repetition counts as finished. */
  readonly accepted: readonly PositionId[];
  /** Keys of units that must come before it. */
  readonly prerequisites: readonly string[];
  readonly demonstrationMinutes: number;
  /** Minutes of one partner, in one role, on one side, all stages together. */
  readonly workMinutes: number;
  /** Null = those of the class. */
  readonly sides: 1 | 2 | null;
  readonly stages: readonly Stage[];
  readonly checkpoints: readonly string[];
  /** What is chosen within its moves, best first. */
  readonly choices: readonly Parameter[];
  readonly mistakes: readonly Mistake[];
  readonly cautions: readonly string[];
}

export const feederOf = ({ stages }: DrillUnit): readonly FeederLine[] => {
  const lines = stages.flatMap(({ feeder }) => feeder);
  // A chain shows the same at every stage: said once.
  return lines.filter((line, i) => lines.findIndex((other) => JSON.stringify(other) === JSON.stringify(line)) === i);
};
/** The least and the most of all stages. */
export const resistanceOf = ({ stages }: { readonly stages: readonly Pick<Stage, 'resistance'>[] }): readonly [number, number] => [
  Math.min(...stages.map(({ resistance }) => resistance[0])),
  Math.max(...stages.map(({ resistance }) => resistance[1])),
];

/** What he shows that the transition answers: its named values, timing left out since that is ours. */
export function shownValues(position: Position, transition: Transition): ValueId[] {
  return position.reads
    .filter((read) => read.kind !== 'timing')
    .flatMap((read) => read.values.map((value) => value.id).filter((id) => namedAt(transition.when, read.id).includes(id)));
}

const optionsAt = (index: TreeIndex, id: PositionId): Transition[] =>
  ownerOptions(index, id).toSorted((a, b) => (b.priority ?? 0) - (a.priority ?? 0));
/** The first of the owner's moves that answers what is shown there, in the coach's order; undefined = none does. */
const answerTo = (index: TreeIndex, position: Position, value: ValueId): Transition | undefined =>
  optionsAt(index, position.id).find((move) => shownValues(position, move).includes(value));

function lineOf(index: TreeIndex, transition: Transition, show: ValueId | null, then: TransitionId | null = transition.id): FeederLine {
  const position = positionOf(index, transition.from);
  // Whatever defeats the move is left out, and so is every other thing he could do to it.
  const others = position.reads
    .filter((read) => read.kind === 'reaction')
    .flatMap((read) => read.values.filter((value) => value.kind !== 'none').map((value) => value.id));
  const leaveOut = [...new Set([...(transition.stoppedBy ?? []), ...others])].filter((id) => id !== show);
  return { position: transition.from, show, then, leaveOut };
}
const firstLine = (index: TreeIndex, transition: Transition): FeederLine =>
  lineOf(index, transition, shownValues(positionOf(index, transition.from), transition)[0] ?? null);

const moveKey = (id: TransitionId): string => unitKey({ kind: 'move', of: [id] });
const NONE = [0, 0] as const;
const LIGHT = [10, 15] as const;
const WORKING = [20, 30] as const;

const LIVE = [60, 100] as const;

type Made = Pick<DrillUnit, 'transitions' | 'start' | 'end' | 'accepted' | 'prerequisites' | 'stages'>;

function moveMade(index: TreeIndex, move: Transition): Made {
  const position = positionOf(index, move.from);
  const cooperative: Stage = { transitions: [move.id], resistance: NONE, feeder: [lineOf(index, move, null)] };
  const answered = shownValues(position, move).map((value) => lineOf(index, move, value));
  const stopped = (move.stoppedBy ?? []).flatMap((value) => {
    const then = findValue(position, value) ? answerTo(index, position, value) : undefined;
    return then && then.id !== move.id ? [lineOf(index, move, value, then.id)] : [];
  });
  const second: Stage = { transitions: [move.id], resistance: LIGHT, feeder: [...answered, ...stopped] };
  return {
    transitions: [move.id],
    start: move.from,
    end: move.to,
    accepted: landingsOf(move),
    prerequisites: [],
    // Where nothing of his is drawn, he resists a little.
    stages: [cooperative, second.feeder.length > 0 ? second : { ...second, feeder: cooperative.feeder }],
  };
}

function chainMade(index: TreeIndex, moves: readonly Transition[], backward: boolean): Made {
  const ids = moves.map(({ id }) => id);
  const stages = ids.map((_, i): Stage => {
    const [from, until] = backward ? [ids.length - 1 - i, ids.length] : [0, i + 1];
    const part = moves.slice(from, until);
    const isLast = i === ids.length - 1;
    const lines = part.map((move) => firstLine(index, move));
    return { transitions: part.map(({ id }) => id), resistance: isLast ? WORKING : LIGHT, feeder: lines };
  });
  return {
    transitions: ids,
    start: moves[0]!.from,
    end: moves.at(-1)!.to,
    accepted: landingsOf(moves.at(-1)!),
    prerequisites: [...new Set(moves.filter(({ actor }) => actor === 'owner').map(({ id }) => moveKey(id)))],
    stages: moves.length > 1 ? stages.slice(1) : stages,
  };
}

/** What he shows at a place that a taught move of the owner answers, with that move. */
function answeredAt(index: TreeIndex, position: Position): { value: ValueId; move: Transition }[] {
  return position.reads
    .filter(({ kind }) => kind !== 'timing')
    .flatMap(({ values }) => values)
    .flatMap(({ id }) => {
      const move = answerTo(index, position, id);
      return move && move.announced !== true ? [{ value: id, move }] : [];
    });
}

function readMade(index: TreeIndex, position: Position, only: readonly ValueId[]): Made | null {
  const all = answeredAt(index, position);
  const answered = only.length === 0 ? all : all.filter(({ value }) => only.includes(value));
  // A show that is gone, or no longer answered, is not left out in silence.
  if (answered.length < only.length) return null;
  const moves = [...new Map(answered.map(({ move }) => [move.id, move])).values()];
  if (answered.length < 2 || moves.length < 2) return null;
  return {
    transitions: moves.map(({ id }) => id),
    start: position.id,
    end: moves[0]!.to,
    accepted: [...new Set(moves.flatMap(landingsOf))],
    prerequisites: moves.map(({ id }) => moveKey(id)),
    stages: [
      {
        transitions: moves.map(({ id }) => id),
        resistance: WORKING,
        feeder: answered.map(({ value, move }) => lineOf(index, move, value, null)),
      },
    ],
  };
}

function loopMade(index: TreeIndex, attack: Transition, retention: Transition): Made | null {
  if (attack.actor !== 'owner' || retention.actor !== 'opponent') return null;
  return {
    transitions: [attack.id, retention.id],
    start: attack.from,
    end: retention.to,
    accepted: landingsOf(attack),
    prerequisites: [moveKey(attack.id)],
    stages: [{ transitions: [attack.id, retention.id], resistance: WORKING, feeder: [firstLine(index, attack)] }],
  };
}

function roundMade(tree: TreeDocument, index: TreeIndex, position: Position): Made {
  const [first] = optionsAt(index, position.id).filter(({ announced }) => announced !== true);
  const goals = tree.positions.filter(({ ends }) => ends !== undefined && isGoal(tree, ends));
  return {
    transitions: [],
    start: position.id,
    end: position.id,
    accepted: goals.map(({ id }) => id),
    prerequisites: first ? [moveKey(first.id)] : [],
    stages: [{ transitions: [], resistance: LIVE, feeder: [{ position: position.id, show: null, then: null, leaveOut: [] }] }],
  };
}

const alone = (index: TreeIndex, move: Transition, resistance: Stage['resistance']): Made => ({
  ...moveMade(index, move),
  stages: [{ transitions: [move.id], resistance, feeder: resistance === NONE ? [] : [lineOf(index, move, null)] }],
});

function made(tree: TreeDocument, { kind, of, backward }: PlannedUnit): Made | null {
  const index = indexOf(tree);
  const position = index.positions.get(of[0] ?? '');
  if (kind === 'read') return position ? readMade(index, position, of.slice(1)) : null;
  if (kind === 'round') return position && !position.ends ? roundMade(tree, index, position) : null;
  const moves = of.map((id) => index.transitions.get(id));
  if (moves.length === 0 || moves.some((move) => move === undefined)) return null;
  const known = moves as Transition[];
  if (kind === 'loop') return known.length === 2 ? loopMade(index, known[0]!, known[1]!) : null;
  if (kind === 'chain') return isBranch(tree, of) ? chainMade(index, known, backward === true) : null;
  if (kind === 'fight') return (known[0]!.steps ?? []).length > 0 ? alone(index, known[0]!, WORKING) : null;
  return kind === 'solo' ? alone(index, known[0]!, NONE) : moveMade(index, known[0]!);
}

const otherSides = new WeakMap<TreeDocument, TreeDocument>();
/** The tree that a unit speaks of: of one for the other side, the tree for the other side. */
export function sideOf(tree: TreeDocument, { mirrored }: Pick<UnitSpec, 'mirrored'>): TreeDocument {
  if (!mirrored) return tree;
  const known = otherSides.get(tree) ?? mirrorTree(tree).tree;
  otherSides.set(tree, known);
  return known;
}
/** A round begins as it comes; what is bound to its side has no other. */
export const hasOtherSide = (tree: TreeDocument, { kind, transitions }: Pick<DrillUnit, 'kind' | 'transitions'>): boolean =>
  kind !== 'round' && !transitions.every((id) => isOneSided(indexOf(tree).transitions.get(id)!));

/** The unit as the tree is now, with what the coach decided over it; null = what it is made of is no longer in the tree. */
export function unitOf(whole: TreeDocument, planned: PlannedUnit): DrillUnit | null {
  const tree = sideOf(whole, planned);
  const found = made(tree, planned);
  if (!found || (planned.mirrored && !hasOtherSide(tree, { kind: planned.kind, transitions: found.transitions }))) return null;
  const { kind, of, mirrored, demonstration, work, sides, resistance, needs = [] } = planned;
  const facts = KIND_FACTS[kind];
  const index = indexOf(tree);
  const key = unitKey(planned);
  const moves = found.transitions.map((id) => index.transitions.get(id)!);
  const places = [...new Set([found.start, ...moves.flatMap((move) => [move.from, move.to])])].map((id) => positionOf(index, id));
  return {
    ...found,
    key,
    spec: mirrored ? { kind, of, mirrored } : { kind, of },
    kind,
    phase: facts.phase,
    // The other side comes after the first.
    prerequisites: [...new Set([...found.prerequisites, ...(mirrored ? [unitKey({ kind, of })] : []), ...needs])].filter(
      (need) => need !== key,
    ),
    stages: resistance ? found.stages.map((stage) => ({ ...stage, resistance })) : found.stages,
    demonstrationMinutes: demonstration ?? (mirrored ? SHOWN_AGAIN : facts.demonstration),
    workMinutes: work ?? facts.work,
    sides: mirrored ? 1 : (sides ?? facts.sides),
    checkpoints: moves.flatMap((move) => move.checkpoints ?? []),
    choices: moves.flatMap((move) => move.parameters ?? []),
    mistakes: moves.flatMap((move) => move.mistakes ?? []),
    cautions: [...new Set([...places, ...moves].flatMap(({ hazards = [] }) => hazards))],
  };
}

export interface Planned {
  /** In the order of the class. */
  readonly units: readonly DrillUnit[];
  /** Planned units of which something is no longer in the tree. */
  readonly lost: readonly PlannedUnit[];
}
export function unitsOf(tree: TreeDocument, planned: readonly PlannedUnit[]): Planned {
  const both = planned.map((item) => ({ item, unit: unitOf(tree, item) }));
  return { units: both.flatMap(({ unit }) => unit ?? []), lost: both.flatMap(({ item, unit }) => (unit ? [] : [item])) };
}

/** The units of a branch that the coach picks: each move of the owner by itself, then all in a row. */
export function unitsOfBranch(tree: TreeDocument, branch: readonly TransitionId[]): UnitSpec[] {
  const { transitions } = indexOf(tree);
  const own = [...new Set(branch)].filter((id) => transitions.get(id)?.actor === 'owner');
  const moves = own.map((id): UnitSpec => ({ kind: 'move', of: [id] }));
  return branch.length > 1 ? [...moves, { kind: 'chain', of: branch }] : moves;
}

/** His retentions that lead from where a move lands back to where it begins: an attack and a retention, back and forth. */
export const loopsAfter = (tree: TreeDocument, attack: Transition): UnitSpec[] =>
  landingsOf(attack)
    .flatMap((place) => opponentTransitions(indexOf(tree), place))
    .filter(({ kind, announced, to }) => kind === 'retention' && announced !== true && to === attack.from)
    .map(({ id }): UnitSpec => ({ kind: 'loop', of: [attack.id, id] }));
