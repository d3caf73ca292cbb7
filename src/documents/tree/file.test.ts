import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findGripFindings } from '@/core/grips';
import { findTooDeep, formatTreeFile, normaliseTree } from '@/core/notation';
import type { Contact, TreeDocument } from '@/core/tree';
import { demoTree } from '../../../demo/demoTree';
import { held } from '../../../tests/support/held';
import { randomTree } from '../../../tests/support/randomTree';
import { wholeTree } from '../../../tests/fixtures/wholeTree';
import { carriedClass } from '../class/carried';
import { emptyClassPlan, type ClassDocument } from '../class/schema';
import { parseTreeFile } from './file';

const read = (text: string) => {
  const parsed = parseTreeFile(text);
  if (!parsed.ok) throw new Error(parsed.error.join('\n'));
  return parsed.value;
};
const problems = (text: string): string => {
  const parsed = parseTreeFile(text);
  return parsed.ok ? '' : parsed.error.join('\n');
};
const changed = (change: (file: ReturnType<typeof JSON.parse>) => void): string => {
  const file = JSON.parse(formatTreeFile(demoTree()));
  change(file);
  return problems(JSON.stringify(file));
};

describe('the tree file', () => {
  it('round-trips byte for byte after normalisation', () => {
    for (const doc of [demoTree(), wholeTree]) {
      const text = formatTreeFile(doc);
      expect(formatTreeFile(read(text))).toBe(text);
      expect(read(text)).toEqual(normaliseTree(doc));
    }
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const text = formatTreeFile(randomTree(seed, { positions: 8, transitions: 20 }));
        expect(formatTreeFile(read(text))).toBe(text);
      }),
      { numRuns: 60, seed: 8 },
    );
  });
  it('carries every field of the model', () => {
    expect(read(formatTreeFile(wholeTree))).toEqual(wholeTree);
  });
  it('does not depend on the order of fields in the file', () => {
    const shuffle = (item: unknown): unknown =>
      Array.isArray(item)
        ? item.map(shuffle)
        : typeof item === 'object' && item !== null
          ? Object.fromEntries(
              Object.entries(item)
                .reverse()
                .map(([k, v]) => [k, shuffle(v)]),
            )
          : item;
    const text = formatTreeFile(wholeTree);
    expect(formatTreeFile(read(JSON.stringify(shuffle(JSON.parse(text)))))).toBe(text);
  });
});

describe('grips that do not add up', () => {
  const odd: Contact[] = [
    ...held('right hand far feather, left hand far left knee, left hand far lapel'),
    { athlete: 'owner', part: 'leftTail', target: { athlete: 'mat', spot: 'somewhere' } },
  ];
  const withSteps = (count: number): TreeDocument => ({
    ...demoTree(),
    contexts: ['noGi'],
    transitions: demoTree().transitions.map((transition, i) =>
      i === 0
        ? { ...transition, contexts: undefined, steps: Array.from({ length: count }, (_, step) => ({ contacts: step % 2 ? [] : odd })) }
        : transition,
    ),
  });
  it('are kept as they are, all two hundred steps of them, and found', () => {
    const doc = withSteps(200);
    const back = read(formatTreeFile(doc));
    expect(back.transitions[0]!.steps).toEqual(doc.transitions[0]!.steps);
    const found = findGripFindings(back).filter((item) => item.transition === back.transitions[0]!.id);
    expect([...new Set(found.map((item) => item.problem.kind))].sort()).toEqual([
      'clothGone',
      'doubleBooked',
      'manySteps',
      'nothingHeld',
      'sidesContradict',
      'unknownLimb',
      'unknownSpot',
    ]);
  });
  it('one step more is refused in a sentence that names the move', () => {
    expect(problems(formatTreeFile(withSteps(201)))).toMatch(
      /^transitions\[0\] \("collar-sleeve.*"\) › steps: the list is too long; it may have at most 200 entries\.$/,
    );
  });
});

