import * as Comlink from 'comlink';
import { sameValue } from '@/core/base';
import { applyDiff, type Diff } from '@/core/document';
import { treeInGym, type GymBook } from '@/core/people';
import type { TreeDocument } from '@/core/tree';
import { letOthersIn } from '@/documents/letOthersIn';
import { toParts, type Part } from './inParts';
import { fetchTree, OtherTrees } from './otherTrees';
import { answering, type AnswerTo, type Question, type QuestionKind } from './questions';

let tree: TreeDocument | null = null;
let inGym: TreeDocument | null = null;
let book: GymBook = { ruleCards: [], athletes: [], opponents: [] };
const others = new OtherTrees();
const running = new Map<number, AbortController>();
/** One question at a time, in the order in which they came: what is drawn comes before what is counted. */
let turn: Promise<unknown> = Promise.resolve();

function take(next: TreeDocument): void {
  tree = next;
  inGym = treeInGym(next, book);
}

const api = {
  /** Still there. */
  ping(): true {
    return true;
  },
  /** Fetches and checks the tree by itself; false = the server has another revision, or does not answer. */
  async load(treeId: string, revision: number): Promise<boolean> {
    const read = await fetchTree(treeId, revision);
    if (read?.revision !== revision) return false;
    take(read.document);
    return true;
  },
  /** The tree as the window has it, whole. */
  put(next: TreeDocument): void {
    take(next);
  },
  /** What the window has changed since; false = it does not fit, send the whole. */
  patch(diff: Diff): boolean {
    const applied = tree && applyDiff(tree, diff);
    if (!applied?.ok) return false;
    take(applied.value);
    return true;
  },
  setBook(next: GymBook): void {
    // Read anew with every page; what is known of the tree stays while it says the same.
    if (sameValue(book, next)) return;
    book = next;
    if (tree) take(tree);
  },
  /** Answers a question about the tree in pieces, so that it can be cancelled without ending the worker. */
  async ask(
    id: number,
    question: Question,
    onProgress: (share: number) => void,
    onPart: (part: Part) => void | Promise<void>,
  ): Promise<AnswerTo[QuestionKind]> {
    const about = inGym;
    if (!about) throw new Error('no tree has been loaded');
    const controller = new AbortController();
    running.set(id, controller);
    const { signal } = controller;
    const mine = turn.then(async () => letOthersIn(answering(about, question, await others.of(about, book)), { signal, onProgress }));
    turn = mine.catch(() => undefined).finally(() => running.delete(id));
    const { rest, parts } = toParts(await mine);
    for (const part of parts) await onPart(part);
    return rest;
  },
  cancel(id: number): void {
    running.get(id)?.abort();
  },
};
export type AnalysisApi = typeof api;

Comlink.expose(api);
