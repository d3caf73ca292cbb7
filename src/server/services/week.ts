import { forgettingOf, staleOn, type Stale } from '@/core/classes';
import type { GymBook } from '@/core/people';
import type { PositionId } from '@/core/tree';
import type { ClassDocument } from '@/documents/class/schema';
import { manyRecentChanges } from '../queries/documents';
import { findClasses } from './classes/classes';
import type { Context } from './context';
import { findHeld } from './classes/held';
import { findSummaries, type Summary } from './store';
import { findBook, touchedBy } from './trees';
import { keyOf } from './writing';

export interface WeekChange {
  readonly revision: number;
  readonly label: string;
  readonly madeAt: Date;
  readonly madeBy: string | null;
  /** What it touched first; a place that may be gone. */
  readonly at: readonly PositionId[];
}
export interface Week {
  /** The tree last worked on, and the others. */
  readonly tree: Summary;
  readonly others: readonly Summary[];
  /** Latest first. */
  readonly changes: readonly WeekChange[];
  /** Those without a day and those that are still to come, the next first. */
  readonly classes: readonly ClassDocument[];
  /** Of what was taught, what is forgotten most. */
  readonly stale: readonly Stale[];
  readonly book: GymBook;
}

const CHANGES = 6;
const CLASSES = 3;
const STALE = 5;

/** What the first page tells; null = the gym has no tree. */
export async function findWeek(context: Context, today: string): Promise<Week | null> {
  const [tree, ...others] = await findSummaries(context, 'tree');
  if (!tree) return null;
  const [changes, classes, book, held] = await Promise.all([
    manyRecentChanges(context.db, keyOf(context, 'tree', tree.id), CHANGES),
    findClasses(context, tree.id),
    findBook(context, tree.id),
    findHeld(context, tree.id),
  ]);
  return {
    tree,
    others,
    changes: changes.map(({ revision, label, madeAt, madeBy, changes: first }) => ({
      revision,
      label,
      madeAt,
      madeBy,
      at: touchedBy(first),
    })),
    classes: classes
      .map(({ plan }) => plan)
      .filter(({ date }) => date === undefined || date >= today)
      .toSorted((a, b) => ((a.date ?? '') < (b.date ?? '') ? -1 : (a.date ?? '') > (b.date ?? '') ? 1 : 0))
      .slice(0, CLASSES),
    stale: staleOn(held, today, forgettingOf(book.settings)).slice(0, STALE),
    book,
  };
}