describe('a file of version 1', () => {
  const kept = readFileSync('tests/fixtures/leagueEvening.v1.json', 'utf8');
  it('is read whole, its levels listed, and written as the present version', () => {
    const read = parseTreeFile(kept);
    if (!read.ok) throw new Error(read.error.join(' '));
    const was = JSON.parse(kept) as { positions: unknown[]; transitions: unknown[] };
    expect([read.value.positions.length, read.value.transitions.length]).toEqual([was.positions.length, was.transitions.length]);
    expect(read.value.ruleSets!.map((card) => card.levels)).toEqual(
      [['third year'], undefined, undefined].slice(0, read.value.ruleSets!.length),
    );
    const again = formatTreeFile(read.value);
    expect(again).toContain('"version": 8');
    expect(parseTreeFile(again)).toEqual(read);
  });
  it('keeps what it hopes to provoke where that is shown', () => {
    const old = JSON.parse(kept) as {
      transitions: { provokes?: string[]; from: string }[];
      positions: { id: string; reads: { values: { id: string }[] }[] }[];
    };
    const move = old.transitions[0]!;
    const shown = old.positions.find((position) => position.id === move.from)!.reads[0]!.values[0]!.id;
    move.provokes = [shown, 'nowhere-shown'];
    const read = parseTreeFile(JSON.stringify(old));
    expect(read.ok && read.value.transitions.find((item) => item.provokes)!.provokes).toEqual([shown]);
  });
});

describe('a file of version 2', () => {
  it('is read whole: its cards and people are those of the gym now, a partner is an athlete', () => {
    const was = JSON.parse(readFileSync('tests/fixtures/leagueEvening.v2.json', 'utf8')) as {
      tree: { ruleSets: { id: string }[]; profiles: { id: string; of: string }[] };
      positions: unknown[];
      transitions: unknown[];
    };
    const tree = read(JSON.stringify(was));
    expect([tree.positions.length, tree.transitions.length]).toEqual([was.positions.length, was.transitions.length]);
    expect(tree.ruleCards).toEqual(was.tree.ruleSets.map((card) => card.id));
    const ids = (...of: string[]) => was.tree.profiles.filter((person) => of.includes(person.of)).map((person) => person.id);
    expect([tree.athletes, tree.opponents]).toEqual([ids('athlete', 'partner'), ids('opponent')]);
    expect(tree.profiles!.find((person) => person.id === 'tove-lind')).toMatchObject({
      of: 'athlete',
      off: ['headquarters-i-drag-the-leg'],
    });
    const again = formatTreeFile(tree);
    expect(formatTreeFile(read(again))).toBe(again);
  });
});

describe('a file of version 3 to 7', () => {
  it.each([3, 4, 5, 6, 7])('%d is read whole and written again with another number alone', (version) => {
    const was = readFileSync(`tests/fixtures/leagueEvening.v${version}.json`, 'utf8');
    expect(formatTreeFile(read(was))).toBe(was.replace(`"version": ${version}`, '"version": 8'));
  });
});

describe('classes that a file carries', () => {
  const units = [
    { kind: 'move' as const, of: ['t0'], work: 3 },
    { kind: 'round' as const, of: ['p1'] },
  ];
  const plan: ClassDocument = {
    ...emptyClassPlan,
    id: 'tuesday',
    name: 'Tuesday',
    tree: 'x',
    units,
    date: '2026-12-01',
    group: 'evening',
    pairSeed: 4,
  };
  const tree = { ...normaliseTree(randomTree(3, { positions: 6, transitions: 9 })), classes: [carriedClass(plan)] };
  it('are its clock and units, and neither days nor people', () => {
    const text = formatTreeFile(tree);
    expect(JSON.parse(text)).toMatchObject({ classes: [{ id: 'tuesday', slotMinutes: 60, units }] });
    for (const word of ['2026-12-01', 'evening', 'pairSeed']) expect(text).not.toContain(word);
    expect(read(text)).toEqual(tree);
    expect(formatTreeFile(read(text))).toBe(text);
  });
  it('are checked as everything else, with their place', () => {
    const broken = JSON.stringify({
      ...(JSON.parse(formatTreeFile(tree)) as object),
      classes: [{ ...tree.classes[0], slotMinutes: 0, date: '2026-12-01' }],
    });
    const found = parseTreeFile(broken);
    expect(found.ok ? [] : found.error).toEqual([
      expect.stringMatching(/^classes\[0\] \("tuesday"\) › slotMinutes: /),
      expect.stringMatching(/"date"/),
    ]);
  });
});

describe('a class that a file carries', () => {
  it('has no unit twice', () => {
    const tree = { ...normaliseTree(randomTree(3, { positions: 6, transitions: 9 })) };
    const plan: ClassDocument = {
      ...emptyClassPlan,
      id: 'c',
      name: 'C',
      tree: 'x',
      units: Array(2).fill({ kind: 'move', of: ['t0'] }) as ClassDocument['units'],
    };
    expect(problems(formatTreeFile({ ...tree, classes: [carriedClass(plan)] }))).toMatch(
      /^classes\[0\] \("c"\) › units: a unit stands twice/,
    );
  });
});

