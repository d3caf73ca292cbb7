import { required } from '../base';
import { freshId, indexOf, withPosition, withTransition, type PositionId, type Transition, type TreeDocument } from '../tree';
import type { Catalogue, CataloguePosition } from './types';

/** The tree's position that stands for a catalogue entry: copied from it, or called by one of its names. */
export function findTaken(tree: TreeDocument, entry: CataloguePosition): PositionId | null {
  const names = new Set([entry.position.name, ...(entry.position.aliases ?? [])].map((name) => name.toLowerCase()));
  const found =
    tree.positions.find((position) => position.fromCatalogue === entry.position.id) ??
    tree.positions.find((position) => names.has(position.name.toLowerCase()));
  return found?.id ?? null;
}

/**
 * Copies a catalogue entry into the tree, reads, reasons and cautions along, marked until the coach confirms. A tree that
 * has it already is left alone. Guards (what faces the passer, no line held) become starts when `start` is set.
 */
export function withEntry(tree: TreeDocument, entry: CataloguePosition, { start = false } = {}): { tree: TreeDocument; id: PositionId } {
  const known = findTaken(tree, entry);
  if (known !== null) return { tree, id: known };
  const id = freshId(entry.position.id, new Set(tree.positions.map((position) => position.id)));
  const taken = withPosition(tree, { ...entry.position, id, signs: entry.signs, source: 'catalogue', fromCatalogue: entry.position.id });
  return { tree: start ? { ...taken, starts: [...taken.starts, { position: id }] } : taken, id };
}

/** The value of this name at a position; the coach may have renamed or re-identified what the catalogue calls it. */
function valueHere(tree: TreeDocument, from: PositionId, name: string, id: string): { read: string; value: string } | null {
  for (const read of indexOf(tree).positions.get(from)!.reads) {
    const value = read.values.find((item) => item.id === id || item.name.toLowerCase() === name.toLowerCase());
    if (value) return { read: read.id, value: value.id };
  }
  return null;
}

/** A value of a catalogue entry. */
const nameIn = (origin: CataloguePosition, readId: string, valueId: string): { id: string; name: string } =>
  required(
    origin.position.reads.find((read) => read.id === readId)?.values.find((value) => value.id === valueId),
    `value ${valueId}`,
  );

/** Catalogue transitions between two places that the tree has and does not link by that name yet. */
export function findTakeable(tree: TreeDocument, catalogue: Catalogue): { transition: Transition; from: PositionId; to: PositionId }[] {
  const taken = new Map(
    catalogue.positions.flatMap((entry) => {
      const id = findTaken(tree, entry);
      return id === null ? [] : [[entry.position.id, id] as const];
    }),
  );
  const index = indexOf(tree);
  return catalogue.transitions.flatMap(({ transition }) => {
    const [from, to] = [taken.get(transition.from), taken.get(transition.to)];
    if (from === undefined || to === undefined) return [];
    const isThere = index.from
      .get(from)!
      .some(
        (move) => move.fromCatalogue === transition.id || (move.to === to && move.name.toLowerCase() === transition.name.toLowerCase()),
      );
    return isThere ? [] : [{ transition, from, to }];
  });
}

/** Copies a catalogue transition between two places of the tree; values that the place does not have are left out of `when`. */
export function withTakenTransition(
  tree: TreeDocument,
  catalogue: Catalogue,
  { transition, from, to }: { transition: Transition; from: PositionId; to: PositionId },
): TreeDocument {
  const origin = catalogue.positions.find((entry) => entry.position.id === transition.from)!;
  const when = new Map<string, string[]>();
  for (const [readId, values] of Object.entries(transition.when ?? {})) {
    for (const id of values) {
      const here = valueHere(tree, from, nameIn(origin, readId, id).name, id);
      if (here) when.set(here.read, [...(when.get(here.read) ?? []), here.value]);
    }
  }
  const { when: _when, ...rest } = transition;
  const id = freshId(transition.id, new Set(tree.transitions.map((move) => move.id)));
  return withTransition(tree, {
    ...rest,
    id,
    from,
    to,
    source: 'catalogue',
    fromCatalogue: transition.id,
    ...(when.size > 0 ? { when: Object.fromEntries(when) } : {}),
  });
}

/** Everything copied from the catalogue and not confirmed yet. */
export const findUnconfirmed = (tree: TreeDocument): { positions: PositionId[]; transitions: string[] } => ({
  positions: tree.positions.filter((position) => position.fromCatalogue !== undefined).map((position) => position.id),
  transitions: tree.transitions.filter((transition) => transition.fromCatalogue !== undefined).map((transition) => transition.id),
});

/** The catalogue's moves of one athlete for a value shown at a place of the tree, those that name it first, then the silent ones. */
export function findTransitionsFor(
  tree: TreeDocument,
  catalogue: Catalogue,
  at: { readonly position: PositionId; readonly value: string | null; readonly actor: Transition['actor'] },
): Transition[] {
  const origins = catalogue.positions.filter((entry) => findTaken(tree, entry) === at.position);
  const drawn = new Set(
    indexOf(tree)
      .from.get(at.position)!
      .flatMap((transition) => [transition.name.toLowerCase(), transition.fromCatalogue ?? '']),
  );
  const offered = origins.flatMap((origin) =>
    catalogue.transitions.flatMap(({ transition }) => {
      const { id, from, actor, name, when } = transition;
      if (from !== origin.position.id || actor !== at.actor || drawn.has(id) || drawn.has(name.toLowerCase())) return [];
      const named = Object.entries(when ?? {}).flatMap(([readId, values]) => values.map((value) => nameIn(origin, readId, value)));
      const fits = named.some((item) => at.value !== null && valueHere(tree, at.position, item.name, item.id)?.value === at.value);
      return fits || named.length === 0 ? [{ transition, fits }] : [];
    }),
  );
  return offered.sort((a, b) => Number(b.fits) - Number(a.fits)).map((item) => item.transition);
}

/** A catalogue move out of a place of the tree; where it lands is copied too if the tree does not have it. */
export function withCatalogueTransition(
  tree: TreeDocument,
  catalogue: Catalogue,
  transition: Transition,
  from: PositionId,
): { tree: TreeDocument; to: PositionId; isNew: boolean } {
  const entry = required(
    catalogue.positions.find((item) => item.position.id === transition.to),
    transition.to,
  );
  const isNew = findTaken(tree, entry) === null;
  const landed = withEntry(tree, entry);
  return { tree: withTakenTransition(landed.tree, catalogue, { transition, from, to: landed.id }), to: landed.id, isNew };
}

/** The coach has read what was copied: the place, and the ways out of it, are now the tree's own. */
export const withConfirmed = (tree: TreeDocument, at: PositionId): TreeDocument => ({
  ...tree,
  positions: tree.positions.map((item) => (item.id === at ? { ...item, fromCatalogue: undefined } : item)),
  transitions: tree.transitions.map((transition) => (transition.from === at ? { ...transition, fromCatalogue: undefined } : transition)),
});
