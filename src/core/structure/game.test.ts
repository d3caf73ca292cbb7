import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findFindings } from '../findings';
import { swapAthletes } from '../lens/swapAthletes';
import { findUnanswered } from './answers';
import { findTempoChanges, findSameRelation, findSuggestions } from './sameRelation';
import { findUnstopped } from './unstopped';
import { indexOf, type TreeDocument } from '../tree';
import { compareTrees, stepsToLines } from './compare';
import { findBackTakes, findRoleChanges, findUsage, rankHubs } from './usage';
import { findDilemmas } from './dilemmas';
import { findLadder } from './ladder';
import { findLateBranches } from './lateBranches';
import { findRoutes } from './routes';
import { findTodo } from './todo';
import { demoTree } from '../../../demo/demoTree';
import { randomTree } from '../../../tests/support/randomTree';
import { his, mine, position, reaction, tree } from '../../../tests/support/smallTree';

describe('dilemmas', () => {
  const at = [position('a', { reads: reaction('knee in', 'knee out', 'stands') }), position('b')];
  it('are pairs that stop each other’s defence; one-way pairs stand apart, the stopped one first', () => {
    const doc = tree(at, [
      mine('cut', 'a', 'b', { when: { he: ['knee out'] }, stoppedBy: ['knee in'] }),
      mine('fold', 'a', 'b', { when: { he: ['knee in'] }, stoppedBy: ['knee out'] }),
      mine('snap', 'a', 'b', { when: { he: ['stands'] }, stoppedBy: ['knee in'] }),
    ]);
    expect(findDilemmas(doc)).toEqual({
      dilemmas: [{ position: 'a', a: 'cut', b: 'fold', aToB: ['knee in'], bToA: ['knee out'] }],
      oneWay: [{ position: 'a', a: 'snap', b: 'fold', aToB: ['knee in'], bToA: [] }],
    });
  });
  it('are only among the owner’s options of reachable places', () => {
    const both = { when: { he: ['knee out'] }, stoppedBy: ['knee out'] };
    const doc = tree([position('start'), ...at], [mine('cut', 'a', 'b', both), mine('fold', 'a', 'b', both)]);
    expect(findDilemmas(doc)).toEqual({ dilemmas: [], oneWay: [] });
    expect(findDilemmas({ ...doc, starts: [{ position: 'a' }] }).dilemmas).toHaveLength(1);
  });
  it('agree with the definition on random trees', () => {
    fc.assert(
      fc.property(fc.nat(5000), (seed) => {
        const doc = randomTree(seed, { positions: 6, transitions: 30 });
        const found = findDilemmas(doc);
        const key = (x: string, y: string): string => [x, y].sort().join();
        const brute = new Set<string>();
        for (const a of doc.transitions)
          for (const b of doc.transitions) {
            if (a.id === b.id || a.from !== b.from || a.actor !== 'owner' || b.actor !== 'owner') continue;
            const opens = (x: typeof a, y: typeof a): boolean =>
              (x.stoppedBy ?? []).some((v) =>
                Object.values(y.when ?? {})
                  .flat()
                  .includes(v),
              );
            if (opens(a, b) && opens(b, a)) brute.add(key(a.id, b.id));
          }
        for (const pair of found.dilemmas) expect(brute.has(key(pair.a, pair.b))).toBe(true);
        for (const pair of found.oneWay) expect(brute.has(key(pair.a, pair.b))).toBe(false);
        const reachable = new Set(found.dilemmas.map((pair) => key(pair.a, pair.b)));
        expect(reachable.size).toBe(found.dilemmas.length);
      }),
      { numRuns: 80, seed: 4 },
    );
  });
});

