import { describe, expect, it } from 'vitest';
import type { Stale } from '@/contracts/documents';
import { emptyTree, withNewGuard, withNewValue, withPosition, type TreeDocument } from '@/core/tree';
import {
  mergedNotice,
  mergedOnto,
  openDocument,
  reduceDocument,
  storedWord,
  worstOf,
  type DocumentAction,
  type DocumentState,
} from './documentState';

type State = DocumentState<TreeDocument>;
type Action = DocumentAction<TreeDocument>;
let made = 0;
const id = (): string => `edit-${++made}`;
const play = (state: State, ...actions: Action[]): State => actions.reduce<State>(reduceDocument, state);
const edited = (state: State, label: string, change: (tree: TreeDocument) => TreeDocument): State =>
  play(state, { type: 'edit', id: id(), label, document: change(state.document) });
const guard = (name: string) => (tree: TreeDocument) => withNewGuard(tree, name).tree;
const open = (tree: TreeDocument): State => openDocument('tree', tree, 1);
const empty = emptyTree('t', 'T');
const three = (): State => ['Half', 'Closed', 'Spider'].reduce((state, name) => edited(state, `guard ${name}`, guard(name)), open(empty));
const named = (tree: TreeDocument, at: string, name: string): TreeDocument =>
  withPosition(tree, { ...tree.positions.find((item) => item.id === at)!, name });
const staleOf = (document: TreeDocument, stored: string[] = []): Stale => ({
  saved: false,
  revision: 2,
  document,
  since: [{ revision: 2, label: 'renamed', madeAt: '', madeBy: 'Kim' }],
  stored,
});
const names = (state: State) => state.document.positions.map((position) => position.name);

describe('undo, redo and saving', () => {
  it('undoes everything to the empty tree and back', () => {
    const done = three();
    const undone = play(done, ...done.past.map((): Action => ({ type: 'undo', id: id() })));
    expect(undone.document).toEqual(empty);
    const redone = play(undone, ...undone.future.map((): Action => ({ type: 'redo', id: id() })));
    expect(redone.document).toEqual(done.document);
    expect(redone.pending).toHaveLength(done.past.length * 3);
  });
  it('forgets what was stored and keeps what was not', () => {
    const state = three();
    const [first, second] = state.pending;
    expect(play(state, { type: 'saved', ids: [first!.id, second!.id], revision: 3 })).toMatchObject({
      revision: 3,
      pending: { length: 1 },
      base: { positions: { length: 2 } },
    });
  });
  it('an edit that changes nothing is none', () => {
    const state = open(empty);
    expect(edited(state, 'nothing', (tree) => ({ ...tree, notes: undefined }))).toBe(state);
  });
  it('an undo keeps what others changed meanwhile, and says so where they changed the same', () => {
    const mine = edited(open(empty), 'guard Half', guard('Half'));
    const theirs = withNewGuard(mine.document, 'Closed').tree;
    const merged = play(
      mine,
      { type: 'saved', ids: [mine.pending[0]!.id], revision: 2 },
      { type: 'opened', document: theirs, revision: 3 },
    );
    expect(names(play(merged, { type: 'undo', id: id() }))).toEqual(['Closed']);
    const renamed = play(merged, { type: 'opened', document: named(theirs, 'half', 'Half guard'), revision: 4 });
    const after = play(renamed, { type: 'undo', id: id() });
    expect(after.document).toBe(renamed.document);
    expect(after.notice).toContain('no longer fits');
  });
});

