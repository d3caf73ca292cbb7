import {
  indexOf,
  type TreeDocument,
  type Parameter,
  type Position,
  type Read,
  type Transition,
  type When,
  meansNothing,
  namedAt,
} from '../tree';
import { sayCueClause, sayHeClause } from './clauses';

/** The text as a sentence: a capital at the front, a full stop at the end. */
export function asSentence(text: string): string {
  const trimmed = text.trim();
  return `${trimmed.charAt(0).toUpperCase()}${trimmed.slice(1)}${/[.!?]$/.test(trimmed) ? '' : '.'}`;
}

/** "I cut the knee across", however the coach typed it. */
export const sayMine = (name: string): string => (/^I\b/.test(name) ? name : `I ${name}`);
/** What the other does; a name in my own words, seen from his side, is kept as it was said. */
export const sayHis = (name: string): string =>
  /^he\b/i.test(name) ? name : /^I\b/.test(name) ? `he does “${name.slice(2)}”` : `he ${name}`;

/** Whoever's move it is. */
export const sayMove = ({ actor, name }: Pick<Transition, 'actor' | 'name'>): string => (actor === 'owner' ? sayMine(name) : sayHis(name));

/** A move with why it is this one, where the coach said so. */
export const sayWithReason = (words: string, reason: string | undefined): string => (reason === undefined ? words : `${words} (${reason})`);

/** What is shown, as a coach says it: a reaction is simply what he does, a cue is named; nothing special is only that. */
export function sayShown(read: Pick<Read, 'kind' | 'name'>, valueName: string): string {
  if (read.kind !== 'reaction') return `${read.name}: ${valueName}`;
  return meansNothing(valueName) ? valueName : sayHeClause(valueName);
}

/** The same within a sentence: "if his hips are flat". */
export const sayShownClause = (read: Pick<Read, 'kind' | 'name'>, ...names: readonly string[]): string =>
  read.kind === 'reaction' ? sayShown(read, names.join(' or ')) : sayCueClause(read.name, names);

/** A move's condition: the values of one read are alternatives, several reads must be seen together; '' = none. */
export function sayWhen(
  position: Position,
  when: When | undefined,
  kinds: readonly Read['kind'][] = ['reaction', 'cue', 'timing'],
): string {
  return position.reads
    .flatMap((read) => {
      const names = read.values.filter((value) => namedAt(when, read.id).includes(value.id)).map((value) => value.name);
      if (names.length === 0 || !kinds.includes(read.kind)) return [];
      return [sayShownClause(read, ...names)];
    })
    .join(' and ');
}

/** "outer hand: ankle, else shin; never the knee: that leads to Triangle" */
export function sayPreference(tree: TreeDocument, { name, values, never = [] }: Parameter): string {
  const { positions } = indexOf(tree);
  const wanted = values.length > 0 ? [values.join(', else ')] : [];
  const plain = never.filter(({ leadsTo }) => leadsTo === undefined).map(({ value }) => value);
  const barred = [
    ...(plain.length > 0 ? [`never ${plain.join(' or ')}`] : []),
    ...never.flatMap(({ value, leadsTo }) =>
      leadsTo === undefined ? [] : [`never ${value}: that leads to ${positions.get(leadsTo)?.name ?? leadsTo}`],
    ),
  ];
  return `${name}: ${[...wanted, ...barred].join('; ')}`;
}

/** A value as it is said, by its id; the id itself if the place does not have it. */
export function sayValue(position: Position, valueId: string): string {
  for (const read of position.reads) {
    const value = read.values.find((item) => item.id === valueId);
    if (value) return sayShown(read, value.name);
  }
  return valueId;
}
