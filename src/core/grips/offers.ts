import { holdFact, parseContacts, sayContact } from '../contacts';
import type { Contact, Position, Step, Transition } from '../tree';

interface Offering {
  /** The line that was put in last; '' = none was. */
  readonly last: string;
  readonly place: Pick<Position, 'holds' | 'theirHolds'>;
  /** The steps that the catalogue has for the move. */
  readonly known: readonly Step[];
  /** From 1. */
  readonly step: number;
  /** What is held on that step. */
  readonly now: readonly Contact[];
}
const MOST = 6;

/**
 * Lines that are likely to be typed next, whole: the catalogue's holds of this step, what is usually held at the place, and the
 * last line once more. Nothing that is held already, nothing that could not be typed.
 */
export function offeredHolds({ last, place, known, step, now }: Offering): string[] {
  const held = new Set(now.map(holdFact));
  const usual = [...(known[step - 1]?.contacts ?? []), ...(place.holds ?? []), ...(place.theirHolds ?? [])];
  const lines = [...usual.map(sayContact), ...(last === '' ? [] : [last])];
  return [...new Set(lines)]
    .filter((line) => {
      const parsed = parseContacts(line);
      return parsed.ok && parsed.value.some((contact) => !held.has(holdFact(contact)));
    })
    .slice(0, MOST);
}

interface KnownMove {
  readonly transition: Transition;
}
const said = (name: string): string => name.toLowerCase().replace(/^(?:i|he) /, '');

/** The steps that the catalogue has for a move: the entry it was taken from, else one of that name, from such a place if there are several. */
export function catalogueStepsOf(
  entries: readonly KnownMove[],
  move: Pick<Transition, 'name' | 'fromCatalogue'> | null,
  from: Pick<Position, 'name' | 'fromCatalogue'>,
): readonly Step[] {
  if (move === null) return [];
  const written = entries.map(({ transition }) => transition).filter(({ steps = [] }) => steps.length > 0);
  const own = written.find(({ id }) => id === move.fromCatalogue);
  const named = written.filter(({ name }) => said(name) === said(move.name));
  const found = own ?? named.find((transition) => transition.from === from.fromCatalogue) ?? named[0];
  return found?.steps ?? [];
}
