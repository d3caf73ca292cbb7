import { athleteKind } from './athlete';
import { catalogueWordsKind } from './catalogue-words';
import { classKind } from './class';
import { courseKind } from './course';
import { groupKind } from './group';
import type { Kind } from './kind';
import type { DocumentKind } from './lists';
import { opponentKind } from './opponent';
import { ruleCardKind } from './rule-card';
import { settingsKind } from './settings';
import { treeKind } from './tree';

const KINDS: Record<DocumentKind, Kind> = {
  tree: treeKind,
  class: classKind,
  course: courseKind,
  athlete: athleteKind,
  opponent: opponentKind,
  group: groupKind,
  ruleCard: ruleCardKind,
  settings: settingsKind,
  catalogueWords: catalogueWordsKind,
};
/** All that the store knows of a kind. A new kind is a folder here and a line above. */
export const kindOf = (kind: DocumentKind): Kind => KINDS[kind];
export type { AnyDocument, Beside, Kind, Moved } from './kind';
export { DOCUMENT_KINDS, DOCUMENT_LISTS, type DocumentKind } from './lists';