describe('two windows', () => {
  const base = withNewValue(withNewGuard(empty, 'Half').tree, 'half', { name: 'frames', kind: 'frame' }).tree;
  it('a stale window can put its edits on top, or take the other ones', () => {
    const there = named(base, 'half', 'Half guard');
    const stale = staleOf(there);
    const mine = edited(open(base), 'closed', guard('Closed'));
    const mineOnTop = play(mine, { type: 'stale', stale }, { type: 'mineOnTop' });
    expect(names(mineOnTop)).toEqual(['Half guard', 'Closed']);
    expect(mineOnTop).toMatchObject({ revision: 2, stale: null, pending: { length: 1 } });
    expect(play(mine, { type: 'stale', stale }, { type: 'takeTheirs' })).toMatchObject({ document: there, pending: [], revision: 2 });
  });
  it('both may add a guard, add to one place and change different words of it: field by field nothing is lost', () => {
    const their = withNewValue(guard('Lasso')(withPosition(base, { ...base.positions[0]!, notes: 'heavy' })), 'half', {
      name: 'hugs',
      kind: 'grip',
    }).tree;
    const mine = [
      guard('Closed'),
      (tree: TreeDocument) => named(tree, 'half', 'Half guard'),
      (tree: TreeDocument) => withNewValue(tree, 'half', { name: 'turns', kind: 'turn' }).tree,
    ].reduce((state, change) => edited(state, 'mine', change), open(base));
    expect(mergedOnto(mine, their).clashing).toEqual([]);
    const merged = play(mine, { type: 'stale', stale: staleOf(their) }, { type: 'mineOnTop' });
    expect(merged.document.starts.map((start) => start.position).sort()).toEqual(['closed', 'half', 'lasso']);
    expect(merged.document.positions[0]).toMatchObject({
      name: 'Half guard',
      notes: 'heavy',
      reads: [{ values: [{ name: 'frames' }, { name: 'hugs' }, { name: 'turns' }] }],
    });
  });
  it('the same word changed twice is a clash, and named', () => {
    const mine = edited(open(base), 'mine', (tree) => named(tree, 'half', 'Mine'));
    expect(mergedOnto(mine, named(base, 'half', 'Theirs')).clashing.map((edit) => edit.diff.label)).toEqual(['mine']);
  });
  it('the same field of the header changed twice is a clash, another one is not', () => {
    const mine = edited(open(base), 'mine', (tree) => ({ ...tree, notes: 'mine' }));
    expect(mergedOnto(mine, { ...base, notes: 'theirs' }).clashing.map((edit) => edit.diff.label)).toEqual(['mine']);
    expect(mergedOnto(mine, { ...base, name: 'Theirs' }).clashing).toEqual([]);
  });
  it('one’s own edit that came through is recognised, not told as a stranger’s', () => {
    const mine = edited(open(base), 'closed', guard('Closed'));
    const told = play(mine, { type: 'stale', stale: staleOf(guard('Lasso')(mine.document), [mine.pending[0]!.id]) });
    expect(told.pending).toEqual([]);
    expect(mergedNotice(told.stale!.since)).toBe('Changed in another window: “renamed” (Kim). Both are kept.');
  });
});

describe('what cannot be stored', () => {
  it('is taken back with what builds on it; everything else stays, and one sentence names them', () => {
    const bad = edited(open(empty), 'guard Bad', guard('Bad'));
    const state = edited(
      edited(bad, 'he frames', (tree) => withNewValue(tree, 'bad', { name: 'frames', kind: 'frame' }).tree),
      'guard Good',
      guard('Good'),
    );
    const after = play(state, { type: 'refused', edit: state.pending[0]!.id, problems: ['It cannot be.'] });
    expect(names(after)).toEqual(['Good']);
    expect(after.pending.map((edit) => edit.diff.label)).toEqual(['guard Good']);
    expect(after.refused).toBe('“guard Bad” was taken back: It cannot be. Taken back with it: “he frames”.');
    expect(names(play(after, { type: 'undo', id: id() }))).toEqual([]);
  });
  it('the strip says exactly one thing', () => {
    const state = three();
    expect(storedWord(state).word).toBe('storing …');
    expect(storedWord(play(state, { type: 'waiting', why: 'The server does not answer.' }))).toEqual({
      word: 'not stored yet',
      why: 'The server does not answer.',
    });
    expect(storedWord(play(state, { type: 'refused', edit: state.pending[2]!.id, problems: ['No.'] })).word).toBe('refused');
    expect(storedWord(play(state, { type: 'saved', ids: state.pending.map((edit) => edit.id), revision: 4 }))).toEqual({
      word: 'stored',
      why: null,
    });
    expect(
      worstOf([
        { word: 'stored', why: null },
        { word: 'not stored yet', why: 'x' },
      ]).word,
    ).toBe('not stored yet');
  });
  it('what a page that is gone left behind is put on what is stored now', () => {
    const left = edited(open(empty), 'guard Half', guard('Half')).pending;
    const back = play(open(guard('Closed')(empty)), { type: 'recovered', revision: 1, edits: left });
    expect(names(back).toSorted()).toEqual(['Closed', 'Half']);
    expect(back.pending).toBe(left);
  });
});
