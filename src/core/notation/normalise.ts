import { compareText, ownField } from '../base';
import {
  fieldRank,
  headerOf,
  isKeptEmpty,
  LINES,
  type Position,
  type Profile,
  type RuleSet,
  type Transition,
  type TreeDocument,
  type TreeHeader,
} from '../tree';

const isEmpty = (key: string, value: unknown): boolean =>
  value === undefined ||
  value === false ||
  (Array.isArray(value) && value.length === 0 && !isKeptEmpty(key)) ||
  (typeof value === 'object' && value !== null && !Array.isArray(value) && Object.keys(value).length === 0);

/** Any record in normal form: fields in their order; false, empty and absent ones left out, lists that belong there excepted. */
export function canonical(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(canonical);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(([key, item]) => [key, canonical(item)] as const);
  const kept = entries.filter(([key, item]) => !isEmpty(key, item));
  return Object.fromEntries(kept.sort(([a], [b]) => fieldRank(a) - fieldRank(b) || compareText(a, b)));
}

const inLadderOrder = <T extends { readonly lines: Position['lines'] }>(item: T): T => ({
  ...item,
  lines: LINES.filter((line) => item.lines.includes(line)),
});

/** Records that are in normal form already: most of a document is, after an edit. */
const normal = new WeakSet<object>();
const asNormal = <T extends object>(record: T): T => {
  normal.add(record);
  return record;
};

function normalisePosition(position: Position): Position {
  if (normal.has(position)) return position;
  const bySchool = position.bySchool?.map((variant) => (variant.lines ? inLadderOrder({ ...variant, lines: variant.lines }) : variant));
  return asNormal(canonical({ ...inLadderOrder(position), bySchool }) as Position);
}

const normalFrom = new WeakMap<Transition, Position | undefined>();

function normaliseTransition(transition: Transition, from: Position | undefined): Transition {
  if (normal.has(transition) && normalFrom.get(transition) === from) return transition;
  const made = asNormal(withOrderedWhen(transition, from));
  normalFrom.set(made, from);
  return made;
}

/** `when` in the order of the position's reads and values, each value once. */
function withOrderedWhen(transition: Transition, from: Position | undefined): Transition {
  const plain = canonical(transition) as Transition;
  if (!plain.when || !from) return plain;
  const entries = from.reads.flatMap((read) => {
    const named = ownField(plain.when, read.id);
    return named ? [[read.id, read.values.map((value) => value.id).filter((id) => named.includes(id))] as const] : [];
  });
  const { when: _when, ...others } = plain;
  return canonicalWithWhen(others, Object.fromEntries(entries));
}

/** Read ids are the author's, so `when` keeps the order it was given, not the field order. */
function canonicalWithWhen(others: Omit<Transition, 'when'>, when: Record<string, readonly string[]>): Transition {
  const keys = Object.keys({ ...others, when }).sort((a, b) => fieldRank(a) - fieldRank(b));
  return Object.fromEntries(keys.map((key) => [key, key === 'when' ? when : others[key as keyof typeof others]])) as unknown as Transition;
}

/** The one form of a checked tree: fields in fixed order, `false`, absent and empty optional fields left out; text and ids untouched. Idempotent. */
export function normaliseTree(tree: TreeDocument): TreeDocument {
  const { positions, transitions, ruleSets, profiles, classes } = tree;
  const clean = positions.map(normalisePosition);
  const byId = new Map(clean.map((position) => [position.id, position]));
  return {
    ...(canonical(headerOf(tree)) as TreeHeader),
    ...(ruleSets && ruleSets.length > 0 ? { ruleSets: canonical(ruleSets) as readonly RuleSet[] } : {}),
    ...(profiles && profiles.length > 0 ? { profiles: canonical(profiles) as readonly Profile[] } : {}),
    // The order of a class is the coach's, and its fields stand as they were written.
    ...(classes && classes.length > 0 ? { classes } : {}),
    positions: clean,
    transitions: transitions.map((t) => normaliseTransition(t, byId.get(t.from))),
  };
}
