import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkTree, indexOf, type Profile, type RuleSet, type TreeDocument } from '../tree';
import { EVERYTHING, filterTree, forbiddenTags, isFiltering } from '../lens';
import { findFilterDifference } from './filterDifference';
import { findRoutes } from './routes';
import { findThreats, threatsAlong } from './threats';
import { demoTree } from '../../../demo/demoTree';
import { held } from '../../../tests/support/held';
import { randomTree } from '../../../tests/support/randomTree';
import { his, mine, position, reaction, tree } from '../../../tests/support/smallTree';

const rules: RuleSet = {
  id: 'juniors',
  name: 'Juniors',
  contexts: ['gi'],
  levels: ['white', 'grey', 'yellow'],
  forbidden: [
    { tag: 'heel hook' },
    { tag: 'ankle lock', underAge: 16 },
    { tag: 'slicer', belowLevel: 'yellow' },
    { tag: 'stack', underAge: 12, belowLevel: 'grey' },
  ],
  points: [],
};
const profile = (patch: Partial<Profile>): Profile => ({ id: 'p', name: 'P', of: 'opponent', ...patch });

const game = (extra: Partial<TreeDocument> = {}): TreeDocument =>
  tree(
    [
      position('guard', { reads: reaction('frames', 'hooks'), tempo: 'safe', tempoByContext: [{ context: 'strikes', tempo: 'danger' }] }),
      position('side', { lines: ['feet', 'knees', 'hips'], bySchool: [{ school: 'pressure', ends: 'settled' }] }),
      position('mount', { ends: 'settled', lines: ['feet', 'knees', 'hips', 'chest', 'head'] }),
      position('caught', { ends: 'submitted' }),
    ],
    [
      mine('collar drag', 'guard', 'side', { when: { he: ['frames'] }, contexts: ['gi'], tags: ['drag'] }),
      mine('cut', 'guard', 'side', { when: { he: ['hooks'] }, schools: ['pressure'], tags: ['cut'] }),
      mine('climb', 'side', 'mount', { schools: ['loose'] }),
      his('heel', 'guard', 'caught', { when: { he: ['hooks'] }, tags: ['heel hook'] }),
    ],
    { schools: ['pressure', 'loose'], contexts: ['gi', 'noGi', 'strikes'], ruleSets: [rules], ...extra },
  );
const left = (doc: TreeDocument, filter: Parameters<typeof filterTree>[1]): string[] =>
  filterTree(doc, filter).tree.transitions.map((transition) => transition.id);

