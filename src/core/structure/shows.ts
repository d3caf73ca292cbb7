import { namedAt, type Position, type Read, type Transition, type Value } from '../tree';

/** Something he shows at a place; without a read it is whatever he shows. */
export interface ShownHere {
  readonly read: Read | null;
  readonly value: Value | null;
  /** My answers, the preferred first. */
  readonly answers: readonly Transition[];
  /** What he gets if they fail. */
  readonly falls: readonly Transition[];
}

const isSilent = ({ when }: Transition): boolean => Object.keys(when ?? {}).length === 0;

/** What he shows at a place, in the coach's order; last what needs no sign, if there is anything. `moves`: those that begin there. */
export function showsAt(position: Position, moves: readonly Transition[]): ShownHere[] {
  const mine = moves.filter(({ actor }) => actor === 'owner').toSorted((a, b) => (b.priority ?? 0) - (a.priority ?? 0));
  const his = moves.filter(({ actor }) => actor === 'opponent');
  const shows = position.reads.flatMap((read) =>
    read.values.map((value): ShownHere => {
      const about = ({ when }: Transition): boolean => namedAt(when, read.id).includes(value.id);
      return { read, value, answers: mine.filter(about), falls: his.filter(about) };
    }),
  );
  const whatever = { read: null, value: null, answers: mine.filter(isSilent), falls: his.filter(isSilent) };
  return whatever.answers.length + whatever.falls.length > 0 ? [...shows, whatever] : shows;
}
