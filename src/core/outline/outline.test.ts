import { describe, expect, it } from 'vitest';
import { seededRandom } from '../base';
import { getCatalogue } from '../catalogue';
import { checkTree, containsMarkup, emptyTree, type Position, type Transition, type TreeDocument } from '../tree';
import { demoTree } from '../../../demo/demoTree';
import { randomTree } from '../../../tests/support/randomTree';
import { applyOutline } from './apply';
import { formatOutline } from './print';

const fresh = (text: string, of: TreeDocument) =>
  applyOutline({ ...emptyTree('t', of.name, of.owner), contexts: of.contexts }, text, 'add');
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
/** Names and texts that have the notation's own signs in them. */
const NASTY = [
  'a → b',
  '- x',
  '# y',
  'he z',
  'I go -> there',
  'x (settled)',
  'x #2',
  '"q"',
  ' "q',
  'a: b',
  'often, rarely',
  'x, often',
  'a / b',
  '1/2',
  'one; two',
  'a > b',
  'x = y',
  '.',
  'constructor',
  '__proto__',
  '50%',
  'nothing special',
  'does nothing',
  'in the last 0:30',
  'a (hook)',
  '(0.5)',
  '→',
  'x ! y',
  'never z',
  'as above',
  'x (as above)',
  'two  spaces',
  'lands on x',
  'then he frames',
  'whatever',
  'é û',
  'x:',
];

function nasty(seed: number): TreeDocument {
  const random = seededRandom(seed);
  const pick = (): string => NASTY[Math.floor(random() * NASTY.length)]!;
  const tree = randomTree(seed, { positions: 14, transitions: 40 });
  const said = <T extends object>(record: T, extra: Partial<T>): T => (random() < 0.5 ? { ...record, ...extra } : record);
  return {
    ...tree,
    name: pick(),
    positions: tree.positions.map((position, i): Position => {
      const used = new Set<string>();
      const once = (): string => {
        let name = pick();
        while (used.has(name.toLowerCase())) name += 'x';
        used.add(name.toLowerCase());
        return name;
      };
      const named = said<Position>(
        { ...position, name: random() < 0.7 ? `${pick()} ${i % 9}` : position.name },
        {
          notes: pick(),
          aliases: [`other ${i}`, `; ${i}`],
          tempoReason: pick(),
          hazards: [pick(), pick()],
          legRelation: pick(),
          wordingUnsure: random() < 0.5,
        },
      );
      return {
        ...named,
        reads: position.reads.map((read) => ({
          ...read,
          name: read.kind === 'reaction' ? (random() < 0.5 ? 'he …' : pick()) : read.kind === 'timing' ? 'timing' : `${pick()} cue`,
          values: read.values.map((value) => said({ ...value, name: once() }, { cue: pick(), unsure: true })),
        })),
      };
    }),
    transitions: tree.transitions.map((transition): Transition =>
      said<Transition>(
        { ...transition, name: pick() },
        {
          notes: pick(),
          tags: [pick(), pick()],
          checkpoints: [pick()],
          mistakes: [
            { error: pick(), correction: pick() },
            { error: pick(), consequence: pick() },
          ],
          parameters: [{ name: pick(), values: [pick()], never: [{ value: pick(), leadsTo: 'p1' }] }],
          needs: [pick()],
          announced: true,
        },
      ),
    ),
  };
}

describe('a tree as an outline', () => {
  const trees = [
    demoTree(),
    ...Array.from({ length: 40 }, (_, i) => randomTree(i, { positions: 12, transitions: 40 })),
    ...Array.from({ length: 60 }, (_, i) => nasty(i)),
  ];
  it('written back on to its tree changes nothing', () => {
    for (const tree of trees) {
      const back = applyOutline(tree, formatOutline(tree), 'rewrite');
      expect(back.problems, tree.id).toEqual([]);
      expect(plain(back.tree), tree.id).toEqual(plain(tree));
    }
  });
  it('read into an empty tree and written again is the same text', () => {
    for (const tree of trees) {
      const text = formatOutline(tree);
      const back = fresh(text, tree);
      expect(back.problems, tree.id).toEqual([]);
      expect(formatOutline(back.tree), tree.id).toBe(text);
    }
  });
});