describe('a filter', () => {
  it('by context hides what is only for others, and takes the tempo of the context', () => {
    expect(left(game(), { context: 'noGi' })).toEqual(['cut', 'climb', 'heel']);
    expect(left(game(), { context: 'gi' })).toEqual(['collar drag', 'cut', 'climb', 'heel']);
    expect(filterTree(game(), { context: 'strikes' }).tree.positions[0]!.tempo).toBe('danger');
  });
  it('by school hides the other school, and takes its lines and ends', () => {
    const pressure = filterTree(game(), { school: 'pressure' });
    expect([...pressure.hidden]).toEqual([['climb', 'school']]);
    expect(pressure.tree.positions[1]!.ends).toBe('settled');
    expect(filterTree(game(), { school: 'loose' }).tree.positions[1]!.ends).toBeUndefined();
  });
  it('by rule set hides forbidden tags of either athlete, by age and level where they are known', () => {
    const tags = (who: { age?: number; level?: string }): string[] => [...forbiddenTags(rules, who)];
    expect(tags({})).toEqual(['heel hook']);
    expect(tags({ age: 15 })).toEqual(['heel hook', 'ankle lock']);
    expect(tags({ age: 16, level: 'grey' })).toEqual(['heel hook', 'slicer']);
    expect(tags({ age: 40, level: 'white' })).toEqual(['heel hook', 'slicer', 'stack']);
    expect(tags({ level: 'yellow' })).toEqual(['heel hook']);
    expect(tags({ level: 'unheard of' })).toEqual(['heel hook']);
    expect([...filterTree(game(), { ruleSet: 'juniors' }).hidden]).toEqual([['heel', 'ruleSet']]);
  });
  it('by profile: off by id or tag, on wins, an id before a tag; an athlete speaks of their own moves only', () => {
    const with_ = (patch: Partial<Profile>): string[] => left(game({ profiles: [profile(patch)] }), { profiles: ['p'] });
    expect(with_({ off: ['cut'] })).toEqual(['collar drag', 'climb', 'heel']);
    expect(with_({ off: ['drag', 'heel hook'] })).toEqual(['cut', 'climb']);
    expect(with_({ of: 'athlete', off: ['drag', 'heel hook'] })).toEqual(['cut', 'climb', 'heel']);
    expect(with_({ off: ['drag'], on: ['collar drag'] })).toEqual(['collar drag', 'cut', 'climb', 'heel']);
    expect(with_({ off: ['collar drag'], on: ['drag'] })).toEqual(['cut', 'climb', 'heel']);
  });
  it('a game of one’s own is everything off but what is on; the opponent keeps his moves', () => {
    const own = game({ profiles: [profile({ of: 'athlete', off: [EVERYTHING], on: ['drag'] })] });
    expect(left(own, { profiles: ['p'] })).toEqual(['collar drag', 'heel']);
  });
  it('what somebody is like hides the moves that are marked not for, or not against, the like', () => {
    const marked = (tag: string) =>
      game({
        transitions: game().transitions.map((transition) => (transition.id === 'cut' ? { ...transition, tags: [tag] } : transition)),
      });
    const hides = (tag: string, patch: Partial<Profile>): boolean =>
      filterTree({ ...marked(tag), profiles: [profile(patch)] }, { profiles: ['p'] }).hidden.has('cut');
    expect(hides('not short legs', { of: 'athlete', physique: ['short legs'] })).toBe(true);
    expect(hides('not short legs', { of: 'opponent', physique: ['short legs'] })).toBe(false);
    expect(hides('not against heavy', { of: 'opponent', physique: ['heavy'] })).toBe(true);
    expect(hides('not against heavy', { of: 'athlete', physique: ['heavy'] })).toBe(false);
    expect(hides('not short legs', { of: 'athlete', physique: ['short legs'], on: ['cut'] })).toBe(false);
  });
  it('an opponent’s habits become the shares', () => {
    const doc = game({ profiles: [profile({ of: 'opponent', habits: [{ position: 'guard', value: 'hooks', share: 0.8 }] })] });
    const values = filterTree(doc, { profiles: ['p'] }).tree.positions[0]!.reads[0]!.values;
    expect(values.map((value) => value.share)).toEqual([expect.closeTo(0.2, 12), 0.8]);
  });
  it('without parts changes nothing; an unknown rule set, school or profile neither crashes nor hides unmarked moves', () => {
    expect(filterTree(game(), {}).tree).toEqual(game());
    expect([isFiltering({}), isFiltering({ profiles: [] }), isFiltering({ age: 9 }), isFiltering({ school: 'loose' })]).toEqual([
      false,
      false,
      false,
      true,
    ]);
    expect(left(game(), { ruleSet: 'none', profiles: ['nobody'] })).toHaveLength(4);
    expect(left(game(), { school: 'third' })).toEqual(['collar drag', 'heel']);
  });
  it('keeps any tree checked, never adds a transition, and never deletes a position', () => {
    fc.assert(
      fc.property(fc.nat(5000), fc.constantFrom('gi', 'noGi'), (seed, context) => {
        const doc = randomTree(seed, { positions: 12, transitions: 30 });
        const marked = {
          ...doc,
          transitions: doc.transitions.map((transition, i) => (i % 3 === 0 ? { ...transition, contexts: ['gi' as const] } : transition)),
        };
        const { tree: reduced, hidden } = filterTree(marked, { context: context as 'gi' });
        expect(checkTree(reduced).ok).toBe(true);
        expect(reduced.positions.map((item) => item.id)).toEqual(marked.positions.map((item) => item.id));
        expect(reduced.transitions.length + hidden.size).toBe(marked.transitions.length);
      }),
      { numRuns: 60, seed: 8 },
    );
  });
});

