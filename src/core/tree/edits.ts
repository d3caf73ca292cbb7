import { required } from '../base';
import type {
  Dismissal,
  Position,
  PositionId,
  Read,
  ReadId,
  Transition,
  TransitionId,
  TreeDocument,
  Value,
  ValueId,
  When,
} from './document';
import { athleteOf, heightOf, isGoal, landingsOf, landsAt, namedAt } from './meaning';
import { meansNothing, splitCue } from './typed';
import { LINES, type Ending, type Line, type Owner } from './vocabulary';

/** A readable id made of the name, not yet in `taken`. */
export function freshId(name: string, taken: Pick<ReadonlySet<string>, 'has'>): string {
  const stem =
    name
      .normalize('NFKD')
      .replace(/[\u0300-\u036f]/g, '')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 40) || 'item';
  if (!taken.has(stem)) return stem;
  let n = 2;
  while (taken.has(`${stem}-${n}`)) n++;
  return `${stem}-${n}`;
}

const idsOf = (items: readonly { readonly id: string }[]): Set<string> => new Set(items.map((item) => item.id));
const valueIdsOf = (position: Position): Set<string> => idsOf(position.reads.flatMap((read) => read.values));
const getPosition = (tree: TreeDocument, id: PositionId): Position =>
  required(
    tree.positions.find((p) => p.id === id),
    `position ${id}`,
  );

export function withPosition(tree: TreeDocument, position: Position): TreeDocument {
  const at = tree.positions.findIndex((item) => item.id === position.id);
  return { ...tree, positions: at < 0 ? [...tree.positions, position] : tree.positions.with(at, position) };
}
export function withTransition(tree: TreeDocument, transition: Transition): TreeDocument {
  const at = tree.transitions.findIndex((item) => item.id === transition.id);
  return { ...tree, transitions: at < 0 ? [...tree.transitions, transition] : tree.transitions.with(at, transition) };
}

export type NewPosition = Pick<Position, 'name'> & Partial<Omit<Position, 'id' | 'name'>>;

export function withNewPosition(tree: TreeDocument, input: NewPosition): { tree: TreeDocument; id: PositionId } {
  const id = freshId(input.name, idsOf(tree.positions));
  const position: Position = { family: 'transit', lines: [], tempo: 'neutral', reads: [], ...input, id };
  return { tree: withPosition(tree, position), id };
}

/** A guard: no line held, facing, and one of the tree's starts. */
export function withNewGuard(
  tree: TreeDocument,
  name: string,
  family: Position['family'] = 'open',
): { tree: TreeDocument; id: PositionId } {
  const added = withNewPosition(tree, { name, family });
  return { tree: { ...added.tree, starts: [...tree.starts, { position: added.id }] }, id: added.id };
}

/** Adds a value as it was typed (`readOfTyped`); the read is made if there is none. A value that is there already stays one. */
export function withNewValue(
  tree: TreeDocument,
  positionId: PositionId,
  value: Omit<Value, 'id'>,
): { tree: TreeDocument; readId: string; valueId: ValueId } {
  const position = getPosition(tree, positionId);
  const { read: home, value: name } = readOfTyped(position, value.name);
  const known = position.reads.find((read) => read.id === home.id);
  const values = known?.values ?? [];
  const isNothing = home.kind === 'reaction' && meansNothing(name);
  const twin = values.find((item) => item.name.toLowerCase() === name.toLowerCase() || (isNothing && item.kind === 'none'));
  if (twin) return { tree, readId: home.id, valueId: twin.id };
  const id = freshId(name, valueIdsOf(position));
  const grown: Read = { ...home, values: [...values, { ...value, ...(isNothing ? { kind: 'none' as const } : {}), name, id }] };
  const reads = known ? position.reads.map((item) => (item.id === grown.id ? grown : item)) : [...position.reads, grown];
  return { tree: withPosition(tree, { ...position, reads }), readId: grown.id, valueId: id };
}

