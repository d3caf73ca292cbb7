import { idToAddress } from '@/contracts/address';
import type { Edit, SaveOutcome } from '@/contracts/documents';
import type { DocumentKind } from '@/documents/lists';
import { ask, isPassing, type Answer } from '../api';
import {
  mergedNotice,
  mergedOnto,
  openDocument,
  reduceDocument,
  type DocumentAction,
  type DocumentState,
  type Named,
} from './documentState';
import { forget, keep, type Left } from './outbox';
import { queryClient } from './queryClient';

const MOST_AT_ONCE = 200;
const TRY_AGAIN_MS = 2500;
const KEPT_HERE = 'What you did is kept here and stored as soon as it can be.';
const NO_ROOM = 'This browser has no room to keep what you did: leave this window open until it is stored.';

export const documentAddress = (kind: DocumentKind, id: string): string => `/api/documents/${kind}/${idToAddress(id)}`;

/** Trying again later may help; why is said already. */
class Passing extends Error {}

/** One document as this window works on it: outlives the screens that show it, and stores what was done until the server has it. */
export class Session<D extends Named> {
  private state: DocumentState<D>;
  private readonly listeners = new Set<() => void>();
  private readonly left: Left[] = [];
  private isStoring = false;
  /** What is pending outlives the page. */
  private isKept = true;
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
      const { pending: edits, revision, document, base } = this.state;
      this.isKept = keep({ kind: this.kind, id: document.id, revision, edits, made: revision === 0 ? base : undefined });
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

  /** Takes up what was left behind by a page that is gone, after what is pending here. */
  recover(left: Left): void {
    if (this.state.pending.length > 0) {
      this.left.push(left);
      return;
    }
    this.dispatch({ type: 'recovered', revision: left.revision, edits: left.edits });
    // Without room for it under this page's name it stays in its own place until it is stored.
    if (this.isKept) forget(left.place);
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
    if (this.isStoring || this.state.stale) return;
    if (this.state.pending.length === 0) {
      const next = this.left.shift();
      if (next) this.recover(next);
      return;
    }
    this.isStoring = true;
    const mutations = queryClient.getMutationCache();
    const mutation = mutations.build(queryClient, {
      scope: { id: `${this.kind} ${this.state.document.id}` },
      retry: true,
      retryDelay: TRY_AGAIN_MS,
      mutationFn: () => this.send(),
    });
    void mutation.execute(undefined).finally(() => {
      this.isStoring = false;
      this.store();
    });
  }

  /** Sends what is pending now, also what was added while an earlier try failed. Throws to be tried again. */
  private async send(): Promise<void> {
    const { revision, pending } = this.state;
    const edits = pending.slice(0, this.oneByOne || revision === 0 ? 1 : MOST_AT_ONCE);
    if (edits.length === 0) return;
    try {
      const answer = await (revision === 0 ? this.sendMade(edits[0]!) : this.sendEdits(revision, edits));
      if (!answer.ok && isPassing(answer)) throw new Passing(answer.problems.join(' '));
      this.take(
        answer,
        edits.map((edit) => edit.id),
      );
    } catch (error) {
      const why = error instanceof Passing ? error.message : `This window could not send it: ${String(error)}.`;
      this.dispatch({ type: 'waiting', why: `${why} ${this.isKept ? KEPT_HERE : NO_ROOM}` });
      throw error;
    }
  }

  private sendEdits(baseRevision: number, edits: readonly Edit[]): Promise<Answer<SaveOutcome>> {
    return ask(`${documentAddress(this.kind, this.state.document.id)}/changes`, { method: 'POST', body: { baseRevision, edits } });
  }
  /** Makes the document that the server does not have yet, once, however often it is sent. */
  private async sendMade({ id: edit }: Edit): Promise<Answer<SaveOutcome>> {
    const answer = await ask(`/api/documents/${this.kind}`, { method: 'POST', body: { edit, document: this.state.base, exactly: true } });
    return answer.ok ? { ...answer, value: { saved: true, revision: 1 } } : answer;
  }

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
const onMade = new Set<() => void>();
const nameOf = (kind: DocumentKind, id: string): string => `${kind} ${id}`;

/** The window's one session for a document; made from what was just read where there is none. */
export function sessionOf<D extends Named>(kind: DocumentKind, document: D, revision: number): Session<D> {
  const known = sessions.get(nameOf(kind, document.id)) as Session<D> | undefined;
  if (known) return known;
  const made = new Session(kind, document, revision);
  sessions.set(nameOf(kind, document.id), made as unknown as Session<Named>);
  return made;
}
export const findSession = (kind: DocumentKind, id: string): Session<Named> | null => sessions.get(nameOf(kind, id)) ?? null;

/** Makes a document in this window, stored as soon as it can be; nobody else may have its id. */
export function makeSession<D extends Named>(
  kind: DocumentKind,
  document: D,
  edits: readonly Edit[] = [{ id: crypto.randomUUID(), diff: { label: `new: ${document.name}`, changes: [] } }],
): Session<D> {
  const made = sessionOf(kind, document, 0);
  if (edits.length > 0) made.dispatch({ type: 'recovered', revision: 0, edits });
  for (const listener of onMade) listener();
  return made;
}
/** Documents of a kind that the server does not have yet. */
export const findMade = (kind: DocumentKind): Session<Named>[] =>
  [...sessions.values()].filter((session) => session.kind === kind && session.getState().revision === 0);
export const subscribeMade = (listener: () => void): (() => void) => {
  onMade.add(listener);
  return () => onMade.delete(listener);
};
