import { personOf } from '@/core/people';
import { TREE_FILE_MAX_BYTES } from '@/core/notation';
import { checkTree, headerOf, type TreeDocument } from '@/core/tree';
import { describeTreeError } from '@/core/words';
import type { AnyDocument, Beside, Kind } from '../kind';
import { normalTree } from '../normal';
import { presentDiff, upgradeTree, type FormerTree } from './former';
import { headerSchema, MAX_POSITIONS, MAX_TRANSITIONS, positionSchema, transitionSchema } from './schema';

const asTree = (document: AnyDocument): TreeDocument => document as unknown as TreeDocument;
const asDocument = (tree: TreeDocument): AnyDocument => tree as unknown as AnyDocument;

/** What a tree held of the gym, as documents of the gym. */
export const besideOf = ({ id, ruleSets = [], profiles = [] }: TreeDocument): Beside[] => [
  ...ruleSets.map((document): Beside => ({ kind: 'ruleCard', document })),
  ...profiles.map((person): Beside => ({ kind: person.of, document: personOf(person, id) })),
];

export const treeKind: Kind = {
  form: 3,
  body: headerSchema,
  rows: { positions: positionSchema, transitions: transitionSchema },
  maxRows: { positions: MAX_POSITIONS, transitions: MAX_TRANSITIONS },
  maxBytes: TREE_FILE_MAX_BYTES,
  check(document) {
    const checked = checkTree(asTree(document));
    return checked.ok ? [] : checked.error.slice(0, 20).map(describeTreeError);
  },
  normalise: normalTree,
  upgrade(document, form, moved) {
    const former = document as unknown as FormerTree;
    for (const person of former.profiles ?? []) if (person.of === 'partner') moved.partners.add(`${former.id}\n${person.id}`);
    const tree = upgradeTree(former, form);
    const { positions, transitions } = tree;
    return { document: asDocument({ ...headerOf(tree), positions, transitions }), beside: besideOf(tree) };
  },
  formerDiff: (diff, form) => (form < 3 ? presentDiff(diff) : diff),
  withRenamed(document, { renamed }) {
    const tree = asTree(document);
    const under = (kind: Beside['kind'], ids: readonly string[] | undefined) =>
      ids?.map((id) => renamed.get(`${tree.id}\n${kind}\n${id}`) ?? id);
    const named = {
      ruleCards: under('ruleCard', tree.ruleCards),
      athletes: under('athlete', tree.athletes),
      opponents: under('opponent', tree.opponents),
    };
    return asDocument({ ...tree, ...Object.fromEntries(Object.entries(named).filter(([, ids]) => ids !== undefined)) });
  },
};