/** What a typed value belongs to: "his hips: flat" is a cue of its own, "timing: late" the timing, anything else what he does. */
export function readOfTyped(position: Position, typed: string): { read: Read | Omit<Read, 'values'>; value: string } {
  const { cue: name, rest } = splitCue(typed);
  if (name === null) {
    const known = position.reads.find((read) => read.kind === 'reaction');
    return { read: known ?? { id: freshId('he', idsOf(position.reads)), name: 'he …', kind: 'reaction' }, value: rest };
  }
  const known = position.reads.find((read) => read.name.toLowerCase() === name.toLowerCase());
  const isTiming = /^timing$/i.test(name);
  const kind = isTiming ? ('timing' as const) : ('cue' as const);
  const fresh = { id: freshId(name, idsOf(position.reads)), name, kind, ...(isTiming ? {} : { closed: true }) };
  return { read: known ?? fresh, value: rest };
}

/** Puts a read in the place of the one with its id. */
export function withRead(tree: TreeDocument, positionId: PositionId, read: Read): TreeDocument {
  const position = getPosition(tree, positionId);
  return withPosition(tree, { ...position, reads: position.reads.map((item) => (item.id === read.id ? read : item)) });
}

/** How an owner's option stands to a value: it answers it, is stopped by it, or says nothing of it. */
export type Fit = 'silent' | 'answers' | 'stopped';
export const fitOf = (transition: Transition, readId: string, valueId: ValueId): Fit =>
  transition.stoppedBy?.includes(valueId) ? 'stopped' : namedAt(transition.when, readId).includes(valueId) ? 'answers' : 'silent';

export function withFit(tree: TreeDocument, transition: Transition, readId: string, valueId: ValueId, fit: Fit): TreeDocument {
  const others = whenWithout(transition.when, (_, id) => id !== valueId);
  const stops = (transition.stoppedBy ?? []).filter((id) => id !== valueId);
  return withTransition(tree, {
    ...transition,
    when: fit === 'answers' ? { ...others, [readId]: [...namedAt(others, readId), valueId] } : others,
    stoppedBy: fit === 'stopped' ? [...stops, valueId] : stops.length > 0 ? stops : undefined,
  });
}

export function withValue(tree: TreeDocument, positionId: PositionId, value: Value): TreeDocument {
  const position = getPosition(tree, positionId);
  const reads = position.reads.map((read) => ({ ...read, values: read.values.map((item) => (item.id === value.id ? value : item)) }));
  return withPosition(tree, { ...position, reads });
}

function whenWithout(when: When | undefined, keep: (readId: string, valueId: string) => boolean): When | undefined {
  if (!when) return undefined;
  const entries = Object.entries(when).map(([readId, values]) => [readId, values.filter((id) => keep(readId, id))] as const);
  const left = entries.filter(([, values]) => values.length > 0);
  return left.length === 0 ? undefined : Object.fromEntries(left);
}

/** An outcome that no shown value leads to any more is none. */
function outcomesWithout(outcomes: Transition['outcomes'], keep: (value: ValueId) => boolean): Transition['outcomes'] {
  const left = outcomes
    ?.map((outcome) => ({ ...outcome, ifShown: outcome.ifShown.filter(keep) }))
    .filter(({ ifShown }) => ifShown.length > 0);
  return left && left.length > 0 ? left : undefined;
}

/** Removes a value and every mention of it; a transition that named only this value becomes silent on the read. */
export function withoutValue(tree: TreeDocument, positionId: PositionId, valueId: ValueId): TreeDocument {
  const position = getPosition(tree, positionId);
  const reads = position.reads
    .map((read) => ({ ...read, values: read.values.filter((value) => value.id !== valueId) }))
    .filter((read) => read.values.length > 0);
  const transitions = tree.transitions.map((t) => {
    if (t.from !== positionId) return t;
    const stoppedBy = t.stoppedBy?.filter((id) => id !== valueId);
    const contactRules = t.contactRules?.map((rule) =>
      rule.kind === 'hold' || !rule.whenValues ? rule : { ...rule, whenValues: rule.whenValues.filter((id) => id !== valueId) },
    );
    const outcomes = outcomesWithout(t.outcomes, (id) => id !== valueId);
    return { ...t, when: whenWithout(t.when, (_, id) => id !== valueId), stoppedBy, outcomes, contactRules };
  });
  return withProvokedThere(withPosition({ ...tree, transitions }, { ...position, reads }), positionId);
}