describe('an outline as a coach types it', () => {
  const empty = emptyTree('t', 'T');
  const add = (text: string, tree = empty) => applyOutline(tree, text, 'add', getCatalogue());
  const problems = (text: string, tree = empty) => add(text, tree).problems.map(({ line, says }) => `${line}: ${says}`);
  const TYPED = `
Knee shield
  he frames on the neck, often / digs the underhook
    I fold the shield -> Side pin
      if it fails -> Half guard
    he sweeps me -> Swept
  inside knee: out, middle
    I cut the knee → Shallow knee cut
      he underhooks
        I whizzer lands on Side pin
        he comes up → Underneath (below)
  I wait → .
    - checkpoint: head up
`;
  it('says places, shows, answers, where they land and what happens if they fail', () => {
    const { tree, problems: told, report } = add(TYPED);
    expect(told).toEqual([]);
    expect(tree.starts).toEqual([{ position: 'knee-shield' }]);
    expect(tree.positions.map(({ name, ends, lines, ownerRole }) => [name, ends ?? ownerRole ?? lines.length])).toEqual([
      ['Knee shield', 0],
      ['Side pin', 'settled'],
      ['Half guard', 1],
      ['Swept', 'swept'],
      ['Shallow knee cut', 1],
      ['Underneath', 'below'],
    ]);
    const [first, second] = tree.positions[0]!.reads;
    expect(first!.values).toMatchObject([
      { name: 'frames on the neck', kind: 'frame', share: 0.35 },
      { name: 'digs the underhook', kind: 'grip' },
    ]);
    expect(second).toMatchObject({ name: 'inside knee', kind: 'cue', closed: true });
    const move = (name: string) => tree.transitions.find((item) => item.name === name);
    expect(move('fold the shield')).toMatchObject({
      when: { he: ['frames-on-the-neck', 'digs-the-underhook'] },
      onFail: 'half-guard',
      to: 'side-pin',
    });
    expect(move('wait')).toMatchObject({ to: 'knee-shield', checkpoints: ['head up'] });
    expect(move('sweeps me')).toMatchObject({ actor: 'opponent', kind: 'retention' });
    expect(move('comes up')).toMatchObject({ from: 'shallow-knee-cut', when: { he: ['underhooks'] } });
    expect(report).toEqual({
      spokenOf: ['knee-shield', 'shallow-knee-cut'],
      yours: [],
      fresh: ['Knee shield', 'Side pin', 'Half guard', 'Swept', 'Shallow knee cut', 'Underneath'],
      fromCatalogue: ['Knee shield', 'Side pin', 'Half guard', 'Swept'],
      near: [],
    });
  });
  it('says where else a move leads, what prevents it, and what he does on the way', () => {
    const { tree, problems: told } = add(`
Ankle hold
  he straightens the leg / turns out
    I squeeze the upper ankle → Legs open
      or if he turns out → Lower ankle (submission)
      - not if: far
      - midway: after 2 > rolls > follow him > Legs open
      - midway: sits up
Legs open
  - attempt
`);
    expect(told).toEqual([]);
    expect(tree.positions.map(({ name, unfinished }) => [name, unfinished])).toEqual([
      ['Ankle hold', undefined],
      ['Legs open', true],
      ['Lower ankle', undefined],
    ]);
    expect(tree.transitions[0]).toMatchObject({
      to: 'legs-open',
      outcomes: [{ ifShown: ['turns-out'], to: 'lower-ankle' }],
      preventedBy: ['far'],
      midway: [{ afterStep: 2, reaction: 'rolls', answer: 'follow him', leadsTo: 'legs-open' }, { reaction: 'sits up' }],
    });
    expect(applyOutline(tree, formatOutline(tree), 'rewrite').tree).toEqual(tree);
    const of = (line: string) => problems(`A\n  he x\n    I y → B\n      ${line}`);
    expect(of('- or if: he x')).toEqual(['4: “or if” wants what he shows > where it lands then.']);
    expect(of('- or if: he z > B')).toEqual(['4: “he z” is nothing that he shows there.']);
    expect(of('- midway: after 0 > x')[0]).toContain('4: “midway” wants:');
    expect(of('- midway: x > y > Nowhere')).toEqual(['4: “Nowhere” is no place of this tree.']);
  });
  it('adds to what is there and takes nothing away; said twice it changes nothing', () => {
    const once = add(TYPED).tree;
    expect(add(TYPED, once).tree).toEqual(once);
    const more = add('knee shield\n  he turns away\n    I ride → Half gaurd', once);
    expect(more.tree.positions[0]!.reads[0]!.values).toHaveLength(3);
    expect(more.report).toMatchObject({
      yours: ['Knee shield'],
      fresh: ['Half gaurd'],
      near: [{ name: 'Half gaurd', there: ['Half guard'] }],
    });
  });
  it('rewriting takes out what is not written any more, in the places that are written, and keeps what cannot be said', () => {
    const tree = add(TYPED).tree;
    const kept = { ...tree, transitions: tree.transitions.map((item) => ({ ...item, contactRules: [] })) };
    const text = formatOutline(kept, new Set(['knee-shield']));
    const shorter = text.replace(/ {2}he digs the underhook[^]*?(?= {2}inside)/, '').replace('    he sweeps me → Swept\n', '');
    const back = applyOutline(kept, shorter, 'rewrite');
    expect(back.problems).toEqual([]);
    expect(back.tree.positions.map(({ id }) => id)).toEqual(tree.positions.map(({ id }) => id));
    expect(back.tree.positions[0]!.reads[0]!.values.map(({ name }) => name)).toEqual(['frames on the neck']);
    expect(back.tree.transitions.map(({ name }) => name)).not.toContain('sweeps me');
    expect(back.tree.transitions[0]).toMatchObject({ when: { he: ['frames-on-the-neck'] }, contactRules: [] });
    expect(back.tree.transitions.find(({ name }) => name === 'whizzer')).toEqual(kept.transitions.find(({ name }) => name === 'whizzer'));
  });
  it('takes a landing on a line of its own', () => {
    expect(problems('A\n  he frames\n    I walk\n      → B\n  he waits\n    I stay\n    lands on C')).toEqual([]);
    expect(problems('A\n  he frames\n    I walk\n\n      → B')).toHaveLength(2);
  });
  it('tells every problem with its line, and takes the rest', () => {
    expect(problems('I cut → Pin')).toEqual(['1: “I cut → Pin” stands under no place: begin with the name of the place.']);
    expect(problems('A\n  he frames\n    I walk')[0]).toContain('3: “I walk” is no move.');
    expect(problems('A\n  I walk')[0]).toContain('2: “I walk” does not say where it lands');
    expect(problems('A\n  walks')[0]).toContain('2: “walks” is neither what he shows');
    expect(problems('A\n  - colour: red')[0]).toContain('2: “colour: red” says nothing of a place. Known are: also called,');
    expect(problems('A\n  - stance: sleepy')).toEqual(['2: “stance” wants one of standing, kneeling, combat, lying, seated, squatting.']);
    expect(problems('A\n  I x → B\n    - works: 2')).toEqual(['3: “works” wants a chance from 0 to 1.']);
    expect(problems('A\n  I x → B\n    - stopped by: he sleeps')).toEqual(['3: “he sleeps” is nothing that he shows there.']);
    expect(problems('A\n  I x (as above)')).toEqual(['2: “x” does not stand above: write “→” and where it lands.']);
    expect(problems(`${'n'.repeat(161)}`)).toEqual(['1: The name of a place has 161 letters; 160 is the most.']);
    const twins = {
      ...empty,
      positions: ['a', 'b'].map((id) => ({ id, name: 'Pin', family: 'pin' as const, lines: [], tempo: 'neutral' as const, reads: [] })),
    };
    expect(problems('A\n  I x → Pin', twins)).toEqual(['2: 2 places are called “Pin”: write “Pin #1” or “#2”.']);
    expect(add('A\n  I x → Pin #2', twins).tree.transitions[0]!.to).toBe('b');
  });
  it('a place that a written one leads to is only added to, though its own words stand under the move', () => {
    const { tree } = add('A\n  he frames\n    I cut → B\nB\n  - note: keep me\n  he waits\n    I go on → C');
    const text = formatOutline(tree, new Set(['a'])).replace('I cut → B', 'I cut → B\n      he turns\n        I ride → C');
    const back = applyOutline(tree, text, 'rewrite');
    expect(back.problems).toEqual([]);
    expect(back.tree.positions[1]).toMatchObject({ notes: 'keep me', reads: [{ values: [{ name: 'waits' }, { name: 'turns' }] }] });
    expect(back.tree.transitions.map(({ name }) => name)).toEqual(['cut', 'go on', 'ride']);
  });
  it('what is said elsewhere and written again in its own block is one, whichever comes first', () => {
    const { tree } = add('A\n  he frames\n    I cut → B\nB\n  he waits\n    I go on → C');
    const nested = 'A\n  he frames\n    I cut → B\n      he waits\n        I go on → C\nB\n  he turns\n    I ride → C';
    const back = applyOutline(tree, nested, 'rewrite');
    expect(back.problems).toEqual([]);
    expect(back.tree.positions[1]!.reads[0]!.values.map(({ name }) => name)).toEqual(['turns', 'waits']);
    expect(new Set(back.tree.positions[1]!.reads[0]!.values.map(({ id }) => id)).size).toBe(2);
    expect(back.tree.transitions.map(({ name }) => name).toSorted()).toEqual(['cut', 'go on', 'ride']);
    expect(checkTree(back.tree).ok).toBe(true);
  });
  it('a place written twice, and what stands under a move that stands above, are told', () => {
    const { tree } = add('A\n  he frames\n    I cut → B');
    expect(applyOutline(tree, 'A\n  he frames\nB\nA\n  he turns', 'rewrite').problems).toEqual([
      { line: 4, says: '“A” is written twice: put it together.' },
    ]);
    expect(problems('A\n  he frames\n    I cut → B\n  he turns\n    I cut (as above)\n      - note: lost')).toEqual([
      '5: “cut” stands above: write there what is said of it.',
    ]);
  });
  it('an ending that is misspelt, or that a place that is there does not have, is told and not passed over', () => {
    const { tree } = add('A\n  he frames\n    I cut → B');
    expect(problems('A\n  I x → Pin ! setled')[0]).toContain('2: “setled” says nothing of a place.');
    expect(problems('A\n  he turns\n    I y → B (settled)', tree)).toEqual(['3: “B” is there already: what it is, its own sheet says.']);
    expect(problems('A\n  I x → B (settled)\n  I y → B (settled)\n  I z → B')).toEqual([]);
    expect(add('B (settled)', tree).tree.positions[1]!.ends).toBe('settled');
  });
  it('another word given in the outline is that place in the whole of it', () => {
    const { tree, problems: told } = add('A\n  I x → z guard\nKnee shield\n  - also called: Z guard; shield');
    expect(told).toEqual([]);
    expect(tree.positions.map(({ name }) => name)).toEqual(['A', 'Knee shield']);
  });
  it('what it says of the tree counts for a new tree, and never turns an old one round', () => {
    const { tree } = add('A\n  I x → B');
    expect(problems('# Other\n- for: the guard player\n\nC', tree)).toEqual([
      '2: This outline is for the guard player; “T” is for the passer.',
    ]);
    const joined = add('# Other\n- for: the passer\n- schools: loose\n- note: theirs\n\nC', {
      ...tree,
      schools: ['pressure'],
      notes: 'mine',
    }).tree;
    expect([joined.name, joined.schools, joined.notes]).toEqual(['T', ['pressure', 'loose'], 'mine']);
    expect(add('# Other\n- for: the guard player\n\nC').tree.owner).toBe('guardPlayer');
  });
  it('one wrong detail under two things he shows is told once', () => {
    expect(problems('A\n  he frames / turns\n    - colour: red')).toHaveLength(1);
  });
  it('never throws, whatever it is given, and never changes the tree it was given', () => {
    const random = seededRandom(7);
    const base = formatOutline(demoTree());
    const lines = base.split('\n');
    const signs = [
      '→',
      '->',
      '"',
      '#',
      '- ',
      ': ',
      '(',
      ')',
      ';',
      '>',
      '!',
      '  ',
      '\t',
      'he ',
      'I ',
      '\u0000',
      '💥',
      '/',
      ',',
      '\\',
      '=',
      'never ',
      'cue ',
      'then ',
    ];
    const pick = <T>(items: readonly T[]): T => items[Math.floor(random() * items.length)]!;
    const tree = demoTree();
    const before = JSON.stringify(tree);
    for (let n = 0; n < 300; n++) {
      const from = Math.floor(random() * lines.length);
      const text = lines
        .slice(from, from + 1 + Math.floor(random() * 40))
        .map((line) => {
          if (random() < 0.6) return line;
          const at = Math.floor(random() * line.length);
          return random() < 0.5 ? line.slice(0, at) + pick(signs) + line.slice(at) : line.slice(0, at) + line.slice(at + 3);
        })
        .join('\n');
      const done = applyOutline(tree, text, n % 2 === 0 ? 'add' : 'rewrite', getCatalogue());
      const checked = checkTree(done.tree);
      expect(checked.ok || containsMarkup(text) ? [] : checked.error, text).toEqual([]);
    }
    expect(JSON.stringify(tree)).toBe(before);
  });
});
