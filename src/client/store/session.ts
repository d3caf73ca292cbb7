import { idToAddress } from '@/contracts/address';
import type { SaveOutcome } from '@/contracts/documents';
import type { DocumentKind } from '@/documents/lists';
import { ask, isPassing, type Answer } from '../api';
import { mergedNotice, mergedOnto, openDocument, reduceDocument, type DocumentAction, type DocumentState, type Named } from './documentState'; // prettier-ignore
import { keep, type Kept } from './outbox';
import { queryClient } from './queryClient';

const MOST_AT_ONCE = 200;
const TRY_AGAIN_MS = 2500;
const KEPT_HERE = 'What you did is kept here and stored as soon as it can be.';

export const documentAddress = (kind: DocumentKind, id: string): string => `/api/documents/${kind}/${idToAddress(id)}`;

class Passing extends Error {}

/** One document as this window works on it: outlives the screens that show it, and stores what was done until the server has it. */
export class Session<D extends Named> {
  private state: DocumentState<D>;
  private readonly listeners = new Set<() => void>();
  private left: Kept[] = [];
  private isStoring = false;
  /** After a refusal that named no edit they go one by one, so that the bad one is found. */
  private oneByOne = false;
  /** Others' changes are merged without asking where nothing clashes, and told. */
  private isQuiet = false;

  constructor(
    readonly kind: DocumentKind,
    document: D,
    revision: number,
  ) {
    this.state = openDocument(kind, document, revision);
  }

  readonly getState = (): DocumentState<D> => this.state;
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  dispatch(action: DocumentAction<D>): void {
    const before = this.state;
    this.state = reduceDocument(before, action);
    if (this.state === before) return;
    if (this.state.pending !== before.pending || this.state.revision !== before.revision) {
      const { pending: edits, revision, document } = this.state;
      keep({ kind: this.kind, id: document.id, revision, edits });
    }
    for (const listener of this.listeners) listener();
    this.store();
  }

  edit(label: string, change: (document: D) => D): void {
    this.dispatch({ type: 'edit', id: crypto.randomUUID(), label: label.slice(0, 400), document: change(this.state.document) });
  }
  undo(): void {
    this.dispatch({ type: 'undo', id: crypto.randomUUID() });
  }
  redo(): void {
    this.dispatch({ type: 'redo', id: crypto.randomUUID() });
  }

  /** A screen shows it, as it was just read. */
  opened({ document, revision }: { readonly document: D; readonly revision: number }, isQuiet: boolean): void {
    this.isQuiet = isQuiet;
    this.dispatch({ type: 'opened', document, revision });
  }

  /** Takes up what was left behind by a page that is gone. */
  recover(kept: Kept): void {
    if (this.state.pending.length > 0) this.left.push(kept);
    else this.dispatch({ type: 'recovered', revision: kept.revision, edits: kept.edits });
  }

  /** Asks whether the document was changed elsewhere. */
  async refresh(): Promise<void> {
    const { revision, pending, stale, document } = this.state;
    if (pending.length > 0 || stale) return;
    const answer = await queryClient.fetchQuery({
      queryKey: ['changes', this.kind, document.id, revision],
      staleTime: 0,
      gcTime: 0,
      queryFn: () => ask<SaveOutcome>(`${documentAddress(this.kind, document.id)}/changes?since=${revision}`),
    });
    // An edit may have been made and stored while the question was on its way.
    if (!answer.ok || answer.value.saved || answer.value.revision <= this.state.revision || this.state.pending.length > 0) return;
    this.dispatch({ type: 'stale', stale: answer.value });
    this.mergeQuietly();
  }

  private store(): void {
    if (this.isStoring || this.state.pending.length === 0 || this.state.stale) return;
    this.isStoring = true;
    const mutations = queryClient.getMutationCache();
    const mutation = mutations.build(queryClient, {
      scope: { id: `${this.kind} ${this.state.document.id}` },
      retry: (_, error) => error instanceof Passing,
      retryDelay: TRY_AGAIN_MS,
      mutationFn: () => this.send(),
    });
    void mutation.execute(undefined).finally(() => {
      this.isStoring = false;
      const next = this.state.pending.length === 0 ? this.left.shift() : undefined;
      if (next) this.recover(next);
      else this.store();
    });
  }

  /** Sends what is pending now, also what was added while an earlier try failed. Throws `Passing` to be tried again. */
  private async send(): Promise<void> {
    const { revision, pending, document } = this.state;
    const edits = pending.slice(0, this.oneByOne ? 1 : MOST_AT_ONCE);
    if (edits.length === 0) return;
    const answer = await ask<SaveOutcome>(`${documentAddress(this.kind, document.id)}/changes`, { method: 'POST', body: { baseRevision: revision, edits } });
    if (!answer.ok && isPassing(answer)) {
      this.dispatch({ type: 'waiting', why: `${answer.problems.join(' ')} ${KEPT_HERE}` });
      throw new Passing();
    }
    this.take(answer, edits.map((edit) => edit.id));
  } // prettier-ignore

  private take(answer: Answer<SaveOutcome>, ids: readonly string[]): void {
    if (!answer.ok) {
      if (answer.edit === undefined && ids.length > 1) this.oneByOne = true;
      else this.dispatch({ type: 'refused', edit: answer.edit ?? ids[0]!, problems: answer.problems });
      return;
    }
    const { value } = answer;
    if (!value.saved) {
      this.dispatch({ type: 'stale', stale: value });
      this.mergeQuietly();
      return;
    }
    const { refused, revision } = value;
    const stored = refused ? ids.slice(0, ids.indexOf(refused.edit)) : ids;
    this.oneByOne = false;
    this.dispatch({ type: 'saved', ids: stored, revision });
    if (refused) this.dispatch({ type: 'refused', ...refused });
  }

  private mergeQuietly(): void {
    const { stale } = this.state;
    if (!stale || !this.isQuiet || mergedOnto(this.state, stale.document).clashing.length > 0) return;
    this.dispatch({ type: 'mineOnTop' });
    this.state = { ...this.state, notice: mergedNotice(stale.since) };
    for (const listener of this.listeners) listener();
  }
}

const sessions = new Map<string, Session<Named>>();

/** The window's one session for a document; made from what was just read where there is none. */
export function sessionOf<D extends Named>(kind: DocumentKind, document: D, revision: number): Session<D> {
  const key = `${kind} ${document.id}`;
  const known = sessions.get(key) as Session<D> | undefined;
  if (known) return known;
  const made = new Session(kind, document, revision);
  sessions.set(key, made as unknown as Session<Named>);
  return made;
}
export const findSession = (kind: DocumentKind, id: string): Session<Named> | null => sessions.get(`${kind} ${id}`) ?? null;