/** Drops what the transitions at a position hope to provoke and neither of their ends shows any more. */
function withProvokedThere(tree: TreeDocument, at: PositionId): TreeDocument {
  const transitions = tree.transitions.map((t) => {
    if (!t.provokes || (t.from !== at && !landsAt(t, at))) return t;
    const shown = new Set([t.from, ...landingsOf(t)].flatMap((id) => [...valueIdsOf(getPosition(tree, id))]));
    return { ...t, provokes: t.provokes.filter((id) => shown.has(id)) };
  });
  return { ...tree, transitions };
}

export type NewTransition = Pick<Transition, 'from' | 'to' | 'actor' | 'name'> & Partial<Omit<Transition, 'id'>>;

/** The kind that a move of which nothing else is said is taken for. */
export const defaultKind = (tree: Pick<TreeDocument, 'owner'>, actor: Transition['actor']): Transition['kind'] =>
  athleteOf(tree, actor) === 'passer' ? 'pass' : 'retention';

export function withNewTransition(tree: TreeDocument, input: NewTransition): { tree: TreeDocument; id: TransitionId } {
  const id = freshId(input.name, idsOf(tree.transitions));
  return { tree: withTransition(tree, { kind: defaultKind(tree, input.actor), ...input, id }), id };
}

export function withoutTransition(tree: TreeDocument, id: TransitionId): TreeDocument {
  const transitions = tree.transitions
    .filter((t) => t.id !== id)
    .map((t) => {
      const contactRules = t.contactRules?.map((rule) =>
        rule.kind !== 'hold' && rule.letsIn === id ? { ...rule, letsIn: undefined } : rule,
      );
      return contactRules ? { ...t, contactRules } : t;
    });
  return { ...tree, transitions };
}

/** Removes a position, the transitions at it, and every mention of it. */
export function withoutPosition(tree: TreeDocument, id: PositionId): TreeDocument {
  const gone = tree.transitions.filter((t) => t.from === id || t.to === id).map((t) => t.id);
  let next: TreeDocument = { ...tree, starts: tree.starts.filter((start) => start.position !== id) };
  for (const transitionId of gone) next = withoutTransition(next, transitionId);
  const transitions = next.transitions.map((t) => {
    const parameters = t.parameters?.map((p) =>
      p.never ? { ...p, never: p.never.map((n) => (n.leadsTo === id ? { value: n.value } : n)) } : p,
    );
    const midway = t.midway?.map((item) => (item.leadsTo === id ? { ...item, leadsTo: undefined } : item));
    const left = t.outcomes?.filter((outcome) => outcome.to !== id);
    const outcomes = left && left.length > 0 ? left : undefined;
    return { ...t, onFail: t.onFail === id ? undefined : t.onFail, outcomes, midway, parameters };
  });
  return { ...next, transitions, positions: next.positions.filter((position) => position.id !== id) };
}

/** Points a transition at another landing position; its origin and `when` stay, what it provoked at the old one does not. */
export function withLanding(tree: TreeDocument, id: TransitionId, to: PositionId): TreeDocument {
  const transition = required(
    tree.transitions.find((t) => t.id === id),
    `transition ${id}`,
  );
  return withProvokedThere(withTransition(tree, { ...transition, to }), to);
}

/** What a move says of itself, wherever it is made. */
const OF_THE_MOVE = [
  'tags',
  'works',
  'offCue',
  'stopped',
  'seconds',
  'needs',
  'makes',
  'undoes',
  'reason',
  'checkpoints',
  'mistakes',
  'hazards',
  'schools',
  'contexts',
  'announced',
] as const satisfies readonly (keyof Transition)[];

/**
 * The same move as it stands elsewhere, as an answer to a value here. What it says of the other place's own values and grips
 * (what stops it, its outcomes, its steps) is not taken along. Where the move is drawn here already, it answers the value, too.
 */