describe('late branches', () => {
  const timing = (...names: string[]) => [
    {
      id: 'timing',
      name: 'timing',
      kind: 'timing' as const,
      values: names.map((name) => ({ id: name.replace(' ', '-'), name, kind: 'other' as const })),
    },
  ];
  it('are missed where one must act now and nothing says what happens off time', () => {
    const doc = tree([position('a', { tempo: 'actNow' }), position('b', { tempo: 'safe' })], [mine('t', 'a', 'b')]);
    expect(findLateBranches(doc)).toEqual([{ position: 'a', missing: 'noTiming', values: [] }]);
  });
  it('want an answer to late and to early; a value that is drawn and open is named', () => {
    const doc = tree(
      [position('a', { tempo: 'actNow', reads: timing('on time', 'too late') }), position('b')],
      [mine('t', 'a', 'b', { when: { timing: ['on-time'] } })],
    );
    expect(findLateBranches(doc)).toEqual([{ position: 'a', missing: ['late', 'early'], values: ['too-late'] }]);
    const answered = { ...doc, transitions: [mine('t', 'a', 'b', { when: { timing: ['on-time', 'too-late'] } })] };
    expect(findLateBranches(answered)).toEqual([{ position: 'a', missing: ['early'], values: [] }]);
  });
});

describe('the ladder', () => {
  const doc = tree(
    [position('a'), position('b', { lines: ['feet', 'knees', 'hips'] }), position('c', { lines: ['feet', 'chest'] })],
    [mine('up', 'a', 'b'), his('down', 'b', 'a'), his('across', 'b', 'c'), mine('again', 'a', 'a')],
  );
  it('counts lines as sets, and names the largest regress and lines held above a gap', () => {
    expect(findLadder(doc)).toEqual({
      moves: [
        { transition: 'up', to: 'b', gained: 3, lost: 0 },
        { transition: 'down', to: 'a', gained: 0, lost: 3 },
        { transition: 'across', to: 'c', gained: 1, lost: 2 },
      ],
      gaps: [{ position: 'c', missing: ['knees', 'hips'] }],
      largestRegress: { lost: 3, transitions: ['down'] },
    });
    expect(findLadder(tree([position('a')], [])).largestRegress).toEqual({ lost: 0, transitions: [] });
  });
  it('steps to each line are the fewest from any start', () => {
    expect(stepsToLines(doc)).toEqual({ feet: 1, knees: 1, hips: 1, chest: 2, head: null });
  });
});

describe('hubs and shared finishes', () => {
  it('what lies on a route from a start is used by that start; ways may come back, so more can be', () => {
    fc.assert(
      fc.property(fc.nat(5000), (seed) => {
        const doc = randomTree(seed, { positions: 8, transitions: 16 });
        const usage = findUsage(doc);
        const index = indexOf(doc);
        for (const route of findRoutes(doc).byTransitions) {
          const start = index.transitions.get(route[0] ?? '')?.from;
          for (const id of route) expect(usage.transitions.get(id)).toContain(start);
        }
        for (const [id, starts] of usage.positions)
          if (starts.length === 0) for (const route of findRoutes(doc).byPositions) expect(route).not.toContain(id);
      }),
      { numRuns: 60, seed: 5 },
    );
  });
  it('hubs come in order of the starts that need them', () => {
    const ranks = rankHubs(demoTree());
    expect(ranks.map((rank) => rank.starts)).toEqual(ranks.map((rank) => rank.starts).toSorted((a, b) => b - a));
    expect(ranks.length).toBeGreaterThanOrEqual(4);
    expect(ranks.every((rank) => rank.entries > 0 && rank.exits > 0)).toBe(true);
  });
  it('role changes and back takes are listed with what is seen before them', () => {
    const doc = tree(
      [
        position('below', { ownerRole: 'below', reads: reaction('stands') }),
        position('top'),
        position('back', { family: 'back', ends: 'back' }),
      ],
      [
        mine('sweep', 'below', 'top'),
        mine('slip', 'below', 'back', { when: { he: ['stands'] } }),
        his('reverse', 'top', 'below'),
        mine('climb', 'top', 'back', { kind: 'backTake' }),
      ],
    );
    expect(findRoleChanges(doc)).toEqual([
      { transition: 'sweep', to: 'top' },
      { transition: 'slip', to: 'top' },
      { transition: 'reverse', to: 'below' },
    ]);
    expect(findBackTakes(doc)).toEqual([
      { transition: 'slip', position: 'below', values: ['stands'] },
      { transition: 'climb', position: 'top', values: [] },
    ]);
  });
});

