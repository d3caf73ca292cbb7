import { lettersOf } from '../base';
import type { Catalogue } from '../catalogue';
import { lieOf, PLACE_WORDS, placeMeant } from '../dictation';
import {
  freshId,
  landingOf,
  NAME_LENGTH,
  withoutTransition,
  withoutValue,
  type Position,
  type PositionId,
  type Start,
  type Transition,
  type TransitionId,
  type TreeDocument,
  type ValueId,
} from '../tree';
import { familyTyped, sayUnknownPlaceWord } from '../words';
import { detailOf, type Detail, type Names } from './detailKinds';
import type { Block, DetailNode, OutlineProblem, PlaceName } from './parse';

/** `add`: what is there stays, what the outline says comes on top; `rewrite`: its places say what the outline says and no more. */
export type OutlineMode = 'add' | 'rewrite';

export interface OutlineReport {
  /** The places of which something is said. */
  readonly spokenOf: readonly PositionId[];
  /** Places of the tree that the outline speaks of, new ones, and those of the new that the catalogue knows by their very name. */
  readonly yours: readonly string[];
  readonly fresh: readonly string[];
  readonly fromCatalogue: readonly string[];
  /** New places whose names are a letter or a synonym away from one that is there. */
  readonly near: readonly { readonly name: string; readonly line: number; readonly there: readonly string[] }[];
}

/** One block of the outline and the place that it is said of. */
export interface Said {
  readonly id: PositionId;
  readonly block: Block;
  /** It says all that is to be said of the place: what it does not say is taken out. */
  readonly rewrites: boolean;
}

/** The places by what they are called. */
class Called {
  readonly #names = new Map<string, PositionId[]>();
  readonly #aliases = new Map<string, PositionId[]>();

