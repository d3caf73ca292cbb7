import { readFileSync } from 'node:fs';
import postgres from 'postgres';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { migrate } from '../../scripts/migrate.mjs';
import { entriesOf, type GymsWords } from '@/core/catalogue';
import { profileOf } from '@/core/people';
import { diffOf, withNewGuard, type TreeDocument } from '@/core/tree';
import type { ClassDocument } from '@/documents/class/schema';
import { parseTreeFile } from '@/documents/tree/file';
import { connect } from '@/server/db/client';
import { localContext, type Context } from '@/server/services/context';
import { documentAt, restoreDocument } from '@/server/services/documents';
import { findChanges, findDocument, findSummaries, saveEdits } from '@/server/services/store';
import { findTreeFile } from '@/server/services/files/treeFiles';
import { findBook, findTree, importTree } from '@/server/services/trees';
import { upgradeGym } from '@/server/services/upgrade';

/** A database as the program left it at that migration, with two trees, their log, classes, cards, people and catalogue words. */
function databaseOf(version: string) {
  const made = {} as { context: Context };
  const name = `t_released_${version}_${process.pid}`;
  const asAdmin = async (statement: string) => {
    const admin = postgres(inject('adminUrl'), { max: 1, onnotice: () => {} });
    await admin.unsafe(statement);
    await admin.end();
  };
  beforeAll(async () => {
    await asAdmin(`create database ${name}`);
    const url = new URL(inject('adminUrl'));
    url.pathname = `/${name}`;
    const loading = postgres(url.href, { max: 1, onnotice: () => {} });
    await loading.unsafe(readFileSync(`tests/fixtures/databases/${version}.sql`, 'utf8'));
    await loading.end();
    expect((await migrate(url.href)).every((migration) => migration > version)).toBe(true);
    made.context = await localContext(connect(url.href, 4), 'Ilse');
  });
  afterAll(async () => {
    await made.context.db.end({ timeout: 2 });
    await asAdmin(`drop database if exists ${name} with (force)`);
  });
  return made;
}

describe.each(['0001', '0002', '0003', '0004'])('a gym of migration %s', (version) => {
  const made = databaseOf(version);
  const rename = (tree: TreeDocument): TreeDocument => withNewGuard(tree, `Newest guard of ${tree.id}`).tree;

  it('is brought to the present form once, however many are at it', async () => {
    const { context } = made;
    await Promise.all([upgradeGym(context), findTree(context, 'kelp-room'), upgradeGym(context)]);
    expect((await findSummaries(context, 'tree')).map((tree) => tree.id).sort()).toEqual(['kelp-room', 'league-evening']);
    const upgrades = (await findChanges(context, 'tree', 'kelp-room', 0)).filter(
      (change) => change.label === 'brought to the present form',
    );
    expect(upgrades).toHaveLength(1);
  });
  it('has its cards and people in the gym, each said of its tree', async () => {
    const { context } = made;
    const book = await findBook(context, 'kelp-room');
    const { tree } = (await findTree(context, 'kelp-room'))!;
    expect(tree.ruleCards).toContain('tide-cup');
    expect([tree.athletes, tree.opponents]).toEqual([['bo-dahl', 'una-vik'], ['orla-finn']]);
    expect(book.ruleCards.find((card) => card.id === 'tide-cup')!.levels).toContain('third year');
    const orla = book.opponents.find((person) => person.id === 'orla-finn')!;
    expect(profileOf(orla, 'opponent', 'kelp-room')).toMatchObject({
      off: ['neck'],
      habits: [{ position: 'kelp-guard', value: 'frames', share: 0.7 }],
    });
    expect(profileOf(orla, 'opponent', 'league-evening').habits).toBeUndefined();
    // A partner of the gym is an athlete now.
    expect(book.athletes.find((person) => person.id === 'bo-dahl')).toMatchObject({
      betterSide: 'left',
      games: [{ tree: 'kelp-room', off: ['wade-round'], on: ['neck'] }],
    });
    // Two cards of one id said different things: the second became a copy, and its tree names that.
    const another = book.ruleCards.find((card) => card.name === 'Another card of the same id')!;
    expect(tree.ruleCards).toContain(another.id);
    expect(new Set(book.ruleCards.map((card) => card.id)).size).toBe(book.ruleCards.length);
  });
  it('can be edited, exported and taken in again', async () => {
    const { context } = made;
    for (const id of ['kelp-room', 'league-evening']) {
      const { tree, revision } = (await findTree(context, id))!;
      const edit = { id: crypto.randomUUID(), diff: diffOf(tree, rename(tree), 'guard') };
      expect(await saveEdits(context, 'tree', id, { baseRevision: revision, edits: [edit] })).toMatchObject({
        ok: true,
        value: { saved: true },
      });
      const file = (await findTreeFile(context, id))!;
      const read = parseTreeFile(file);
      if (!read.ok) throw new Error(read.error.join(' '));
      const before = (await findTree(context, id))!.revision;
      expect(await importTree(context, read.value, 'replace')).toEqual({ ok: true, value: { treeId: id, notes: [] } });
      expect((await findTree(context, id))!.revision).toBe(before);
    }
  });
  it('goes back to every earlier revision, rebuilt in its own form and then upgraded', async () => {
    const { context } = made;
    const { revision } = (await findTree(context, 'kelp-room'))!;
    for (let at = 1; at <= revision; at++)
      expect(await documentAt(context, 'tree', 'kelp-room', at), `revision ${at}`).toMatchObject({ ok: true });
    const second = await documentAt(context, 'tree', 'kelp-room', 2);
    expect(second).toMatchObject({ value: { positions: [{ name: 'Kelp guard' }], transitions: [] } });
    expect(await restoreDocument(context, 'tree', 'kelp-room', { revision: 2, baseRevision: revision })).toMatchObject({
      ok: true,
      value: { saved: true },
    });
    expect((await findTree(context, 'kelp-room'))!.tree.positions.map((position) => position.name)).toEqual(['Kelp guard']);
    expect(await restoreDocument(context, 'tree', 'kelp-room', { revision, baseRevision: revision + 1 })).toMatchObject({ ok: true });
    expect((await findTree(context, 'kelp-room'))!.tree.transitions).toHaveLength(1);
  });
  it('has its classes, each of its tree, with the people it is for', async () => {
    const { context } = made;
    const plan = (await findDocument(context, 'class', 'kelp-room'))!.document as unknown as ClassDocument;
    expect(plan).toMatchObject({ tree: 'kelp-room', name: 'Next class', units: [{ kind: 'move', of: ['wade-round'] }] });
    if (version !== '0001') expect(plan.filter).toMatchObject({ ruleSet: 'tide-cup', profiles: ['orla-finn'] });
    expect(await findDocument(context, 'class', 'league-evening')).not.toBeNull();
  });
  it('has its words for the catalogue', async () => {
    const words = await findDocument(made.context, 'catalogueWords', 'own');
    const entries = words ? entriesOf(words.document as unknown as GymsWords) : [];
    expect(entries.map((entry) => `${entry.kind} ${entry.id}`)).toEqual(
      version === '0001' ? [] : ['changedPosition spider', 'position own-reef-guard'],
    );
  });
});
