import { lettersOf } from '../base';
import { freshId, type PositionId, type Read, type Value } from '../tree';
import { readAtom, splitAt } from './atoms';
import { cleared, readDetails, type Builder, type Said } from './builder';
import { NO_NAMES } from './detailKinds';
import { VALUE_DETAILS } from './details';
import type { DetailNode, ShowNode } from './parse';

export const isRead = (read: Read, cue: string | null): boolean =>
  cue === null ? read.kind === 'reaction' : read.kind !== 'reaction' && lettersOf(read.name) === lettersOf(cue);

/** Existing items keep their order if the outline has them in it, and it is the outline's order otherwise. */
function ordered<T>(listed: readonly T[], before: readonly T[]): T[] {
  const old = listed.filter((item) => before.includes(item));
  const kept = before.filter((item) => listed.includes(item));
  if (old.some((item, i) => item !== kept[i])) return [...listed];
  return [...kept, ...listed.filter((item) => !before.includes(item))];
}

export interface Shown {
  readonly node: ShowNode;
  readonly read: string;
  readonly values: readonly string[];
}

/** The values of each read that blocks of a place speak of, in order. */
export type Listed = Map<string, string[]>;

/** Draws what a block says he shows. */
export function drawShows(build: Builder, { id, block, rewrites }: Said, listed: Listed): Shown[] {
  const counted = new Map<string, number>();
  const shown: Shown[] = [];
  for (const node of block.shows) {
    const position = build.at(id);
    const known = position.reads.find((read) => isRead(read, node.cue));
    const isTiming = node.cue !== null && /^timing$/i.test(node.cue);
    const home: Read = known ?? {
      id: freshId(node.cue ?? 'he', new Set(position.reads.map((read) => read.id))),
      name: node.cue ?? 'he …',
      kind: node.cue === null ? 'reaction' : isTiming ? 'timing' : 'cue',
      ...(node.cue === null || isTiming ? {} : { closed: true }),
      values: [],
    };
    const taken = new Set(position.reads.flatMap((read) => read.values.map((value) => value.id)));
    const details = readDetails<Value>(build, VALUE_DETAILS, node.details, NO_NAMES, 'what he shows');
    let values = [...home.values];
    const ids = node.items.map((item) => {
      const key = `${home.id} ${item.name.toLowerCase()}`;
      const nth = counted.get(key) ?? 0;
      counted.set(key, nth + 1);
      const twin = values.filter((value) => value.name.toLowerCase() === item.name.toLowerCase())[nth];
      const valueId = twin?.id ?? freshId(item.name, taken);
      taken.add(valueId);
      const base = twin && rewrites ? cleared(VALUE_DETAILS, { ...twin, share: undefined }, NO_NAMES) : twin;
      const value: Value = {
        ...base,
        ...details,
        id: valueId,
        name: item.name,
        kind: item.kind,
        ...(item.share === undefined ? {} : { share: item.share }),
      };
      values = twin ? values.map((other) => (other.id === valueId ? value : other)) : [...values, value];
      return valueId;
    });
    listed.set(home.id, [...(listed.get(home.id) ?? []), ...ids]);
    const grown = { ...home, values };
    const reads = known ? position.reads.map((read) => (read.id === grown.id ? grown : read)) : [...position.reads, grown];
    build.set({ ...position, reads });
    shown.push({ node, read: home.id, values: ids });
  }
  return shown;
}

/** Of a rewritten place only what blocks speak of stays. */
export function keepShows(build: Builder, id: PositionId, listed: Listed): void {
  for (const read of build.at(id).reads)
    for (const value of read.values) if (!listed.get(read.id)?.includes(value.id)) build.dropValue(id, value.id);
  const position = build.at(id);
  const reads = position.reads.map((read) => {
    const order = ordered(
      listed.get(read.id) ?? [],
      read.values.map((value) => value.id),
    );
    return { ...read, values: order.flatMap((valueId) => read.values.find((value) => value.id === valueId) ?? []) };
  });
  const order = ordered(
    [...listed.keys()],
    reads.map((read) => read.id),
  );
  const empty = position.reads.filter((read) => read.values.length === 0 && !listed.has(read.id));
  build.set({
    ...position,
    reads: [...order.flatMap((readId) => reads.find((read) => read.id === readId) ?? []), ...empty],
  });
}

export const OF_READ = /^(what he does|cue (.+?)):\s*(.*)$/s;

/** Marks of a read beyond its values: "cue inside knee: not every value; timing". */
export function readMarks(build: Builder, id: PositionId, { line, text }: DetailNode): boolean {
  const [, , cue, said] = OF_READ.exec(text) ?? [];
  if (said === undefined) return false;
  const position = build.at(id);
  const at = position.reads.findIndex((read) => isRead(read, cue === undefined ? null : readAtom(cue)));
  if (at < 0) {
    build.tell(line, `“${text}” speaks of a cue that has no values here.`);
    return true;
  }
  let read = position.reads[at]!;
  for (const mark of splitAt(said, ';')) {
    if (mark === 'every value') read = { ...read, closed: true };
    else if (mark === 'not every value') read = { ...read, closed: false };
    else if (mark === 'open') read = without(read, 'closed');
    else if (mark === 'all drawn') read = { ...read, complete: true };
    else if (mark === 'not all drawn') read = { ...read, complete: false };
    else if ((mark === 'cue' || mark === 'timing') && read.kind !== 'reaction') read = { ...read, kind: mark };
    else if (mark.startsWith('called ')) read = { ...read, name: readAtom(mark.slice(7)) };
    else build.tell(line, `“${mark}” says nothing of a cue: every value, not every value, open, all drawn, timing.`);
  }
  build.set({ ...position, reads: position.reads.with(at, read) });
  return true;
}
export function without<T extends object>(record: T, key: keyof T): T {
  const { [key]: _, ...rest } = record;
  return rest as T;
}
