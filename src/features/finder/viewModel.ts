import { findCandidates, hasTicks, placeOf, type Catalogue, type Match, type Seen } from '@/core/catalogue';
import { namedAt, indexOf, type Position, type Transition, type TreeDocument } from '@/core/tree';
import { sayMine, sayShown, sayWithReason, WHATEVER } from '@/core/words';

export interface Advice {
  /** What he shows; `WHATEVER` for what needs no sign. */
  readonly shown: string;
  /** What to do then; empty = no answer yet. */
  readonly answers: readonly string[];
}
export interface Answer {
  readonly key: string;
  readonly name: string;
  readonly from: 'tree' | 'catalogue';
  readonly position: Position;
  readonly match: Match;
  readonly advice: readonly Advice[];
}

const LISTED = 8;
const sayAnswer = ({ name, reason }: Transition): string => sayWithReason(sayMine(name), reason);

function adviceAt(position: Position, transitions: readonly Transition[]): Advice[] {
  const mine = transitions.filter((transition) => transition.actor === 'owner').toSorted((a, b) => (b.priority ?? 0) - (a.priority ?? 0));
  const shown = position.reads.flatMap((read) =>
    read.values.map((value) => ({
      shown: sayShown(read, value.name),
      answers: mine.filter((transition) => namedAt(transition.when, read.id).includes(value.id)).map(sayAnswer),
    })),
  );
  const silent = mine.filter((transition) => Object.keys(transition.when ?? {}).length === 0).map(sayAnswer);
  return silent.length > 0 ? [...shown, { shown: WHATEVER, answers: silent }] : shown;
}

/** Positions of this tree, then of the catalogue (without those the tree has by name), best match first within each. */
export function answersFor(tree: TreeDocument, catalogue: Catalogue, seen: Seen): Answer[] {
  if (!hasTicks(seen)) return [];
  const index = indexOf(tree);
  const own = findCandidates(tree.positions.map(placeOf), seen).map((match): Answer => {
    const { position } = match.place;
    return {
      key: `tree ${position.id}`,
      name: position.name,
      from: 'tree',
      position,
      match,
      advice: adviceAt(position, index.from.get(position.id)!),
    };
  });
  const names = new Set(
    tree.positions.flatMap((position) => [position.name, ...(position.aliases ?? [])].map((name) => name.toLowerCase())),
  );
  const others = catalogue.positions.filter(
    ({ position }) => ![position.name, ...(position.aliases ?? [])].some((name) => names.has(name.toLowerCase())),
  );
  const transitions = catalogue.transitions.map((item) => item.transition);
  const found = findCandidates(others, seen).map((match): Answer => {
    const { position } = match.place;
    return {
      key: `catalogue ${position.id}`,
      name: position.name,
      from: 'catalogue',
      position,
      match,
      advice: adviceAt(
        position,
        transitions.filter((transition) => transition.from === position.id),
      ),
    };
  });
  return [...own.slice(0, LISTED), ...found.slice(0, LISTED)];
}
