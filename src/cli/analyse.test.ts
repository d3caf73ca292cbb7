import { spawnSync } from 'node:child_process';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { formatTreeFile, TREE_FILE_VERSION } from '@/core/notation';
import type { TreeDocument } from '@/core/tree';
import { demoTree } from '../../demo/demoTree';
import { main } from './analyse';
import { held } from '../../tests/support/held';
import { runMain, type Answer } from '../../tests/support/runMain';
import { his, mine, position, reaction, tree } from '../../tests/support/smallTree';

let folder: string;
beforeAll(async () => {
  folder = await mkdtemp(path.join(tmpdir(), 'red-ladder-cli-'));
});
afterAll(() => rm(folder, { recursive: true, force: true }));

/** Runs the command's entry in this process, on a file with this text. */
async function analyse(text: string, ...flags: string[]): Promise<Answer> {
  const file = path.join(folder, 'tree.json');
  await writeFile(file, text);
  return run(file, ...flags);
}
const run = (...args: string[]): Promise<Answer> => runMain(main, args);

/** Worked by hand: a guard with two reactions, one unanswered with its price; a hub every way goes through; a loop; a dead end; a stray. */
const game: TreeDocument = tree(
  [
    position('Guard 1', { reads: reaction('frames', 'hooks') }),
    position('hub', { family: 'hub', lines: ['feet'] }),
    position('pin', { family: 'pin', ends: 'settled', lines: ['feet', 'knees', 'hips', 'chest', 'head'] }),
    position('swept', { family: 'lost', ends: 'swept' }),
    position('corner'),
    position('stray', { continuesIn: { tree: 'other', position: 'x' } }),
  ],
  [
    mine('enter', 'Guard 1', 'hub', { when: { he: ['frames'] } }),
    mine('enter again', 'Guard 1', 'hub', { when: { he: ['frames'] } }),
    his('sweeps', 'Guard 1', 'swept', { when: { he: ['hooks'] } }),
    mine('settle', 'hub', 'pin'),
    mine('lost way', 'hub', 'corner'),
    his('recovers', 'hub', 'Guard 1'),
  ],
);

