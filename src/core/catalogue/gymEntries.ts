import { ownField } from '../base';
import {
  freshId,
  indexOf,
  positionOf,
  type Mistake,
  type Position,
  type PositionId,
  type TreeDocument,
  type ValueId,
  type When,
} from '../tree';
import { findTaken } from './take';
import { isSign } from './signs';
import type { Catalogue, CataloguePosition, CatalogueTransition } from './types';

/** What a gym says differently of an entry. Whatever is not named here follows the shipped catalogue, also a later one. */
export interface PositionChange {
  readonly name?: string;
  /** Other names besides the shipped ones. */
  readonly moreAliases?: readonly string[];
  readonly tempoReason?: string;
  readonly windowCloses?: string;
  readonly legRelation?: string;
  readonly hazards?: readonly string[];
  readonly feeder?: string;
  readonly values?: Readonly<Record<ValueId, { readonly name?: string; readonly cue?: string }>>;
}
export interface TransitionChange {
  readonly name?: string;
  readonly mistakes?: readonly Mistake[];
  readonly hazards?: readonly string[];
  readonly feeder?: string;
}

/** One thing that a gym changed in the catalogue or added to it; (kind, id) is unique within the gym. */
export type GymEntry =
  | { readonly kind: 'changedPosition'; readonly id: string; readonly change: PositionChange }
  | { readonly kind: 'changedTransition'; readonly id: string; readonly change: TransitionChange }
  | ({ readonly kind: 'position'; readonly id: string } & CataloguePosition)
  | ({ readonly kind: 'transition'; readonly id: string } & CatalogueTransition);

export interface GymsCatalogue {
  readonly catalogue: Catalogue;
  /** What is the gym's own, by id of the entry. */
  readonly origin: ReadonlyMap<string, 'changed' | 'own'>;
  /** What the gym says differently, by id of the position or transition. */
  readonly positionChanges: ReadonlyMap<string, PositionChange>;
  readonly transitionChanges: ReadonlyMap<string, TransitionChange>;
  /** Entries of the gym that no longer have anything to stand on: a later catalogue dropped or renamed it. Kept, not used. */
  readonly leftOver: readonly GymEntry[];
}

function withPositionChange(entry: CataloguePosition, change: PositionChange): CataloguePosition {
  const { moreAliases = [], feeder = entry.feeder, values = {}, ...said } = change;
  const reads = entry.position.reads.map((read) => ({
    ...read,
    values: read.values.map((value) => ({ ...value, ...ownField(values, value.id) })),
  }));
  const aliases = [...new Set([...(entry.position.aliases ?? []), ...moreAliases])];
  return { ...entry, feeder, position: { ...entry.position, ...said, aliases, reads } };
}

function withTransitionChange(entry: CatalogueTransition, change: TransitionChange): CatalogueTransition {
  const { feeder = entry.feeder, ...said } = change;
  return { feeder, transition: { ...entry.transition, ...said } };
}

const stands = (position: Position | undefined, when: When | undefined): boolean =>
  position !== undefined &&
  Object.entries(when ?? {}).every(([readId, values]) => {
    const read = position.reads.find((item) => item.id === readId);
    return values.every((id) => read?.values.some((value) => value.id === id));
  });

const ofKind = <K extends GymEntry['kind']>(entries: readonly GymEntry[], kind: K) =>
  entries.filter((entry): entry is Extract<GymEntry, { kind: K }> => entry.kind === kind);

