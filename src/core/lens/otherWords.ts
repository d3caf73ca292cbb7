import { sameValue } from '../base';
import { fieldContent, meansNothing, type Position, type Read, type Transition } from '../tree';
import { otherDoing, otherPerson } from './person';

/** By whom a show is done in the words that it has: by him for the coach, by me from the other side. */
type Doing = 'he' | 'I';
type Rec = Readonly<Record<string, unknown>>;
const isRecord = (value: unknown): value is Rec => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Every word of a record, said by the other; ids, marks and parts of the body stay. */
function reworded<T>(value: T, doing: Doing, field = ''): T {
  if (typeof value === 'string') return (field === '' || fieldContent(field) === 'word' ? otherPerson(value) : value) as T;
  if (Array.isArray(value)) return value.map((item: unknown) => reworded(item, doing, field)) as T;
  if (!isRecord(value)) return value;
  const fields = Object.entries(value).map(([key, item]) => [
    key,
    isRead(key, item) ? item.map((read) => otherRead(read, doing)) : reworded(item, doing, key),
  ]);
  return Object.fromEntries(fields) as T;
}
const isRead = (key: string, item: unknown): item is readonly Read[] => key === 'reads' && Array.isArray(item);

/** What he shows there, as what I do: "frames on my hips" → "I frame on his hips", and back. */
function otherRead({ values, ...read }: Read, doing: Doing): Read {
  const isReaction = read.kind === 'reaction';
  const said = (name: string): string => {
    if (meansNothing(name)) return name;
    return isReaction ? otherDoing(name, doing) : otherPerson(name);
  };
  return {
    ...reworded(read, doing),
    // "he …" is the name of every reaction.
    name: isReaction ? read.name : otherPerson(read.name),
    values: values.map(({ name, ...value }) => ({ ...reworded(value, doing), name: said(name) })),
  };
}
/** A place of a swapped tree in the words of who looks at it. */
export const otherPlace = (position: Position, doing: Doing): Position => reworded(position, doing);
/** The same of a move: "he cuts the knee across", where the coach wrote "I cut the knee across". `actor` is who does it there. */
export function otherMove({ name, ...transition }: Transition): Transition {
  const isMine = transition.actor === 'owner';
  const said = otherDoing(name, isMine ? 'he' : 'I');
  const isClause = /^(?:I|he|my|his)\b/.test(said);
  const midway = transition.midway?.map((item) => ({
    ...reworded(item, 'he'),
    reaction: otherDoing(item.reaction, isMine ? 'I' : 'he'),
    ...(item.answer === undefined ? {} : { answer: otherDoing(item.answer, isMine ? 'he' : 'I') }),
  }));
  return {
    ...reworded(transition, 'he'),
    ...(midway ? { midway } : {}),
    name: isClause ? said : `${isMine ? 'I do' : 'he does'} “${said}”`,
  };
}

/** What was not touched as the coach wrote it; what was is said by the other. */
function restored(now: unknown, shown: unknown, plain: unknown, other: (fresh: unknown) => unknown): unknown {
  if (sameValue(now, shown)) return plain;
  if (Array.isArray(now) && now.every((item) => isRecord(item) && 'id' in item)) {
    const byId = (list: unknown) => new Map((Array.isArray(list) ? (list as Rec[]) : []).map((item) => [item.id, item]));
    const [before, own] = [byId(shown), byId(plain)];
    const turned = byId(other(now));
    return (now as Rec[]).map((item) => restored(item, before.get(item.id), own.get(item.id), () => turned.get(item.id)));
  }
  if (Array.isArray(now) && Array.isArray(shown) && Array.isArray(plain)) {
    const turned = other(now) as unknown[];
    return now.map((item, i) => {
      const at = shown.findIndex((was) => sameValue(item, was));
      return at >= 0 ? (plain as unknown[])[at] : turned[i];
    });
  }
  if (isRecord(now) && isRecord(shown) && isRecord(plain)) {
    const turned = other(now) as Rec;
    return Object.fromEntries(Object.entries(now).map(([key, item]) => [key, restored(item, shown[key], plain[key], () => turned[key])]));
  }
  return other(now);
}

/**
 * A place edited in the other's words in the coach's words again: `plain` is what it was before the edit, `shown` the same in the
 * other's words; absent = it is new. Nothing that was not edited changes by a letter.
 */
export const placeInOwnWords = (now: Position, shown: Position | undefined, plain: Position | undefined): Position =>
  restored(now, shown, plain, (fresh) => otherPlace(fresh as Position, 'I')) as Position;
/** The same of a move. What is typed from the other side has its actor there: it is turned by who does it for the coach. */
export const moveInOwnWords = (now: Transition, shown: Transition | undefined, plain: Transition | undefined): Transition =>
  restored(now, shown, plain, (fresh) => {
    const move = fresh as Transition;
    return { ...otherMove({ ...move, actor: move.actor === 'owner' ? 'opponent' : 'owner' }), actor: move.actor };
  }) as Transition;
