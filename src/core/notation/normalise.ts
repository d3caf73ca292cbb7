import { compareText } from '../base';
import { LINES, type Position, type Transition, type TreeDocument } from '../tree';

/** Every field name of the tree file in its fixed place; a record is written in this order. */
const FIELD_ORDER = [
  'format', 'version', 'tree', 'id', 'from', 'to', 'kind', 'name', 'actor', 'owner', 'contexts', 'schools', 'starts', 'position', 'facts',
  'aliases', 'family', 'lines', 'tempo', 'tempoReason', 'windowCloses', 'tempoByContext', 'context', 'legRelation', 'signs', 'stance', 'distance',
  'ownerRole', 'heSeesItFirst', 'ends', 'bySchool', 'school', 'continuesIn', 'closed', 'complete', 'cue', 'share', 'unsure',
  'tags', 'when', 'stoppedBy', 'priority', 'works', 'offCue', 'stopped', 'onFail', 'seconds', 'needs', 'makes', 'undoes',
  'athlete', 'part', 'target', 'side', 'spot', 'surface', 'orElse', 'at', 'job', 'quality', 'bundle', 'substitute',
  'holds', 'theirHolds', 'blockedBy', 'enabledBy', 'steps', 'note', 'contacts', 'contactRules', 'fromStep', 'toStep', 'atLeast',
  'first', 'then', 'whenValues', 'letsIn', 'fits', 'legRelations', 'stances', 'provokes', 'parameters', 'never', 'value', 'leadsTo',
  'checkpoints', 'mistakes', 'error', 'consequence', 'correction', 'announced', 'reads', 'values', 'wordingUnsure', 'notes', 'hazards', 'source', 'fromCatalogue',
  'of', 'off', 'on', 'habits', 'physique', 'betterSide', 'levels', 'forbidden', 'tag', 'underAge', 'belowLevel', 'points', 'for', 'date',
  'ruleSets', 'profiles', 'dismissals', 'finding', 'reason', 'defaults', 'positions', 'transitions',
]; // prettier-ignore
const RANK = new Map(FIELD_ORDER.map((field, i) => [field, i]));
/** Lists that are written even when empty; all other empty lists, `false` and absent fields are left out. */
const ALWAYS = new Set([
  'contexts',
  'schools',
  'starts',
  'positions',
  'transitions',
  'lines',
  'reads',
  'values',
  'contacts',
  'forbidden',
  'points',
]);

const isEmpty = (key: string, value: unknown): boolean =>
  value === undefined ||
  value === false ||
  (Array.isArray(value) && value.length === 0 && !ALWAYS.has(key)) ||
  (typeof value === 'object' && value !== null && !Array.isArray(value) && Object.keys(value).length === 0);

function canonical(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(canonical);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(([key, item]) => [key, canonical(item)] as const);
  const kept = entries.filter(([key, item]) => !isEmpty(key, item));
  return Object.fromEntries(kept.sort(([a], [b]) => (RANK.get(a) ?? 999) - (RANK.get(b) ?? 999) || compareText(a, b)));
}

const inLadderOrder = <T extends { readonly lines: Position['lines'] }>(item: T): T => ({
  ...item,
  lines: LINES.filter((line) => item.lines.includes(line)),
});

function normalisePosition(position: Position): Position {
  const bySchool = position.bySchool?.map((variant) => (variant.lines ? inLadderOrder({ ...variant, lines: variant.lines }) : variant));
  return canonical({ ...inLadderOrder(position), bySchool }) as Position;
}

/** `when` in the order of the position's reads and values, each value once. */
function normaliseTransition(transition: Transition, from: Position | undefined): Transition {
  const plain = canonical(transition) as Transition;
  if (!plain.when || !from) return plain;
  const entries = from.reads.flatMap((read) => {
    const named = plain.when?.[read.id];
    return named ? [[read.id, read.values.map((value) => value.id).filter((id) => named.includes(id))] as const] : [];
  });
  const { when: _when, ...others } = plain;
  return canonicalWithWhen(others, Object.fromEntries(entries));
}

/** Read ids are the author's, so `when` keeps the order it was given, not the field order. */
function canonicalWithWhen(others: Omit<Transition, 'when'>, when: Record<string, readonly string[]>): Transition {
  const keys = Object.keys({ ...others, when }).sort((a, b) => (RANK.get(a) ?? 999) - (RANK.get(b) ?? 999));
  return Object.fromEntries(keys.map((key) => [key, key === 'when' ? when : others[key as keyof typeof others]])) as unknown as Transition;
}

/** The one form of a checked tree: fields in fixed order, `false`, absent and empty optional fields left out; text and ids untouched. Idempotent. */
export function normaliseTree(tree: TreeDocument): TreeDocument {
  const { positions, transitions, ...header } = tree;
  const clean = positions.map(normalisePosition);
  const byId = new Map(clean.map((position) => [position.id, position]));
  return {
    ...(canonical(header) as typeof header),
    positions: clean,
    transitions: transitions.map((t) => normaliseTransition(t, byId.get(t.from))),
  };
}