describe('what a file carries along', () => {
  it('of an athlete never more than id, name, physique, better side, off and on', () => {
    const secret = {
      id: 'a',
      name: 'A',
      of: 'athlete' as const,
      off: ['x'],
      physique: ['tall'],
      betterSide: 'left' as const,
      habits: [{ position: 'guard', value: 'frames', share: 1 }],
      age: 12,
      limits: ['no neck'],
      absences: [],
    };
    const file = JSON.parse(formatTreeFile({ ...wholeTree, athletes: ['a'], profiles: [secret] })) as { athletes: object[] };
    expect(file.athletes).toEqual([{ id: 'a', name: 'A', off: ['x'], physique: ['tall'], betterSide: 'left' }]);
    expect(changed((file) => file.athletes.push({ id: 'b', name: 'B', age: 12 }))).toContain('Unrecognized key: "age"');
  });
});

describe('a bad file gets a sentence that names the place', () => {
  it('wrong JSON, with line and column', () => {
    expect(problems('{\n  "format": nonsense\n}')).toMatch(/^Line 2, column \d+: this is not JSON/);
    expect(problems('')).toMatch(/^Line 1/);
  });
  it('another format, an unknown version', () => {
    expect(problems('[]')).toContain('not a tree file');
    expect(problems('null')).toContain('not a tree file');
    expect(problems('{"format":"red-ladder-tree","version":99}')).toBe(
      'version: this file has version 99; this program reads versions 1 to 8.',
    );
  });
  it('unknown fields, wrong types, too long texts', () => {
    expect(changed((file) => (file.positions[3].colour = 'red'))).toMatch(/^positions\[3\] \("de-la-riva"\): Unrecognized key: "colour"/);
    expect(changed((file) => (file.transitions[0].works = 3))).toMatch(/^transitions\[0\] \(".*"\) › works: /);
    expect(changed((file) => (file.positions[0].name = '  '))).toContain('at least one visible character');
    expect(changed((file) => (file.positions[0].name = 'x'.repeat(1000)))).toContain('positions[0]');
  });
  it('dangling and duplicate ids, script in names', () => {
    expect(changed((file) => (file.transitions[0].to = 'nowhere'))).toContain('there is no position "nowhere"');
    expect(changed((file) => (file.positions[1].id = 'collar-sleeve'))).toContain('"collar-sleeve" is used twice');
    expect(changed((file) => (file.positions[0].name = '<img src=x onerror=alert(1)>'))).toContain('markup');
    expect(changed((file) => (file.tree.starts[0].position = '__proto__'))).toContain('reserved');
  });
  it('a field that stands twice, with its place; one of the same name in another record is fine', () => {
    expect(problems('{"format": "red-ladder-tree", "version": 5,\n "tree": {"id": "a", "id": "b"}}')).toBe(
      'Line 2, column 22: the field "id" stands twice in one record. Which of the two is meant?',
    );
    expect(problems('{"\\u0066ormat": 1, "format": 2}')).toContain('the field "format" stands twice');
  });
  it('what is missing, in words; not a page of it', () => {
    expect(changed((file) => delete file.positions[2].name)).toBe('positions[2] ("lasso"): the name is missing.');
    expect(changed((file) => delete file.tree)).toBe('the tree is missing.');
    expect(changed((file) => delete file.positions)).toBe('the positions are missing.');
    expect(changed((file) => (file.positions[0].family = 'garden'))).toContain('or one of 7 more');
    const many = changed((file) => (file.positions = file.positions.map(() => ({ wrong: 'x'.repeat(300) }))));
    expect(many.split('\n').length).toBeLessThan(22);
    expect(many.length).toBeLessThan(4096);
    expect(many).toContain('more like these');
  });
  it('megabytes of junk', { timeout: 60_000 }, () => {
    const junk = [
      '['.repeat(20) + '1,'.repeat(1_000_000),
      `{"format":"red-ladder-tree","version":5,"tree":{},"positions":[${'1,'.repeat(1_000_000)}1],"transitions":[]}`,
      `{"format":"red-ladder-tree","version":5,"when":{${Array.from({ length: 200_000 }, (_, i) => `"k${i}":1`).join()}}}`,
    ];
    for (const text of junk) expect(problems(text).length).toBeGreaterThan(20);
  });
  it('deep nesting and too many bytes, without reading on', () => {
    expect(problems('['.repeat(200_000))).toMatch(/^Line 1, column 33: brackets are nested more than 32 deep/);
    expect(findTooDeep('{"a": "[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[["}')).toBeNull();
    expect(problems(`{"format":"${'x'.repeat(21 * 1024 * 1024)}"}`)).toContain('larger than 20 MB');
  });
});
