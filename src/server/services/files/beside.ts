import { sameValue } from '@/core/base';
import { gameIn, partedGame, withGame, type Opponent } from '@/core/people';
import { freshId } from '@/core/tree';
import { sayKeptAsCopy } from '@/core/words';
import { kindOf, type AnyDocument, type Beside, type DocumentKind } from '@/documents';
import type { Db } from '../../db/client';
import { insertChanges, manyDocuments } from '../../queries/documents';
import type { Context } from '../context';
import { editBetween, insertNew, keyOf, writeBody } from '../writing';

const PEOPLE: readonly DocumentKind[] = ['athlete', 'opponent'];

interface Known {
  readonly kind: DocumentKind;
  readonly document: AnyDocument;
  readonly revision: number;
}
const asPerson = (document: AnyDocument): Opponent => document as unknown as Opponent;

/** What a file says of a person, whatever else the gym keeps of him: athletes are carried without their habits. */
function saidOf(kind: DocumentKind, person: Opponent, treeId: string) {
  const { game } = partedGame(gameIn(person, treeId));
  const { off = [], on = [] } = game;
  const { name, physique = [], betterSide } = person;
  return { who: { name, physique, betterSide }, game: kind === 'athlete' ? { off, on } : { ...game, off, on } };
}

/** The known document with what is given put to it; null = it says something else. */
function joined(kind: DocumentKind, known: AnyDocument, given: AnyDocument, treeId: string): AnyDocument | null {
  if (kind === 'ruleCard') return sameValue(known, given) ? known : null;
  const [was, is] = [saidOf(kind, asPerson(known), treeId), saidOf(kind, asPerson(given), treeId)];
  if (!sameValue(was.who, is.who)) return null;
  if (sameValue(was.game, is.game)) return known;
  const game = asPerson(given).games?.find((item) => item.tree === treeId);
  const isNew = !asPerson(known).games?.some((item) => item.tree === treeId);
  return isNew && game ? (withGame(asPerson(known), game) as unknown as AnyDocument) : null;
}

export interface TakenBeside {
  /** Kind and id given → the id it has in the gym, where that is another one: `kind\nid`. */
  readonly renamed: ReadonlyMap<string, string>;
  /** Sentences that say what became a copy. */
  readonly notes: readonly string[];
}

/**
 * Takes in the rule cards and people that came with a tree: what is there already is left, what is said of them in this tree
 * is put to it, and another body under the same id becomes a copy. Inside a transaction.
 */
export async function takeBeside(tx: Db, context: Context, treeId: string, beside: readonly Beside[]): Promise<TakenBeside> {
  const renamed = new Map<string, string>();
  const notes: string[] = [];
  if (beside.length === 0) return { renamed, notes };
  const known: Known[] = [];
  for (const kind of ['ruleCard', ...PEOPLE] as const)
    for (const row of await manyDocuments(tx, context.gymId, kind))
      known.push({ kind, document: kindOf(kind).normalise(row.document), revision: row.revision });
  for (const { kind, document } of beside) {
    const given = kindOf(kind).normalise(document as AnyDocument);
    const rivals = kind === 'ruleCard' ? [kind] : PEOPLE;
    const there = known.find((item) => item.document.id === given.id && rivals.includes(item.kind));
    const together = there && there.kind === kind ? joined(kind, there.document, given, treeId) : null;
    if (there && together) {
      if (together === there.document) continue;
      await writeBody(tx, keyOf(context, kind, given.id), there.revision + 1, together);
      const { id: editId, diff } = editBetween(kind, there.document, together, `in the tree ${treeId}`);
      await insertChanges(tx, keyOf(context, kind, given.id), [
        { revision: there.revision + 1, form: kindOf(kind).form, editId, diff, madeBy: context.member },
      ]);
      known.splice(known.indexOf(there), 1, { kind, document: together, revision: there.revision + 1 });
      continue;
    }
    const taken = new Set(known.filter((item) => rivals.includes(item.kind)).map((item) => item.document.id));
    let id = there ? freshId(`${given.id} ${treeId}`, taken) : given.id;
    // A deleted document keeps its id.
    while (!(await insertNew(tx, context, kind, { ...given, id }, null))) {
      taken.add(id);
      id = freshId(`${given.id} ${treeId}`, taken);
    }
    known.push({ kind, document: { ...given, id }, revision: 1 });
    if (id === given.id) continue;
    renamed.set(`${kind}\n${given.id}`, id);
    notes.push(sayKeptAsCopy(kind, given.name, id));
  }
  return { renamed, notes };
}