/** The shipped catalogue as a gym sees it. Neither is changed. O(entries). */
export function withGymEntries(shipped: Catalogue, entries: readonly GymEntry[]): GymsCatalogue {
  const origin = new Map<string, 'changed' | 'own'>();
  const leftOver: GymEntry[] = [];
  const positions = new Map(shipped.positions.map((entry) => [entry.position.id, entry]));
  const transitions = new Map(shipped.transitions.map((entry) => [entry.transition.id, entry]));
  /** Puts an entry where it belongs; null = there is nothing that it changes or links. */
  const put = <E>(known: Map<string, E>, entry: GymEntry, made: E | null): void => {
    if (made === null) return void leftOver.push(entry);
    known.set(entry.id, made);
    origin.set(entry.id, 'change' in entry ? 'changed' : 'own');
  };
  for (const entry of ofKind(entries, 'position')) {
    const { position, signs, feeder } = entry;
    put(positions, entry, { position, signs, feeder });
  }
  for (const entry of ofKind(entries, 'transition')) {
    const { transition, feeder } = entry;
    const isLinked = stands(positions.get(transition.from)?.position, transition.when) && positions.has(transition.to);
    put(transitions, entry, isLinked ? { transition, feeder } : null);
  }
  for (const entry of ofKind(entries, 'changedPosition')) {
    const known = positions.get(entry.id);
    put(positions, entry, known ? withPositionChange(known, entry.change) : null);
  }
  for (const entry of ofKind(entries, 'changedTransition')) {
    const known = transitions.get(entry.id);
    put(transitions, entry, known ? withTransitionChange(known, entry.change) : null);
  }
  const changesOf = <C>(kind: 'changedPosition' | 'changedTransition') =>
    new Map(ofKind(entries, kind).map(({ id, change }) => [id, change as C]));
  return {
    positionChanges: changesOf<PositionChange>('changedPosition'),
    transitionChanges: changesOf<TransitionChange>('changedTransition'),
    catalogue: { positions: [...positions.values()], transitions: [...transitions.values()] },
    origin,
    leftOver,
  };
}

/** What a place of the tree lacks to be an entry of the catalogue; empty = nothing. */
export function lacksForEntry(position: Position): ('stance' | 'distance' | 'legRelation' | 'signs')[] {
  const lacks: ('stance' | 'distance' | 'legRelation' | 'signs')[] = [];
  for (const field of ['stance', 'distance', 'legRelation'] as const) if (!position[field]) lacks.push(field);
  if (!(position.signs ?? []).some(isSign)) lacks.push('signs');
  return lacks;
}

/**
 * A place of the tree, and its ways from and to places that the catalogue has, as entries of the gym.
 * Pre: the catalogue does not have it yet and it lacks nothing (`findTaken`, `lacksForEntry`).
 */
export function entriesFromTree(tree: TreeDocument, catalogue: Catalogue, at: PositionId): GymEntry[] {
  const index = indexOf(tree);
  const found = positionOf(index, at);
  const id = freshId(`own ${found.name}`, new Set(catalogue.positions.map((entry) => entry.position.id)));
  const { source: _source, fromCatalogue: _from, continuesIn: _on, ...kept } = found;
  const position = { ...kept, id } as CataloguePosition['position'];
  const entryOf = new Map<PositionId, string>([[at, id]]);
  for (const entry of catalogue.positions) {
    const taken = findTaken(tree, entry);
    if (taken !== null) entryOf.set(taken, entry.position.id);
  }
  const valuesOf = new Map(catalogue.positions.map((entry) => [entry.position.id, entry.position]));
  const ids = new Set(catalogue.transitions.map((entry) => entry.transition.id));
  const moves = tree.transitions.flatMap((transition): GymEntry[] => {
    const [from, to] = [entryOf.get(transition.from), entryOf.get(transition.to)];
    if ((transition.from !== at && transition.to !== at) || from === undefined || to === undefined) return [];
    const start = from === id ? position : valuesOf.get(from);
    if (!stands(start, transition.when)) return [];
    const transitionId = freshId(`${id} ${transition.name}`, ids);
    ids.add(transitionId);
    const {
      onFail: _onFail,
      provokes: _provokes,
      parameters: _parameters,
      stoppedBy: _stoppedBy,
      source: _s,
      fromCatalogue: _f,
      schools: _schools,
      ...rest
    } = transition;
    return [{ kind: 'transition', id: transitionId, transition: { ...rest, id: transitionId, from, to }, feeder: '' }];
  });
  return [{ kind: 'position', id, position, signs: (found.signs ?? []).filter(isSign), feeder: '' }, ...moves];
}
