import { z } from 'zod';
import { diffOf, type Change, type Diff } from '@/core/document';
import type { Profile, RuleSet, TreeDocument } from '@/core/tree';
import { carriedOpponentSchema } from './carried';
import { headerSchema, ruleSetSchema } from './schema';

/** People stood in the tree itself, and there was a third kind of them. */
export type FormerProfile = Omit<Profile, 'of'> & { readonly of: Profile['of'] | 'partner' };
export type FormerTree = Omit<TreeDocument, 'profiles'> & { readonly profiles?: readonly FormerProfile[] };

/** The header of a tree in files of versions 1 and 2 (the same form of both), and as it was stored then. */
export const formerHeaderSchema = headerSchema.omit({ ruleCards: true, athletes: true, opponents: true }).extend({
  ruleSets: z.array(ruleSetSchema).max(64).optional(),
  profiles: z
    .array(carriedOpponentSchema.extend({ of: z.enum(['partner', 'opponent', 'athlete']) }))
    .max(500)
    .optional(),
});

/** Version 1 named levels without listing them, and did not check what a move hopes to provoke. */
function upgradeFrom1<T extends FormerTree>(tree: T): T {
  const withLevels = (card: RuleSet): RuleSet => {
    const named = card.forbidden.flatMap(({ belowLevel }) => belowLevel ?? []);
    return card.levels || named.length === 0 ? card : { ...card, levels: [...new Set(named)] };
  };
  const shownAt = new Map(
    tree.positions.map((position) => [position.id, position.reads.flatMap((read) => read.values.map((value) => value.id))]),
  );
  return {
    ...tree,
    ...(tree.ruleSets ? { ruleSets: tree.ruleSets.map(withLevels) } : {}),
    transitions: tree.transitions.map((transition) =>
      transition.provokes
        ? {
            ...transition,
            provokes: transition.provokes.filter((id) =>
              [transition.from, transition.to].some((place) => shownAt.get(place)?.includes(id)),
            ),
          }
        : transition,
    ),
  };
}

/** Version 2 held its rule cards and people; now it names those of the gym. A partner is an athlete of the gym. */
function upgradeFrom2({ ruleSets = [], profiles = [], ...tree }: FormerTree): TreeDocument {
  const people = profiles.map((person): Profile => ({ ...person, of: person.of === 'opponent' ? 'opponent' : 'athlete' }));
  const ids = (of: Profile['of']): string[] => people.filter((person) => person.of === of).map((person) => person.id);
  const named = { ruleCards: ruleSets.map((card) => card.id), athletes: ids('athlete'), opponents: ids('opponent') };
  return {
    ...tree,
    ...Object.fromEntries(Object.entries(named).filter(([, list]) => list.length > 0)),
    ...(ruleSets.length > 0 ? { ruleSets } : {}),
    ...(people.length > 0 ? { profiles: people } : {}),
  };
}

/** A tree of an older version as the present one says it, what it held of the gym beside it. Nothing given is touched. */
export const upgradeTree = (tree: FormerTree, version: number): TreeDocument =>
  version >= 3 ? (tree as TreeDocument) : upgradeFrom2(version === 1 ? upgradeFrom1(tree) : tree);

interface FormerChange {
  readonly kind: 'header' | 'position' | 'transition';
  readonly id: string;
  readonly at: number;
  readonly from: never;
  readonly to: never;
}

/** Changes of forms before 3 named the header as a whole, and the lists by what is in them. */
export const presentDiff = ({ label, changes }: Diff): Diff => ({
  label,
  changes: (changes as unknown as readonly FormerChange[]).flatMap(({ kind, ...change }): readonly Change[] =>
    kind === 'header' ? diffOf<object>(change.from, change.to, label, []).changes : [{ kind: 'row', list: `${kind}s`, ...change }],
  ),
});