describe('who is on top where it ends', () => {
  const positions = [
    position('turtled', { ownerRole: 'below' }),
    position('choked', { ends: 'submitted' }),
    position('away', { ends: 'escaped' }),
    position('over', { ends: 'swept' }),
    position('pin', { ends: 'settled' }),
    position('stand'),
  ];
  const transitions = [
    his('he takes my back', 'turtled', 'choked'),
    mine('I get away', 'turtled', 'away'),
    mine('roll over', 'turtled', 'pin'),
    his('swept', 'stand', 'over'),
    his('gone', 'stand', 'away'),
  ];
  it('settled, back and submission: the passer; swept: the guard player; submitted and escaped change nothing', () => {
    expect(findRoleChanges(tree(positions, transitions))).toEqual([
      { transition: 'roll over', to: 'top' },
      { transition: 'swept', to: 'below' },
    ]);
    expect(findRoleChanges(tree(positions.slice(1), transitions.slice(3), { owner: 'guardPlayer' }))).toEqual([
      { transition: 'swept', to: 'top' },
    ]);
  });
});

describe('tempo within one leg relation', () => {
  it('is told where the legs stay as they are and the time does not', () => {
    const knee = { legRelation: 'knee over thigh', stance: 'combat' } as const;
    const doc = tree(
      [
        position('a', { ...knee }),
        position('b', { ...knee, tempo: 'actNow' }),
        position('c', { legRelation: 'knee over thigh', tempo: 'safe' }),
        position('d', { tempo: 'danger' }),
        position('e'),
      ],
      [mine('lift', 'a', 'b'), his('settles', 'b', 'a'), mine('stand', 'a', 'c'), mine('unsaid', 'd', 'e'), mine('same', 'b', 'b')],
    );
    expect(findTempoChanges(doc)).toEqual([
      { transition: 'lift', from: 'neutral', to: 'actNow' },
      { transition: 'settles', from: 'actNow', to: 'neutral' },
    ]);
  });
});

describe('seen by the guard player', () => {
  const doc = tree(
    [
      position('guard', { reads: reaction('frames', 'hooks', 'turns') }),
      position('pin', { ends: 'settled' }),
      position('swept', { ends: 'swept' }),
      position('away'),
    ],
    [
      mine('stopped', 'guard', 'pin', { when: { he: ['frames'] }, stoppedBy: ['hooks'] }),
      mine('met', 'guard', 'pin', { when: { he: ['hooks', 'turns'] } }),
      mine('free', 'guard', 'pin', { when: { he: ['frames'] } }),
      mine('out of reach', 'away', 'pin'),
      his('sweeps', 'guard', 'swept', { when: { he: ['hooks'] } }),
    ],
  );
  it('what has no answer is what nothing stops and nothing meets; his values ask for none', () => {
    const seen = swapAthletes(doc);
    expect(findUnstopped(seen)).toEqual([{ position: 'guard', transition: 'free' }]);
    expect(findUnstopped(doc)).toEqual([]);
    expect(findUnanswered(doc).map((gap) => gap.value)).toEqual([]);
    expect(findUnanswered(seen)).toEqual([]);
    const kinds = (of: TreeDocument): Set<string> => new Set(findFindings(of).list.map((finding) => finding.kind));
    expect(kinds(seen)).toContain('unstopped');
    expect(kinds(doc)).not.toContain('unstopped');
    expect(swapAthletes(seen)).toEqual(doc);
  });
});