export function withSameMove(tree: TreeDocument, id: TransitionId, at: PositionId, read: ReadId, value: ValueId): TreeDocument {
  const move = required(
    tree.transitions.find((t) => t.id === id),
    `transition ${id}`,
  );
  const { name, to, actor, kind } = move;
  const drawn = tree.transitions.find((t) => t.from === at && t.to === to && t.actor === actor && t.name === name);
  if (drawn) return withFit(tree, drawn, read, value, 'answers');
  const said = Object.fromEntries(OF_THE_MOVE.flatMap((field) => (move[field] === undefined ? [] : [[field, move[field]]])));
  const own = freshId(name, idsOf(tree.transitions));
  return { ...tree, transitions: [...tree.transitions, { id: own, from: at, to, actor, name, kind, ...said, when: { [read]: [value] } }] };
}

/**
 * Where a newly typed position lies: the same height, one line higher, or an ending; an attempt at the next line; or where the
 * line is cleared that the place before it claims (`claimsAgain`), which then was an attempt.
 */
export type Landing = 'sameHeight' | 'nextLine' | 'attempt' | 'claimsAgain' | 'guard' | Ending;

/** What a new position at the end of a transition from `from` starts out as. */
export function landingOf(tree: TreeDocument, from: Position, landing: Landing): Omit<NewPosition, 'name'> {
  if (landing === 'sameHeight' || landing === 'claimsAgain') return { lines: from.lines, ownerRole: from.ownerRole };
  if (landing === 'attempt') return { lines: from.lines, ownerRole: from.ownerRole, unfinished: true };
  if (landing === 'guard') return { lines: [], family: 'open' };
  if (landing === 'nextLine') {
    const next = LINES.find((line) => !from.lines.includes(line));
    const lines: Line[] = LINES.filter((line) => from.lines.includes(line) || line === next);
    return { lines, ownerRole: from.ownerRole };
  }
  const good = isGoal({ owner: 'passer' }, landing);
  const family = { settled: 'pin', back: 'back', submission: 'submission', swept: 'lost', submitted: 'lost', escaped: 'lost' } as const;
  return { lines: good ? [...LINES] : [], family: family[landing], ends: landing, tempo: 'neutral' };
}

/** A place as an attempt: its highest line is not cleared yet. */
export const asAttempt = (position: Position): Position => ({
  ...position,
  lines: position.lines.filter((line) => LINES.indexOf(line) + 1 < heightOf(position.lines)),
  unfinished: true,
});

/** Success with a move leads elsewhere where a value is shown, which it answers; it leads there nowhere else. */
export function withOutcome(tree: TreeDocument, transition: Transition, readId: string, valueId: ValueId, to: PositionId): TreeDocument {
  const others = outcomesWithout(transition.outcomes, (id) => id !== valueId) ?? [];
  const known = others.find((outcome) => outcome.to === to);
  const outcomes =
    to === transition.to
      ? others
      : known
        ? others.map((outcome) => (outcome === known ? { ...known, ifShown: [...known.ifShown, valueId] } : outcome))
        : [...others, { ifShown: [valueId], to }];
  return withFit(tree, { ...transition, outcomes: outcomes.length > 0 ? outcomes : undefined }, readId, valueId, 'answers');
}

export function withDismissal(tree: TreeDocument, dismissal: Dismissal): TreeDocument {
  const others = (tree.dismissals ?? []).filter((item) => item.finding !== dismissal.finding);
  return { ...tree, dismissals: [...others, dismissal] };
}
export const withoutDismissal = (tree: TreeDocument, finding: string): TreeDocument => ({
  ...tree,
  dismissals: (tree.dismissals ?? []).filter((item) => item.finding !== finding),
});

export const emptyTree = (id: string, name: string, owner: Owner = 'passer'): TreeDocument => ({
  id,
  name,
  owner,
  contexts: ['gi', 'noGi'],
  schools: [],
  starts: [],
  positions: [],
  transitions: [],
});
