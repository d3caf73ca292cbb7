import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { formatTreeFile } from '@/core/notation';
import { demoAthletes } from '../../demo/demoPeople';
import { demoTree } from '../../demo/demoTree';
import { runMain } from '../../tests/support/runMain';
import { main } from './plan';

let folder: string;
const file = async (name: string, content: unknown): Promise<string> => {
  const where = path.join(folder, name);
  await writeFile(where, typeof content === 'string' ? content : JSON.stringify(content));
  return where;
};
let tree: string;
beforeAll(async () => {
  folder = await mkdtemp(path.join(tmpdir(), 'red-ladder-plan-'));
  tree = await file('tree.json', formatTreeFile(demoTree()));
});
afterAll(() => rm(folder, { recursive: true }));
const plan = (...args: string[]) => runMain(main, args);

describe('a proposed class on the command line', () => {
  it('fits the slot and the people, with all its arithmetic', async () => {
    const people = await file('people.json', { format: 'red-ladder-people', version: 1, athletes: demoAthletes('2026-11-27') });
    const { code, out } = await plan(tree, '--minutes', '60', '--people', people, '--theme', 'Body lock');
    expect(code).toBe(0);
    const { settings, proposals } = JSON.parse(out) as {
      settings: { people: number };
      proposals: { minutes: number; units: { name: string; minutes: number; why: string[] }[] }[];
    };
    expect(settings.people).toBe(13);
    expect(proposals).toHaveLength(2);
    for (const { minutes, units } of proposals) {
      expect(minutes).toBeLessThanOrEqual(50);
      expect(units.reduce((sum, item) => sum + item.minutes, 0)).toBeCloseTo(minutes, 9);
      expect(units.every(({ name, why }) => name.length > 5 && why.length > 0)).toBe(true);
    }
  });
  it('complains of what is not there in a sentence, and prints nothing', async () => {
    const wrong = async (sentence: string, ...args: string[]) =>
      expect(await plan(...args)).toMatchObject({ code: 1, out: '', complaint: expect.stringContaining(sentence) as string });
    await wrong('--minutes is a whole number from 5 to 240, not "0".', tree, '--minutes', '0');
    await wrong('there is no place or school "constructor"', tree, '--theme', 'constructor');
    await wrong('needs a slot of', tree, '--minutes', '12');
    await wrong('--what is not known here', tree, '--what');
    await wrong('--people needs a value', tree, '--people');
    await wrong('more than one tree', tree, tree);
    await wrong('Usage', ...[]);
    await wrong(
      'at least 2 people',
      tree,
      '--people',
      await file('one.json', { format: 'red-ladder-people', version: 1, athletes: [{ id: 'a', name: 'A' }] }),
    );
    await wrong('this is not JSON', tree, '--people', await file('bad.json', '{'));
  });
});

const GIVEN = {
  ...{ format: 'red-ladder-units', version: 1, slotMinutes: 30, people: 13, warmUpMinutes: 5, debriefMinutes: 2, pace: 2 },
  units: [
    {
      id: 'cut',
      demonstration: 3,
      work: 1,
      resistance: [
        [0, 0],
        [10, 15],
      ],
      paths: [
        { moves: ['cut'], share: 1 },
        { moves: ['cut', 'back'], share: 3 },
      ],
    },
    { id: 'drag', demonstration: 2, work: 1, sides: 1, resistance: [[0, 10]] },
    { id: 'both', phase: 'together', demonstration: 1, work: 1, resistance: [[20, 40]], needs: ['cut', 'drag'] },
  ],
};

describe('units made by hand', () => {
  it('by hand: minutes, overrun, cheapest drop, order, resistance, repetitions', async () => {
    const { code, out } = await plan('--units', await file('units.json', GIVEN));
    expect(code).toBe(0);
    expect(JSON.parse(out)).toEqual({
      minutes: {
        ...{ total: 5 + 9 + 5 + 7 + 2, slot: 30, overrun: 0, free: 2, tooShort: ['drag'] },
        units: [
          { id: 'cut', minutes: 9 },
          { id: 'drag', minutes: 5 },
          { id: 'both', minutes: 7 },
        ],
      },
      drop: { ids: [], minutes: 0, others: [], missing: 0, status: 'exact' },
      findings: [
        { kind: 'jump', key: 'both', against: 'cut', from: 15, to: 40 },
        { kind: 'jump', key: 'both', against: 'drag', from: 10, to: 40 },
      ],
      inOrder: ['cut', 'drag', 'both'],
      repetitions: [
        {
          id: 'cut',
          moves: [
            { move: 'cut', left: 2, right: 2 },
            { move: 'back', left: 1.5, right: 1.5 },
          ],
        },
      ],
    });
    const short = await file('short.json', { ...GIVEN, slotMinutes: 22, musts: ['drag'], limit: 40, cap: 30 });
    const order = await file('order.json', ['both', 'cut', 'drag']);
    const found = JSON.parse((await plan('--units', short, '--order', order)).out) as { drop: object; findings: { kind: string }[] };
    expect(found.drop).toMatchObject({ ids: ['both'], minutes: 7 });
    expect(found.findings.map(({ kind }) => kind)).toEqual(['brokenOrder', 'brokenOrder', 'brokenPhase', 'brokenPhase', 'overCap']);
  });
  it('names what is wrong with the files', async () => {
    const wrong = async (sentence: string, given: object, order?: unknown) => {
      const args = ['--units', await file('w.json', given), ...(order ? ['--order', await file('o.json', order)] : [])];
      expect(await plan(...args)).toMatchObject({ code: 1, out: '', complaint: expect.stringContaining(sentence) as string });
    };
    await wrong('at least 5 minutes', { ...GIVEN, slotMinutes: 0 });
    await wrong('at least 2 people', { ...GIVEN, people: 1 });
    await wrong('there is no unit', { ...GIVEN, units: [] });
    await wrong('stands twice', { ...GIVEN, units: [GIVEN.units[0], GIVEN.units[0]] });
    await wrong('there is no unit "constructor"', GIVEN, ['constructor', 'cut', 'drag', 'both']);
    await wrong('the order leaves out "drag"', GIVEN, ['cut', 'both']);
    const circle = {
      ...GIVEN,
      units: [
        { id: 'a', needs: ['b'] },
        { id: 'b', needs: ['a'] },
      ],
    };
    expect(JSON.parse((await plan('--units', await file('c.json', circle))).out)).toMatchObject({
      findings: [{ kind: 'circle', keys: ['a', 'b'] }],
    });
  });
});