describe('elsewhere and to do', () => {
  const doc: TreeDocument = tree(
    [
      position('shield', { name: 'Knee shield', legRelation: 'knee across', stance: 'kneeling', reads: reaction('goes to deep half') }),
      position('deep', { name: 'Deep half', legRelation: 'knee across', continuesIn: { tree: 'other', position: 'x' } }),
      position('standing shield', {
        legRelation: 'knee across',
        stance: 'standing',
        reads: [{ id: 'r', name: 'r', kind: 'reaction', values: [{ id: 'v', name: 'goes to Deep half', kind: 'hook', unsure: true }] }],
      }),
      position('far', { legRelation: 'hook outside', wordingUnsure: true }),
    ],
    [
      mine('slide', 'deep', 'far'),
      mine('step', 'far', 'deep', { fits: { legRelations: ['knee across'], stances: ['kneeling'] } }),
      mine('answer', 'standing shield', 'deep', { when: { r: ['v'] }, unsure: true }),
      mine('later', 'shield', 'far', { announced: true }),
      mine('now', 'shield', 'far'),
    ],
  );
  it('the same leg relation, where the stances do not disagree, and what would fit there', () => {
    expect(findSameRelation(doc, 'shield')).toEqual({ positions: ['deep'], transitions: ['slide', 'step'] });
    expect(findSameRelation(doc, 'far')).toEqual({ positions: [], transitions: [] });
  });
  it('suggestions are positions named in what he does, and answers to the same elsewhere', () => {
    const value = doc.positions[0]!.reads[0]!.values[0]!;
    expect(findSuggestions(doc, 'shield', value)).toEqual({ positions: ['deep'], transitions: ['answer'] });
    expect(findSuggestions(doc, 'shield', { id: 'x', name: 'deepens the halfway hook', kind: 'other' })).toEqual({
      positions: [],
      transitions: [],
    });
  });
  it('are found in other words of the same sign, too, the same words first', () => {
    const said = (name: string, kind: 'frame' | 'hook' | 'other' = 'frame') => ({ id: name, name, kind });
    const other = tree(
      [
        position('a', { reads: [{ id: 'he', name: 'he', kind: 'reaction', values: [said('frames on my hips')] }] }),
        position('b', {
          reads: [{ id: 'he', name: 'he', kind: 'reaction', values: [said('is framing at the hip'), said('hides', 'hook')] }],
        }),
        position('c', { reads: [{ id: 'he', name: 'he', kind: 'reaction', values: [said('frames on my hips')] }] }),
      ],
      [
        mine('likely', 'b', 'c', { when: { he: ['is framing at the hip'] } }),
        mine('unlike', 'b', 'c', { when: { he: ['hides'] } }),
        mine('same', 'c', 'b', { when: { he: ['frames on my hips'] } }),
      ],
    );
    expect(findSuggestions(other, 'a', other.positions[0]!.reads[0]!.values[0]!).transitions).toEqual(['same', 'likely']);
  });
  it('announced and untaught branches, links elsewhere, unsure wording', () => {
    expect(findTodo(doc)).toEqual({
      announced: [{ position: 'shield', taught: 1, announced: 2, open: ['later'] }],
      continuations: [{ position: 'deep', tree: 'other', to: 'x' }],
      unsure: { positions: ['far'], values: [{ position: 'standing shield', value: 'v' }], transitions: ['answer'] },
    });
  });
});

describe('comparing', () => {
  it('names what is in both, in one and not in the other, and is the mirror of itself', () => {
    const a = tree([position('guard'), position('side', { lines: ['feet'] }), position('unused')], [mine('cut', 'guard', 'side')]);
    const b = tree([position('guard'), position('mount', { ends: 'settled', lines: ['feet', 'head'] })], [mine('cut', 'guard', 'mount')]);
    const found = compareTrees(a, b);
    expect(found.positions).toEqual({ both: ['guard'], onlyFirst: ['side'], onlySecond: ['mount'] });
    expect(found.transitions).toEqual({ both: [], onlyFirst: ['guard: cut → side'], onlySecond: ['guard: cut → mount'] });
    expect(found.endings).toEqual({ both: [], onlyFirst: [], onlySecond: ['mount (settled)'] });
    expect(found.steps.second).toEqual({ feet: 1, knees: null, hips: null, chest: null, head: 1 });
    const back = compareTrees(b, a);
    expect([back.positions.onlyFirst, back.steps.first]).toEqual([found.positions.onlySecond, found.steps.second]);
  });
  it('a tree is the same as itself', () => {
    const demo = demoTree();
    const found = compareTrees(demo, demo);
    expect([found.positions.onlyFirst, found.transitions.onlySecond, found.endings.onlyFirst]).toEqual([[], [], []]);
    const drawn = demo.positions.filter((item) => item.ends && demo.transitions.some((transition) => transition.to === item.id));
    expect(found.endings.both).toHaveLength(drawn.length);
  });
});
