import { findCandidates, hasTicks, placeOf, type Catalogue, type Match, type Seen } from '@/core/catalogue';
import { indexOf, type Position, type Transition, type TreeDocument } from '@/core/tree';
import { showsAt } from '@/core/structure';
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
  return showsAt(position, transitions).flatMap(({ read, value, answers }) =>
    read !== null && value !== null
      ? [{ shown: sayShown(read, value.name), answers: answers.map(sayAnswer) }]
      : answers.length > 0
        ? [{ shown: WHATEVER, answers: answers.map(sayAnswer) }]
        : [],
  );
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