describe('what a filter takes away', () => {
  it('worked by hand: without the jacket nothing answers the frame, and nothing is out of reach', () => {
    const found = findFilterDifference(game(), { context: 'noGi' });
    expect(found.hidden).toEqual([{ transition: 'collar drag', by: 'context' }]);
    expect(found.routes).toMatchObject({ before: { byPositions: 1, byTransitions: 2 }, after: { byPositions: 1, byTransitions: 1 } });
    expect(found.nowUnanswered).toEqual([{ position: 'guard', read: 'he', value: 'frames', consequences: [] }]);
    expect([found.outOfReach, found.threatsGone]).toEqual([[], []]);
  });
  it('names goals out of reach, threats gone, and places that are other ones', () => {
    const found = findFilterDifference(game(), { school: 'pressure', ruleSet: 'juniors' });
    expect(found.goalsOutOfReach).toEqual([{ position: 'mount', ends: 'settled' }]);
    expect(found.threatsGone).toEqual([{ position: 'guard', transition: 'heel' }]);
    expect(found.holdsGone).toEqual([]);
    expect(found.changed).toEqual(['side']);
    expect(found.routes.after.byPositions).toBe(1);
  });
  it('a filter that removes every route says so with a nought', () => {
    const doc = game({ profiles: [profile({ off: ['drag', 'cut'] })] });
    const { routes, shortest, outOfReach } = findFilterDifference(doc, { profiles: ['p'] });
    expect(shortest).toEqual({ checked: 1, lost: 1 });
    expect(routes.after).toEqual({ byPositions: 0, byTransitions: 0, status: 'exact' });
    expect(outOfReach).toEqual(['side', 'mount']);
  });
  it('routes under a filter are routes without it', () => {
    fc.assert(
      fc.property(fc.nat(5000), (seed) => {
        const doc = randomTree(seed, { positions: 9, transitions: 20 });
        const marked = {
          ...doc,
          transitions: doc.transitions.map((transition, i) => (i % 2 === 0 ? { ...transition, tags: ['x'] } : transition)),
          profiles: [profile({ off: ['x'] })],
        };
        const all = new Set(findRoutes(marked).byTransitions.map(String));
        for (const route of findRoutes(filterTree(marked, { profiles: ['p'] }).tree).byTransitions)
          expect(all.has(String(route))).toBe(true);
        const [before, after] = [findRoutes(marked), findRoutes(filterTree(marked, { profiles: ['p'] }).tree)].map(
          (found) => found.byPositions.length,
        );
        const { shortest } = findFilterDifference(marked, { profiles: ['p'] });
        if (before! <= 500) expect(shortest).toEqual({ checked: before, lost: before! - after! });
      }),
      { numRuns: 60, seed: 9 },
    );
  });
});

describe('threats', () => {
  it('are the opponent’s submissions one transition away, at reachable places only', () => {
    const doc = tree(
      [position('a'), position('b'), position('stray'), position('out', { ends: 'submitted' })],
      [mine('go', 'a', 'b'), his('choke', 'b', 'out'), his('threatens', 'a', 'a', { kind: 'submission' }), his('lock', 'stray', 'out')],
    );
    expect(findThreats(doc)).toEqual([
      { position: 'a', transition: 'threatens' },
      { position: 'b', transition: 'choke' },
    ]);
    expect(threatsAlong(doc, ['b', 'a', 'b'])).toEqual([
      { position: 'b', transition: 'choke' },
      { position: 'a', transition: 'threatens' },
    ]);
  });
  it('for a guard player are the passer’s submissions', () => {
    const doc = tree([position('a'), position('tap', { ends: 'submission' })], [his('choke', 'a', 'tap'), mine('attack', 'a', 'tap')], {
      owner: 'guardPlayer',
    });
    expect(findThreats(doc)).toEqual([{ position: 'a', transition: 'choke' }]);
  });
  it('of the demo fall away under its rule set where the action is forbidden', () => {
    const demo = demoTree();
    const names = (doc: TreeDocument): string[] => findThreats(doc).map((threat) => indexOf(doc).transitions.get(threat.transition)!.name);
    expect(names(demo).length).toBeGreaterThan(names(filterTree(demo, { ruleSet: 'saltmarsh-league' }).tree).length);
  });
});

describe('the tree without the jacket', () => {
  const doc = tree(
    [position('a', { theirHolds: held('his left hand collar') }), position('b')],
    [
      mine('drag', 'a', 'b', {
        steps: [{ contacts: held('right hand far lapel, left hand far wrist') }],
        blockedBy: [held('his left hand collar')],
      }),
      mine('grip', 'a', 'b', { contexts: ['gi'], steps: [{ contacts: held('right hand far lapel') }] }),
    ],
  );
  it('is derived: cloth is gone from steps, places and what shuts; what was hidden is not told of', () => {
    const { tree: bare } = filterTree(doc, { context: 'noGi' });
    expect(bare.transitions).toMatchObject([{ id: 'drag', steps: [{ contacts: held('left hand far wrist') }], blockedBy: [] }]);
    expect(bare.positions[0]!.theirHolds).toEqual([]);
    expect(filterTree(doc, { context: 'gi' }).tree.transitions[0]).toBe(doc.transitions[0]);
    expect(
      findFilterDifference(doc, { context: 'noGi' }).holdsGone.map((item) => [item.transition, item.position, item.contact.part]),
    ).toEqual([
      ['drag', 'a', 'rightHand'],
      [null, 'a', 'leftHand'],
    ]);
  });
});