  add({ id, name, aliases = [] }: Position): void {
    push(this.#names, lettersOf(name), id);
    for (const alias of aliases) push(this.#aliases, lettersOf(alias), id);
  }
  named(name: string): readonly PositionId[] {
    return this.#names.get(lettersOf(name)) ?? [];
  }
  /** Other words for a place that the outline itself gives. */
  addWords(id: PositionId, words: readonly string[]): void {
    for (const word of words) push(this.#aliases, lettersOf(word), id);
  }
  /** The nth place of a name, by its name first and then by another word for it; null = none, or several and none is said. */
  find(name: string, nth: number | null): PositionId | null {
    const same = this.named(name);
    if (nth !== null) return same[nth - 1] ?? null;
    if (same.length > 0) return same.length === 1 ? same[0]! : null;
    const called = new Set(this.#aliases.get(lettersOf(name)));
    return called.size === 1 ? [...called][0]! : null;
  }
}
function push<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const list = map.get(key);
  if (list) list.push(value);
  else map.set(key, [value]);
}

/** Builds a tree from an outline, record by record; problems are gathered and what cannot be read is left out. */
export class Builder {
  readonly problems: OutlineProblem[] = [];
  readonly called = new Called();
  readonly starts: Map<PositionId, Start>;
  readonly #positions: Map<PositionId, Position>;
  readonly #transitions: Map<TransitionId, Transition>;
  /** Moves and values that are taken out: what speaks of them is mended at the end. */
  readonly #gone: TransitionId[] = [];
  readonly #unshown: (readonly [PositionId, ValueId])[] = [];
  readonly #fresh = new Set<PositionId>();
  readonly #known = new Set<PositionId>();
  readonly #entries: string[] = [];
  readonly #near: OutlineReport['near'][number][] = [];

  constructor(
    /** The tree as it was. */
    readonly before: TreeDocument,
    readonly mode: OutlineMode,
    readonly catalogue: Catalogue | null,
  ) {
    this.#positions = new Map(before.positions.map((position) => [position.id, position]));
    this.#transitions = new Map(before.transitions.map((transition) => [transition.id, transition]));
    this.starts = new Map(before.starts.map((start) => [start.position, start]));
    for (const position of before.positions) this.called.add(position);
  }

  tell(line: number, says: string): void {
    this.problems.push({ line, says });
  }

  /** The place of a name, made if there is none; `from`: what lands on it. */
  place(at: PlaceName, from: Position | null, actor: Transition['actor'] | null): PositionId | null {
    const { line, name, nth, strange } = at;
    if (strange !== null) this.tell(line, sayUnknownPlaceWord(strange, PLACE_WORDS));
    if (name === '' || name.length > NAME_LENGTH) {
      this.tell(line, name === '' ? 'A place has no name.' : `The name of a place has ${name.length} letters; ${NAME_LENGTH} is the most.`);
      return null;
    }
    const found = this.called.find(name, nth);
    if (found !== null) {
      this.#known.add(found);
      return found;
    }
    const same = this.called.named(name);
    if (same.length > 1 && nth === null) {
      this.tell(line, `${same.length} places are called “${name}”: write “${name} #1” or “#2”.`);
      return null;
    }
    return this.#add(at, from, actor);
  }

  #add({ line, name, means }: PlaceName, from: Position | null, actor: Transition['actor'] | null): PositionId {
    const meant = placeMeant({ ...this.before, positions: [...this.#positions.values()] }, name, this.catalogue);
    const entry = meant.kind === 'new' ? meant.entry : null;
    if (meant.kind === 'ask' && meant.why !== 'sameName') this.#near.push({ name, line, there: meant.between.map((item) => item.name) });
    if (entry) this.#entries.push(name);
    const said = means && ('ends' in means ? means.ends : 'unfinished' in means ? 'attempt' : null);
    const landing = said ?? (actor === 'opponent' ? 'guard' : 'nextLine');
    const lie = entry ? lieOf(entry) : from === null ? { family: familyTyped(name) } : landingOf(this.before, from, landing);
    const id = freshId(name, this.#positions);
    const position: Position = { family: 'transit', lines: [], tempo: 'neutral', reads: [], ...lie, id, name };
    this.set(position);
    this.called.add(position);
    this.#fresh.add(id);
    return id;
  }

  at(id: PositionId): Position {
    return this.#positions.get(id)!;
  }
  set(position: Position): void {
    this.#positions.set(position.id, position);
  }
  setMove(transition: Transition): void {
    this.#transitions.set(transition.id, transition);
  }
  freshMove(name: string): TransitionId {
    return freshId(name, this.#transitions);
  }
  dropMove(id: TransitionId): void {
    this.#transitions.delete(id);
    this.#gone.push(id);
  }
  dropValue(position: PositionId, value: ValueId): void {
    this.#unshown.push([position, value]);
  }
  /** The owner comes to it from elsewhere. */
  isReached(id: PositionId): boolean {
    return [...this.#transitions.values()].some(({ to, from, actor }) => to === id && from !== id && actor === 'owner');
  }
  isFresh(id: PositionId): boolean {
    return this.#fresh.has(id);
  }

  tree(): TreeDocument {
    const built: TreeDocument = {
      ...this.before,
      starts: [...this.starts.values()],
      positions: [...this.#positions.values()],
      transitions: [...this.#transitions.values()],
    };
    const shown = this.#unshown.reduce((tree, [position, value]) => withoutValue(tree, position, value), built);
    return this.#gone.reduce(withoutTransition, shown);
  }
  report(spokenOf: readonly PositionId[]): OutlineReport {
    const nameOf = (id: PositionId): string => this.at(id).name;
    const known = [...this.#known].filter((id) => !this.#fresh.has(id));
    return { spokenOf, yours: known.map(nameOf), fresh: [...this.#fresh].map(nameOf), fromCatalogue: this.#entries, near: this.#near };
  }
}

/** What the details say, on top of nothing; those that are not known are told. */
export function readDetails<R>(
  build: Builder,
  details: readonly Detail<R>[],
  nodes: readonly DetailNode[],
  names: Names,
  of: string,
): Partial<R> {
  let so: Partial<R> = {};
  for (const { line, text } of nodes) {
    const found = detailOf(details, text);
    if (!found) {
      build.tell(line, `“${text}” says nothing of ${of}. Known are: ${details.map(({ key }) => key).join(', ')}.`);
      continue;
    }
    const read = found.detail.read(found.rest, so, names);
    if (typeof read === 'string') build.tell(line, read);
    else so = { ...so, ...read };
  }
  return so;
}

/** The record without what an outline says of it and this one does not. */
export function cleared<R extends object>(details: readonly Detail<R>[], record: R, names: Names): R {
  const said = details.flatMap(({ fields, say }) => ((say(record, names)?.length ?? 0) > 0 ? fields : []));
  return Object.fromEntries(Object.entries(record).filter(([key]) => !(said as readonly PropertyKey[]).includes(key))) as R;
}
