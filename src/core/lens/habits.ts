import { type Habit, type Position, type Read, type Value, type ValueId, drawnShares } from '../tree';

/** The share that habits give each value of a read: a place before a family, of two equally near the later. Timing has no habits. */
function habitsAt(position: Position, read: Read, habits: readonly Habit[]): ReadonlyMap<ValueId, number> {
  if (read.kind === 'timing') return new Map();
  const shareOf = (value: Value): number | undefined => {
    const here = habits.findLast((habit) => 'position' in habit && habit.position === position.id && habit.value === value.id);
    return (here ?? habits.findLast((habit) => 'family' in habit && habit.family === position.family && habit.kind === value.kind))?.share;
  };
  return new Map(read.values.flatMap((value) => (shareOf(value) === undefined ? [] : [[value.id, shareOf(value)!] as const])));
}

const total = (shares: Iterable<number>): number => [...shares].reduce((sum, share) => sum + share, 0);

/**
 * A read as one who has these habits shows it (MODEL §4, opponents): habits stand (above 1 scaled to 1); the other values keep
 * their shares if they fit into what is left, else are scaled to it; in an open reaction read what is left over goes to nothing
 * special, in others the rest is scaled up, too (all 0: equal).
 */
export function readWithHabits(read: Read, habits: ReadonlyMap<ValueId, number>): Read {
  if (habits.size === 0) return read;
  const over = Math.max(1, total(habits.values()));
  const left = Math.max(0, 1 - total(habits.values()) / over);
  const isOpen = read.kind === 'reaction' && !read.closed;
  const others = new Map([...drawnShares(read)].filter(([id]) => !habits.has(id)));
  const sum = total(others.values());
  const shareOf = ({ id }: Value): number => {
    const habit = habits.get(id);
    if (habit !== undefined) return habit / over;
    if (sum === 0) return isOpen ? 0 : left / others.size;
    return isOpen && sum <= left ? others.get(id)! : (others.get(id)! * left) / sum;
  };
  return { ...read, values: read.values.map((value) => ({ ...value, share: shareOf(value) })) };
}

/** A place as one who has these habits plays it. */
export const withHabits = (position: Position, habits: readonly Habit[]): Position =>
  habits.length === 0
    ? position
    : { ...position, reads: position.reads.map((read) => readWithHabits(read, habitsAt(position, read, habits))) };
