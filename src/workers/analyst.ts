import * as Comlink from 'comlink';
import { diffOf, type TreeDocument } from '@/core/tree';
import type { GymBook } from '@/core/people';
import type { AnalysisApi } from './analysis.worker';
import { fromParts, type Part } from './inParts';
import type { AnswerTo, Asked, QuestionKind } from './questions';

/** Nobody waits for the answer any more. */
export class NotWanted extends Error {
  override name = 'NotWanted';
}

type Remote = Comlink.Remote<AnalysisApi>;

const asError = (error: unknown): Error => (error instanceof Error ? error : new Error(String(error)));

const PING_MS = 5_000;
/** Longer than any one piece of work, also on a busy machine. */
const SILENCE_MS = 20_000;

interface Waiting {
  readonly reject: (error: Error) => void;
}

/**
 * The window's analysis worker: loaded once, then told what changed; asked a question at a time by each who asks. A worker
 * that fails is ended, everybody who waits is told, and the next question starts a new one.
 */
class Analyst {
  private worker: { readonly remote: Remote; end(): void } | null = null;
  /** The tree and book that the worker has. */
  private has: TreeDocument | null = null;
  private hasBook: GymBook | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private count = 0;
  private hasStarted = false;
  /** Loading, patching and asking happen in order. */
  private turn: Promise<unknown> = Promise.resolve();

  private open(): Remote {
    if (this.worker) return this.worker.remote;
    const worker = new Worker(new URL('./analysis.worker.ts', import.meta.url), { type: 'module' });
    const remote = Comlink.wrap<AnalysisApi>(worker);
    const end = () => {
      remote[Comlink.releaseProxy]();
      worker.terminate();
    };
    worker.onerror = (event) => {
      event.preventDefault();
      // What an ended worker still reports says nothing about the one that took its place.
      if (this.worker?.remote === remote) this.fail(new Error(event.message || 'the worker could not be started'));
    };
    const watch = setInterval(() => {
      if (this.waiting.size > 0 || !this.hasStarted) void this.check(remote);
    }, PING_MS);
    this.hasStarted = false;
    this.worker = {
      remote,
      end: () => {
        clearInterval(watch);
        end();
      },
    };
    void this.check(remote);
    return remote;
  }

  /** Work is done in pieces, so a worker that is there answers soon; one that does not has failed, whatever it was. */
  private async check(remote: Remote): Promise<void> {
    const late = new Promise<false>((resolve) => setTimeout(() => resolve(false), SILENCE_MS));
    const isThere = await Promise.race([remote.ping(), late]);
    if (this.worker?.remote !== remote) return;
    if (isThere) this.hasStarted = true;
    else this.fail(new Error(this.hasStarted ? 'the worker fell silent' : 'the worker did not start'));
  }

  private fail(error: Error): void {
    this.worker?.end();
    this.worker = null;
    this.has = null;
    this.hasBook = null;
    this.turn = Promise.resolve();
    for (const { reject } of this.waiting.values()) reject(error);
    this.waiting.clear();
  }

  private async bring(remote: Remote, tree: TreeDocument, revision: number | null, book: GymBook): Promise<void> {
    if (this.hasBook !== book) {
      await remote.setBook(book);
      this.hasBook = book;
    }
    if (this.has === tree) return;
    const before = this.has;
    const isPatched = before?.id === tree.id && (await remote.patch(diffOf(before, tree, 'patch')));
    if (!isPatched && !(revision !== null && (await remote.load(tree.id, revision)))) await remote.put(tree);
    this.has = tree;
  }

  /** The question itself: what has come in parts is put together; never settles when it is not waited for any more. */
  private send<K extends QuestionKind>(
    remote: Remote,
    id: number,
    question: Asked<K>,
    onProgress: (share: number) => void,
  ): Promise<AnswerTo[K]> {
    const parts: Part[] = [];
    const onPart = Comlink.proxy((part: Part) => void parts.push(part));
    return new Promise((resolve, reject) => {
      remote.ask(id, question, Comlink.proxy(onProgress), onPart).then(
        (rest) => this.waiting.delete(id) && resolve(fromParts(rest as AnswerTo[K], parts)),
        (error: unknown) => this.waiting.delete(id) && reject(asError(error)),
      );
    });
  }

  /**
   * Asks about a tree. `revision`: the server has exactly this tree at that revision, so the worker can fetch it; null = it has
   * not. Rejects with NotWanted when cancelled, with any other error when the worker failed.
   */
  ask<K extends QuestionKind>(
    tree: TreeDocument,
    revision: number | null,
    book: GymBook,
    question: Asked<K>,
    onProgress: (share: number) => void,
  ): { readonly answer: Promise<AnswerTo[K]>; cancel(): void } {
    const id = ++this.count;
    const answer = new Promise<AnswerTo[K]>((resolve, reject) => {
      this.waiting.set(id, { reject });
      const isWanted = (): boolean => this.waiting.has(id);
      this.turn = this.turn.then(async () => {
        if (!isWanted()) return;
        try {
          const remote = this.open();
          await this.bring(remote, tree, revision, book);
          // Not waited for here: others may ask meanwhile.
          if (isWanted()) void this.send(remote, id, question, onProgress).then(resolve, reject);
        } catch (error) {
          if (isWanted()) this.fail(asError(error));
        }
      });
    });
    const cancel = () => {
      const waits = this.waiting.get(id);
      if (!waits) return;
      this.waiting.delete(id);
      waits.reject(new NotWanted());
      void this.worker?.remote.cancel(id);
    };
    return { answer, cancel };
  }
}

let analyst: Analyst | null = null;
export const getAnalyst = (): Analyst => (analyst ??= new Analyst());
