import { groupBy } from '../base';
import { rowsOf } from '../document';
import { checkTree, emptyTree } from '../tree';
import { describeTreeError, sayCatalogueProblem } from '../words';
import { getCatalogue } from './catalogue';
import { withGymEntries, type GymEntry } from './gymEntries';
import type { Catalogue } from './types';

/** The one document in which a gym keeps its words for the catalogue. */
export const WORDS_ID = 'own';
const ENTRY_KINDS = ['changedPosition', 'changedTransition', 'position', 'transition'] as const satisfies readonly GymEntry['kind'][];

/** A gym's entries, a list for each kind; (kind, id) is unique. */
export type GymsWords = { readonly id: string; readonly name: string } & {
  readonly [K in GymEntry['kind']]: readonly Extract<GymEntry, { readonly kind: K }>[];
};
export const emptyWords = (): GymsWords => ({
  id: WORDS_ID,
  name: 'Catalogue',
  changedPosition: [],
  changedTransition: [],
  position: [],
  transition: [],
});

export const entriesOf = (words: GymsWords): GymEntry[] => ENTRY_KINDS.flatMap((kind): readonly GymEntry[] => words[kind]);

/** What is put and what is taken back in one go. */
export interface GymEntryEdit {
  readonly put: readonly GymEntry[];
  readonly remove: readonly Pick<GymEntry, 'kind' | 'id'>[];
}

export function withEntryEdit(words: GymsWords, { put, remove }: GymEntryEdit): GymsWords {
  const lists = ENTRY_KINDS.map((kind) => {
    const gone = new Set(remove.filter((item) => item.kind === kind).map((item) => item.id));
    const mine = new Map(put.filter((item) => item.kind === kind).map((item) => [item.id, item]));
    const kept = rowsOf(words, kind)
      .filter((entry) => !gone.has(entry.id))
      .map((entry) => mine.get(entry.id) ?? entry);
    const known = new Set(kept.map((entry) => entry.id));
    return [kind, [...kept, ...[...mine.values()].filter((entry) => !known.has(entry.id))]] as const;
  });
  return { ...words, ...Object.fromEntries(lists) };
}

const keyOf = ({ kind, id }: Pick<GymEntry, 'kind' | 'id'>): string => `${kind} ${id}`;

/** Names that two entries would share; what the shipped catalogue already has twice is not the gym's doing. */
function sharedNames({ positions }: Catalogue): string[] {
  const named = positions.flatMap(({ position }) =>
    [...new Set([position.name, ...(position.aliases ?? [])].map((name) => name.toLowerCase()))].map((name) => ({
      name,
      of: position.name,
    })),
  );
  return [...groupBy(named, (item) => item.name)]
    .filter(([, items]) => items.length > 1)
    .map(([name, items]) =>
      sayCatalogueProblem.sharedName(
        name,
        items.map((item) => item.of),
      ),
    );
}

/** Why the gym's catalogue cannot be so, a sentence each; empty = it can. What `before` had already is not held against it. */
export function catalogueProblems(words: GymsWords, before: GymsWords | null): readonly string[] {
  const entries = entriesOf(words);
  const known = new Set(before ? entriesOf(before) : []);
  const put = entries.filter((entry) => !known.has(entry));
  const { catalogue, leftOver } = withGymEntries(getCatalogue(), entries);
  const shipped = new Set([
    ...getCatalogue().positions.map((entry) => entry.position.id),
    ...getCatalogue().transitions.map((entry) => entry.transition.id),
  ]);
  const misnamed = put.filter(
    (entry) => ('position' in entry && entry.position.id !== entry.id) || ('transition' in entry && entry.transition.id !== entry.id),
  );
  const covering = put.filter((entry) => ('position' in entry || 'transition' in entry) && shipped.has(entry.id));
  const asked = new Set(put.map(keyOf));
  const adrift = leftOver.filter((entry) => asked.has(keyOf(entry)));
  const checked = checkTree({
    ...emptyTree('catalogue', 'Catalogue'),
    positions: catalogue.positions.map((entry) => entry.position),
    transitions: catalogue.transitions.map((entry) => entry.transition),
  });
  return [
    ...misnamed.map((entry) => sayCatalogueProblem.misnamed(entry.id)),
    ...covering.map((entry) => sayCatalogueProblem.covering(entry.id)),
    ...adrift.map((entry) => sayCatalogueProblem.adrift(entry.id)),
    ...(checked.ok ? [] : checked.error.slice(0, 10).map(describeTreeError)),
    ...sharedNames(catalogue),
  ];
}
