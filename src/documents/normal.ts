import { canonical, normaliseTree } from '@/core/notation';
import type { TreeDocument } from '@/core/tree';
import type { AnyDocument } from './kind';
import type { DocumentKind } from './lists';

/** A tree without what was looked up in the gym for it. */
export function normalTree(document: AnyDocument): AnyDocument {
  const { ruleSets: _ruleSets, profiles: _profiles, classes: _classes, ...tree } = document as unknown as TreeDocument;
  return normaliseTree(tree) as unknown as AnyDocument;
}
export const normalDocument = (document: AnyDocument): AnyDocument => canonical(document) as AnyDocument;

const asItIs = (document: AnyDocument): AnyDocument => document;
/** The one form of a document of each kind, in which it is stored, compared and shown. No schema here: screens need none. */
export const NORMAL_FORM: Record<DocumentKind, (document: AnyDocument) => AnyDocument> = {
  tree: normalTree,
  class: asItIs,
  catalogueWords: asItIs,
  athlete: normalDocument,
  opponent: normalDocument,
  course: normalDocument,
  group: normalDocument,
  ruleCard: normalDocument,
  settings: normalDocument,
};
