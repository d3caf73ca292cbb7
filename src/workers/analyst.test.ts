import * as Comlink from 'comlink';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { EMPTY_BOOK } from '@/core/people';
import { demoTree } from '../../demo/demoTree';

/** What a worker was told, and how it answers; the other end of the line is the real one. */
const heard: string[] = [];
let answer: (question: { kind: string }) => Promise<unknown>;
let hasRevision = false;
const api = {
  ping: () => true,
  setBook: () => void heard.push('book'),
  load: (id: string, revision: number) => {
    heard.push(`load ${id} ${revision}`);
    return hasRevision;
  },
  put: ({ id }: { id: string }) => void heard.push(`put ${id}`),
  patch: ({ changes }: { changes: readonly unknown[] }) => {
    heard.push(`patch ${changes.length}`);
    return true;
  },
  cancel: (id: number) => void heard.push(`cancel ${id}`),
  ask: (_id: number, question: { kind: string }, onProgress: (share: number) => void) => {
    heard.push(`ask ${question.kind}`);
    onProgress(0.5);
    return answer(question);
  },
};
const ended = vi.fn();
class FakeWorker {
  private readonly channel = new MessageChannel();
  onerror: ((event: { message: string; preventDefault(): void }) => void) | null = null;
  static last: FakeWorker;
  constructor() {
    FakeWorker.last = this;
    heard.push('start');
    Comlink.expose(api, this.channel.port2);
    this.channel.port1.start();
  }
  addEventListener = this.channel.port1.addEventListener.bind(this.channel.port1);
  removeEventListener = this.channel.port1.removeEventListener.bind(this.channel.port1);
  postMessage = this.channel.port1.postMessage.bind(this.channel.port1);
  terminate() {
    ended();
    this.channel.port1.close();
    this.channel.port2.close();
  }
  fail(message: string) {
    this.onerror?.({ message, preventDefault: () => undefined });
  }
}

const tree = demoTree();
const LOOK = { filter: {}, swapped: false };
type Analyst = (typeof import('./analyst'))['getAnalyst'] extends () => infer A ? A : never;
let analyst: Analyst;
let NotWanted: new () => Error;
const sheet = (of = tree, revision: number | null = null, onProgress: (share: number) => void = () => undefined) =>
  analyst.ask<'sheet'>(of, revision, EMPTY_BOOK, { kind: 'sheet', look: LOOK }, onProgress);

beforeEach(async () => {
  vi.stubGlobal('Worker', FakeWorker);
  vi.resetModules();
  const loaded = await import('./analyst');
  analyst = loaded.getAnalyst();
  NotWanted = loaded.NotWanted;
  heard.length = 0;
  ended.mockClear();
  hasRevision = false;
  answer = ({ kind }) => Promise.resolve({ kind });
});
afterEach(() => {
  FakeWorker.last.fail('the test is over');
  vi.unstubAllGlobals();
});

describe('the window’s worker', () => {
  it('is started once, given the tree once, and then told what changed', async () => {
    expect(await sheet().answer).toEqual({ kind: 'sheet' });
    await sheet().answer;
    await sheet({ ...tree, name: 'Mine' }).answer;
    await sheet({ ...tree, id: 'other', name: 'Other' }).answer;
    expect(heard).toEqual(['start', 'book', `put ${tree.id}`, 'ask sheet', 'ask sheet', 'patch 1', 'ask sheet', 'put other', 'ask sheet']);
  });
  it('fetches by itself what the server has, and is handed what it has not', async () => {
    hasRevision = true;
    await sheet(tree, 7).answer;
    expect(heard).toEqual(['start', 'book', `load ${tree.id} 7`, 'ask sheet']);
    hasRevision = false;
    await sheet({ ...tree, id: 'other' }, 3).answer;
    expect(heard.slice(4)).toEqual(['load other 3', 'put other', 'ask sheet']);
  });
  it('tells how far it is', async () => {
    const shares: number[] = [];
    await sheet(tree, null, (share) => shares.push(share)).answer;
    await vi.waitFor(() => expect(shares).toEqual([0.5]));
  });
  it('stops for a question that nobody waits for any more, and goes on with the others', async () => {
    answer = () => new Promise(() => undefined);
    const first = sheet();
    await vi.waitFor(() => expect(heard).toContain('ask sheet'));
    const refused = expect(first.answer).rejects.toBeInstanceOf(NotWanted);
    first.cancel();
    await refused;
    answer = ({ kind }) => Promise.resolve({ kind });
    expect(await sheet().answer).toEqual({ kind: 'sheet' });
    expect(heard).toContain('cancel 1');
    first.cancel();
  });
  it('a question that was cancelled before its turn is never asked', async () => {
    const [first, second] = [sheet(), sheet()];
    const refused = expect(second.answer).rejects.toBeInstanceOf(NotWanted);
    second.cancel();
    await first.answer;
    await refused;
    expect(heard.filter((said) => said.startsWith('ask'))).toHaveLength(1);
  });
  it('an error in an answer is that answer’s alone', async () => {
    answer = () => Promise.reject(new Error('too much'));
    await expect(sheet().answer).rejects.toThrow('too much');
    answer = ({ kind }) => Promise.resolve({ kind });
    expect(await sheet().answer).toEqual({ kind: 'sheet' });
    expect(ended).not.toHaveBeenCalled();
  });
  it('one that fails is ended, all who wait are told, and the next question starts a new one', async () => {
    answer = () => new Promise(() => undefined);
    const waiting = [sheet(), sheet()];
    await vi.waitFor(() => expect(heard.filter((said) => said === 'ask sheet')).toHaveLength(2));
    const broken = FakeWorker.last;
    const told = waiting.map(({ answer: none }) => expect(none).rejects.toThrow('out of memory'));
    broken.fail('out of memory');
    await Promise.all(told);
    expect(ended).toHaveBeenCalledOnce();
    answer = ({ kind }) => Promise.resolve({ kind });
    expect(await sheet().answer).toEqual({ kind: 'sheet' });
    expect(heard.filter((said) => said === 'start')).toHaveLength(2);
    // What the ended one still reports says nothing about the new one.
    broken.fail('late');
    expect(await sheet().answer).toEqual({ kind: 'sheet' });
  });
});
