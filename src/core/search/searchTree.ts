import { missIn, perObject, wordsIn } from '../base';
import { searchCatalogue, searchTransitions, type Catalogue } from '../catalogue';
import { type PositionId, type Transition, type TransitionId, type TreeDocument, type ValueId } from '../tree';
import { sayHis, sayMove, sayShown } from '../words';

export type HitKind = 'place' | 'show' | 'move' | 'mistake' | 'checkpoint' | 'note' | 'person' | 'catalogue';

/** Something that is found, and where it stands. */
export interface Hit {
  readonly kind: HitKind;
  /** As it is written. */
  readonly text: string;
  /** The place, move or card that it belongs to; '' = it is that itself. */
  readonly of: string;
  /** A place of the tree; of the catalogue for what is found there; null for people. */
  readonly position: PositionId | null;
  /** What of the place it is: a show, a move with all that is said of it, or the person; null = the place itself. */
  readonly at: ValueId | TransitionId | string | null;
}

interface Said extends Hit {
  readonly names: readonly (readonly string[])[];
}
const said = (hit: Hit, names: readonly string[] = [hit.text]): Said => ({ ...hit, names: names.map(wordsIn) });
const told = (hit: Omit<Hit, 'text'>, texts: readonly (string | undefined)[]): Said[] =>
  texts.flatMap((text) => (text === undefined || text === '' ? [] : [said({ ...hit, text })]));

function ofTransition(transition: Transition, from: string): Said[] {
  const { id, notes, reason, checkpoints = [], mistakes = [], hazards = [], parameters = [], preventedBy = [], midway = [] } = transition;
  const at = { position: transition.from, at: id };
  const name = sayMove(transition);
  const about = { ...at, of: name };
  return [
    said({ kind: 'move', text: name, of: from, ...at }, [transition.name]),
    ...mistakes.flatMap(({ error, consequence, correction }) => told({ kind: 'mistake', ...about }, [error, consequence, correction])),
    ...told({ kind: 'checkpoint', ...about }, checkpoints),
    ...told({ kind: 'note', ...about }, [
      reason,
      notes,
      ...hazards,
      ...preventedBy,
      ...midway.flatMap((item) => [item.reaction, item.answer]),
      ...parameters.map((parameter) => [parameter.name, ...parameter.values].join(', ')),
    ]),
  ];
}

/** Everything a tree says in words, made once a tree; places first, then what he shows, moves, and what is told of them. */
const saidIn = perObject((tree: TreeDocument): readonly Said[] => {
  const name = new Map(tree.positions.map((position) => [position.id, position.name]));
  const places = tree.positions.flatMap((position): Said[] => {
    const { id: at, aliases = [], reads, notes, reason, checkpoints = [], tempoReason, windowCloses, legRelation, hazards = [] } = position;
    const about = { of: position.name, position: at };
    return [
      said({ kind: 'place', text: position.name, of: '', position: at, at: null }, [position.name, ...aliases]),
      ...reads.flatMap((read) =>
        read.values.map((value) =>
          said({ kind: 'show', text: sayShown(read, value.name), ...about, at: value.id }, [
            value.name,
            `${read.name} ${value.name}`,
            ...(value.cue === undefined ? [] : [value.cue]),
          ]),
        ),
      ),
      ...told({ kind: 'checkpoint', ...about, at: null }, checkpoints),
      ...told({ kind: 'note', ...about, at: null }, [reason, notes, tempoReason, windowCloses, legRelation, ...hazards]),
    ];
  });
  const people = (tree.profiles ?? []).map((person) => said({ kind: 'person', text: person.name, of: '', position: null, at: person.id }));
  return [...places, ...tree.transitions.flatMap((transition) => ofTransition(transition, name.get(transition.from)!)), ...people];
});

const RANK: { readonly [K in HitKind]: number } = {
  place: 0,
  show: 1,
  move: 1,
  person: 1,
  mistake: 2,
  checkpoint: 2,
  note: 3,
  catalogue: 4,
};

/** What a catalogue knows by these words: its places, then its moves and shows. */
function inCatalogue(catalogue: Catalogue, typed: string, limit: number): Hit[] {
  const places = searchCatalogue(catalogue, typed, limit).map(({ position }): Hit => ({
    kind: 'catalogue',
    text: position.name,
    of: '',
    position: position.id,
    at: null,
  }));
  const others = searchTransitions(catalogue, typed, limit).map(({ position, actor, name }): Hit => ({
    kind: 'catalogue',
    text: actor === 'owner' ? sayMove({ actor, name }) : sayHis(name),
    of: position.position.name,
    position: position.position.id,
    at: null,
  }));
  return [...places, ...others].slice(0, limit);
}

/**
 * What is meant by some typed words, in the tree first and then in the catalogue: all words found in one name, cue or note, one
 * wrong letter a word forgiven. What fits best stands first; of equals places, then what is done there, then what is told.
 */
export function searchTree(tree: TreeDocument, catalogue: Catalogue | null, typed: string, limit = 12): Hit[] {
  const words = wordsIn(typed);
  if (words.length === 0) return [];
  const found = saidIn(tree).flatMap((item, order) => {
    const miss = missIn(words, item.names);
    return miss === null ? [] : [{ item, miss: miss + RANK[item.kind] / 10, order }];
  });
  const own = found
    .sort((a, b) => a.miss - b.miss || a.order - b.order)
    .slice(0, limit)
    .map(({ item: { names: _, ...hit } }) => hit);
  const left = Math.max(3, limit - own.length);
  return [...own, ...(catalogue ? inCatalogue(catalogue, typed, left) : [])];
}
