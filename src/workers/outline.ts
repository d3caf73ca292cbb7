import { catalogueFor, entriesOf, getCatalogue, withGymEntries, type GymsWords } from '@/core/catalogue';
import { applyOutline, type Applied, type OutlineMode } from '@/core/outline';
import { formatTreeFile } from '@/core/notation';
import { findUnanswered } from '@/core/structure';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { sayValue } from '@/core/words';
import { parseTreeFile } from '@/documents/tree/file';

export interface OutlineAnswer extends Applied {
  /** Why the tree could not be stored, in sentences: a text that is too long, a mark that is none of a coach's words. */
  readonly refused: readonly string[];
  /** "Knee shield: he frames": what the places it speaks of still have no answer to. */
  readonly unanswered: readonly string[];
}

/** What an outline would make of a tree, and what it leaves open. `own`: what the gym has added to the catalogue. */
export function outlineAnswer(tree: TreeDocument, text: string, mode: OutlineMode, own: GymsWords | null): OutlineAnswer {
  const { catalogue } = withGymEntries(getCatalogue(), own ? entriesOf(own) : []);
  const applied = applyOutline(tree, text, mode, catalogueFor(catalogue, tree.owner));
  const spoken = new Set(applied.report.spokenOf);
  // Looked up in the gym for the questions, never stored with the tree.
  const { ruleSets: _cards, profiles: _people, ...made } = applied.tree;
  const unanswered = findUnanswered(made).flatMap(({ position, value }) => {
    const place = positionOf(indexOf(made), position);
    return spoken.has(position) ? [`${place.name}: ${sayValue(place, value)}`] : [];
  });
  const checked = parseTreeFile(formatTreeFile(made));
  return { ...applied, tree: made, refused: checked.ok ? [] : checked.error, unanswered };
}