describe('analyse', () => {
  it('prints what a hand count gives, with the ids of the file', async () => {
    const { code, out, complaint } = await analyse(formatTreeFile(game), '--list', 'routes');
    expect([code, complaint]).toEqual([0, '']);
    const found = JSON.parse(out) as Record<string, unknown>;
    expect(found).toMatchObject({
      tree: { id: 't', name: 'T', owner: 'passer', positions: 6, transitions: 6 },
      unanswered: [{ position: 'Guard 1', read: 'he', value: 'hooks', consequences: ['sweeps'] }],
      deadEnds: ['corner'],
      unreachable: ['stray'],
      routes: {
        status: 'exact',
        countByPositions: 1,
        countByTransitions: 2,
        byPositions: [['Guard 1', 'hub', 'pin']],
        byTransitions: [
          ['enter', 'settle'],
          ['enter again', 'settle'],
        ],
      },
      necessaryHubs: {
        goals: [{ position: 'pin', ends: 'settled', hubs: ['hub'] }],
        endings: [{ ends: 'settled', hubs: ['hub'] }],
        all: ['hub'],
      },
      cycles: { cycles: [{ positions: ['Guard 1', 'hub'], kind: 'costly' }], status: 'exact' },
      odds: { clock: 'round', question: { ask: 'opponent', roundSeconds: 300, readSkill: 1 }, status: 'exact', byDefault: ['stray'] },
    });
    expect(found.coverage).toEqual([
      {
        position: 'Guard 1',
        reads: [],
        cells: [],
        status: 'exact',
        ambiguousValues: [{ read: 'he', value: 'frames', answers: ['enter', 'enter again'] }],
      },
    ]);
    expect(Object.keys(found)).toEqual([
      'tree',
      'filter',
      'findings',
      'unanswered',
      'coverage',
      'deadEnds',
      'unreachable',
      'routes',
      'necessaryHubs',
      'cycles',
      'dilemmas',
      'oneWay',
      'actNow',
      'lateBranches',
      'ladder',
      'hubs',
      'usage',
      'roleChanges',
      'tempoChanges',
      'backTakes',
      'threats',
      'facts',
      'provoked',
      'contradictions',
      'contacts',
      'mirror',
      'todo',
      'odds',
    ]);
  });
  it('keeps the account of the holds, says what his grips shut, and looks at the other side', async () => {
    const doc = tree(
      [position('a'), position('pin', { ends: 'settled' })],
      [
        mine('drag', 'a', 'pin', {
          name: 'drag with the left hand',
          steps: [
            { contacts: held('left hand far ankle, left hand far knee') },
            { contacts: held('left hand far lapel, right hand far feather') },
            { contacts: [] },
          ],
          contactRules: [{ kind: 'hold', fromStep: 1, toStep: 2, contacts: held('left hand far ankle') }],
          blockedBy: [held('his left hand far collar, his right hand far sleeve')],
        }),
      ],
    );
    const { out } = await analyse(formatTreeFile(doc), '--their-grips', 'his left hand far collar, his right hand far sleeve', '--mirror');
    const { contacts, mirror } = JSON.parse(out) as {
      contacts: Record<string, unknown> & { moves: { handOvers: { kind: string }[] }[] };
      mirror: unknown;
    };
    expect(contacts.moves[0]).toMatchObject({
      transition: 'drag',
      steps: 3,
      doubleBookings: [{ step: 1 }],
      brokenRules: [{ steps: [2] }],
      emptySteps: [3],
      load: [{ part: 'rightHand', trades: 1 }],
    });
    expect(contacts.moves[0]!.handOvers.map((item) => item.kind)).toEqual(['trade', 'released', 'taken', 'released', 'released']);
    expect(contacts.unknownSpots).toEqual([{ transition: 'drag', step: 2, word: 'feather' }]);
    expect(contacts.withoutUniform).toMatchObject([{ step: 2, substitute: null, suggested: { part: 'back of the neck' } }]);
    expect(mirror).toEqual({ skipped: [] });
    const plain = await analyse(formatTreeFile(doc), '--their-grips', 'his left hand far collar, his right hand far sleeve');
    expect(JSON.parse(plain.out)).toMatchObject({
      mirror: null,
      contacts: {
        theirGrips: {
          options: [{ transition: 'drag', status: 'blocked', toBreak: [{ part: 'leftHand' }] }],
          toBreakOnTheShortestWay: [{ part: 'leftHand' }],
        },
      },
    });
    expect((await analyse(formatTreeFile(doc), '--their-grips', 'his wing collar')).complaint).toContain('begin with what holds');
  });
  it('says every finding in the sentences of the board, and lists routes only when asked', async () => {
    const { out } = await analyse(formatTreeFile(game));
    const found = JSON.parse(out) as { routes: object; findings: { kind: string; place: string; what: string; why: string }[] };
    expect(found.routes).toEqual({ status: 'exact', countByPositions: 1, countByTransitions: 2 });
    expect(found.findings.find(({ kind }) => kind === 'unanswered')).toMatchObject({
      place: 'Guard 1',
      what: 'he hooks',
      why: 'If it works he gets to: swept.',
    });
    expect(new Set(found.findings.map(({ kind }) => kind))).toEqual(
      new Set(['unanswered', 'ambiguous', 'deadEnd', 'unreachable', 'necessaryHub', 'costlyCycle']),
    );
    expect((await analyse(formatTreeFile(game), '--list', 'all')).complaint).toBe('--list needs the word routes after it.');
  });
  it('takes from the trees beside it what their places are worth, and says which file it cannot read', async () => {
    const there = tree(
      [position('x', { reads: [{ ...reaction('a')[0]!, closed: true }] }), position('pin', { ends: 'settled' })],
      [mine('cut', 'x', 'pin', { when: { he: ['a'] }, works: 0.7, seconds: 250 })],
      { id: 'other', starts: [] },
    );
    const besideFile = path.join(folder, 'beside.json');
    await writeFile(besideFile, formatTreeFile(there));
    type Found = { odds: { goesOn: object[]; byDefault: string[]; positions: { position: string; value: number }[] } };
    const read = async (...flags: string[]) => JSON.parse((await analyse(formatTreeFile(game), ...flags)).out) as Found;
    expect((await read()).odds.byDefault).toEqual(['stray']);
    const found = (await read('--beside', besideFile)).odds;
    expect(found.byDefault).toEqual([]);
    expect(found.goesOn).toEqual([{ position: 'stray', worth: expect.closeTo(0.7, 12) as number }]);
    const steady = (await read('--beside', besideFile, '--clock', 'steady')).odds.positions.find((item) => item.position === 'stray')!;
    // exp(−250 / 300) of 0.7, tried again after 250 seconds.
    expect(steady.value).toBeLessThan(0.4);
    expect((await analyse(formatTreeFile(game), '--beside', path.join(folder, 'none.json'))).complaint).toMatch(
      /^--beside: .*no such file/,
    );
  });
  it('looks from other starts, and mirrors with a filter on', async () => {
    const doc = tree(
      [
        position('a', { tempo: 'actNow', holds: held('left hand belt') }),
        position('b', {
          tempo: 'actNow',
          reads: [
            { id: 't', name: 'timing', kind: 'timing', values: ['late', 'early'].map((id) => ({ id, name: id, kind: 'other' as const })) },
          ],
        }),
        position('pin', { continuesIn: { tree: 'other', position: 'x' } }),
      ],
      [
        mine('in', 'a', 'b', { steps: [{ contacts: held('left hand far lapel') }], needs: ['left hand far hip', 'hip freed'] }),
        mine('late', 'b', 'pin', {
          when: { t: ['late', 'early'] },
          steps: [{ contacts: held('left hand far knee') }, { contacts: held('left hand far knee') }],
        }),
      ],
    );
    type Found = {
      unreachable: string[];
      actNow: object[];
      lateBranches: object[];
      facts: { missing: { fact: string; isHold: boolean }[] };
      filter: { difference: { holdsGone: { contact: { part: string } }[] } };
      contacts: {
        places: object[];
        moves: { holds: string[][] }[];
        shortestWays: { start: string; ways: { survivals: { steps: number }[] }[] }[];
      };
    };
    const read = async (...flags: string[]) => JSON.parse((await analyse(formatTreeFile(doc), ...flags)).out) as Found;
    const plain = await read();
    expect(plain.actNow).toEqual([
      { position: 'a', missing: 'noTiming', values: [] },
      { position: 'b', missing: [], values: [] },
    ]);
    expect(plain.lateBranches).toHaveLength(1);
    expect(plain.facts.missing.map(({ fact, isHold }) => [fact, isHold])).toEqual([
      ['left hand far hip', true],
      ['hip freed', false],
    ]);
    expect(plain.contacts.places).toEqual([{ position: 'a', holds: ['left hand belt'], theirHolds: [] }]);
    expect(plain.contacts.shortestWays).toMatchObject([
      { start: 'a', ways: [{ positions: ['a', 'b', 'pin'], survivals: [{ steps: 2 }, { steps: 1 }] }] },
    ]);
    const from = await read('--start', 'b');
    expect(from.unreachable).toEqual(['a']);
    expect((await analyse(formatTreeFile(doc), '--start', 'nowhere')).complaint).toBe('--start: there is no place "nowhere" in this tree.');
    const mirrored = await read('--mirror', '--context', 'noGi');
    expect(mirrored.filter.difference.holdsGone.map(({ contact }) => contact.part)).toEqual(['rightHand', 'rightHand']);
    expect((await read('--mirror')).contacts.moves[0]!.holds).toEqual([['right hand far lapel']]);
  });
  it('says the same twice, and stops where it was told to', async () => {
    const text = formatTreeFile(demoTree());
    const [first, second] = [
      await analyse(text, '--routes', '25', '--cycles', '10'),
      await analyse(text, '--routes', '25', '--cycles', '10'),
    ];
    expect(first.out).toBe(second.out);
    const found = JSON.parse(first.out) as { routes: { status: string; countByPositions: number }; cycles: { status: string; cycles: [] } };
    expect(found.routes).toMatchObject({ status: 'budget', countByPositions: 25 });
    expect(found.cycles.cycles).toHaveLength(10);
    expect(found.cycles.status).toBe('budget');
  });
  it('looks at the tree under a filter, and says what the filter takes away', async () => {
    const text = formatTreeFile(demoTree());
    const { out } = await analyse(
      text,
      '--context',
      'noGi',
      '--rule-set',
      'saltmarsh-league',
      '--profile',
      'oren-vask',
      '--routes',
      '50',
      '--cycles',
      '50',
    );
    const found = JSON.parse(out) as {
      tree: { transitions: number };
      filter: { context: string; profiles: string[]; difference: { hidden: { by: string }[] } };
    };
    expect(found.filter).toMatchObject({ context: 'noGi', ruleSet: 'saltmarsh-league', profiles: ['oren-vask'] });
    expect(found.tree.transitions).toBe(demoTree().transitions.length - found.filter.difference.hidden.length);
    expect(new Set(found.filter.difference.hidden.map((item) => item.by))).toContain('ruleSet');
    for (const [flag, name] of [
      ['--context', 'boxing'],
      ['--rule-set', 'none'],
      ['--school', 'none'],
      ['--profile', 'nobody'],
      ['--level', 'fourth year'],
    ])
      expect(await analyse(text, flag!, name!)).toMatchObject({
        code: 1,
        out: '',
        complaint: expect.stringContaining(`there is no "${name}"`),
      });
    expect((await analyse(text, '--school')).complaint).toContain('--school needs a name after it');
  });
  it('a shorter round is never better', async () => {
    const value = async (seconds: string): Promise<number> => {
      const { out } = await analyse(formatTreeFile(game), '--round', seconds);
      return (JSON.parse(out) as { odds: { starts: [{ value: number }] } }).odds.starts[0].value;
    };
    const [short, long] = [await value('30'), await value('300')];
    expect(short).toBeLessThan(long);
    expect(await value('5')).toBe(0);
  });
  it('asks the second question with its own reading and freedom, and no better than the first', async () => {
    const odds = async (...args: string[]) =>
      (JSON.parse((await analyse(formatTreeFile(game), ...args)).out) as { odds: { question: object; starts: [{ value: number }] } }).odds;
    const plain = await odds();
    const knowing = await odds('--question', 'knowing');
    expect(knowing.question).toEqual({ ask: 'knowing', roundSeconds: 300, readSkill: 0.5, freely: 1 / 3 });
    expect(knowing.starts[0].value).toBeLessThanOrEqual(plain.starts[0].value);
    const free = await odds('--question', 'knowing', '--free', '1', '--read-skill', '0', '--round', '60');
    expect(free.question).toEqual({ ask: 'knowing', roundSeconds: 60, readSkill: 0, freely: 1 });
    for (const [flag, given, sentence] of [
      ['--free', '1.5', '--free needs a number from 0 to 1.'],
      ['--read-skill', '', '--read-skill needs a number from 0 to 1.'],
      ['--question', 'why', '--question needs the word opponent, knowing or observed after it.'],
      ['--question', 'observed', '--question observed needs --observations FILE beside it.'],
      ['--objective', 'fame', '--objective needs the word control or points after it.'],
      ['--objective', 'points', '--objective points needs --rule-set ID beside it: its table is counted.'],
      ['--clock', 'wall', '--clock needs the word round or steady after it.'],
      ['--only', 'odds,fun', '--only needs parts after it, and “fun” is none: tree, filter, findings,'],
    ] as const)
      expect(await analyse(formatTreeFile(game), flag, given)).toMatchObject({
        code: 1,
        out: '',
        complaint: expect.stringContaining(sentence),
      });
  });
  it('prints the parts that are asked for alone, among them what takes long', async () => {
    const parts = ['odds', 'workOn', 'loads', 'defences', 'strengths', 'margins'];
    const found = JSON.parse((await analyse(formatTreeFile(demoTree()), '--only', parts.join(','))).out) as Record<string, object> & {
      workOn: { items: { worth: number; low: number; high: number }[]; tooCloseToCall: number };
      loads: { load: number }[];
      margins: { starts: { low: number; high: number }[] };
    };
    expect(Object.keys(found)).toEqual(parts);
    expect(found.workOn.items[0]!.low).toBeLessThan(found.workOn.items[0]!.high);
    expect(found.loads).toHaveLength(10);
    expect(found.margins.starts).toHaveLength(demoTree().starts.length);
  });
  it('counts the points of a rule set', async () => {
    const flags = ['--rule-set', 'saltmarsh-league', '--only', 'odds'];
    const value = async (...more: string[]) =>
      (JSON.parse((await analyse(formatTreeFile(demoTree()), ...flags, ...more)).out) as { odds: { starts: { value: number }[] } }).odds
        .starts[0]!.value;
    const [control, points] = [await value(), await value('--objective', 'points')];
    expect(control).toBeLessThan(1);
    expect(points).not.toBeCloseTo(control, 3);
  });
  it('says the worth on the steady clock, certified', async () => {
    const { odds } = JSON.parse((await analyse(formatTreeFile(game), '--clock', 'steady', '--only', 'odds')).out) as {
      odds: { clock: string; status: string; residual: number; starts: { value: number }[] };
    };
    expect(odds).toMatchObject({ clock: 'steady', status: 'exact' });
    expect(odds.residual).toBeLessThan(1e-10);
  });
  it('counts what was seen, and says what is wrong with the counts', async () => {
    const seen = path.join(folder, 'seen.json');
    const observed = async (went: unknown, ...more: string[]) => {
      await writeFile(seen, JSON.stringify({ format: 'red-ladder-observations', version: 1, went }));
      return analyse(formatTreeFile(game), '--observations', seen, '--question', 'observed', '--only', 'odds', ...more);
    };
    const { out } = await observed([
      { from: 'Guard 1', to: 'hub', count: 3 },
      { from: 'Guard 1', to: null, count: 1 },
      { from: 'hub', to: 'pin', count: 1 },
    ]);
    expect(JSON.parse(out)).toMatchObject({
      odds: {
        question: { ask: 'observed' },
        starts: [{ position: 'Guard 1', seen: 4, outlook: { timeUp: 0.25, noData: 0, endings: [{ ends: 'settled', chance: 0.75 }] } }],
      },
    });
    for (const [went, sentence] of [
      [[{ from: 'Guard 1', to: 'hub', count: 1.5 }], 'went › 0 › count'],
      [[{ from: 'Guard 1', to: 'moon', count: 1 }], 'went[0]: there is no position "moon" in this tree.'],
      [[{ from: 'hub', to: 'hub', count: 1 }], 'no round was seen to leave hub'],
    ] as const) {
      const { code, out: printed, complaint } = await observed(went);
      expect([code, printed]).toEqual([1, '']);
      expect(complaint).toContain(sentence);
    }
  });
  it('answers bad input with a sentence, nothing on standard output and exit code 1', async () => {
    const refused = async (answer: Promise<Answer>, sentence: string): Promise<void> => {
      const { code, out, complaint } = await answer;
      expect([code, out]).toEqual([1, '']);
      expect(complaint).toContain(sentence);
      expect(complaint).not.toContain('    at ');
    };
    await refused(analyse('{"format": "red-ladder-tree", "version": 1,}'), 'this is not JSON');
    await refused(analyse(formatTreeFile(game).replace(`"version": ${TREE_FILE_VERSION}`, '"version": 9')), 'version 9');
    await refused(analyse(formatTreeFile(game).replace('"to": "pin"', '"to": "nowhere"')), 'there is no position "nowhere"');
    await refused(run(path.join(folder, 'missing.json')), 'there is no such file');
    await refused(analyse(formatTreeFile(game), '--round', 'soon'), '--round needs a whole number');
    await refused(analyse(formatTreeFile(game), '--loud'), '"--loud" is not known');
    await refused(run(), 'Usage: npm run -s analyse');
  });
  it('is a command: one JSON object on standard output, the exit code for a shell', async () => {
    const file = path.join(folder, 'command.json');
    await writeFile(file, formatTreeFile(game));
    const command = (...args: string[]) => spawnSync('npm', ['run', '-s', 'analyse', '--', ...args], { encoding: 'utf8' });
    const good = command(file);
    expect(good.status).toBe(0);
    expect((JSON.parse(good.stdout) as { tree: { id: string } }).tree.id).toBe('t');
    const bad = command(`${file}.not`);
    expect([bad.status, bad.stdout]).toEqual([1, '']);
    expect(bad.stderr).toContain('there is no such file');
  }, 30_000);
});
