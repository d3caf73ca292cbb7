import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { randomTree } from '../../../tests/support/randomTree';
import { his, mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { withNewTransition, withPosition, withTransition } from '../tree';
import { fromOtherSide, otherSide } from './otherSide';
import { swapAthletes } from './swapAthletes';

const from = otherSide;
const back = fromOtherSide;

describe('a tree in the words of the other athlete', () => {
  const small = tree(
    [
      position('a', {
        name: 'I am turtled',
        reads: [{ ...reaction('v')[0]!, values: [{ id: 'v', name: 'frames on my hips', kind: 'frame' }] }],
      }),
      position('b'),
    ],
    [
      mine('go', 'a', 'b', { name: 'I cut across him', when: { he: ['v'] }, reason: 'his hips are flat' }),
      his('gets', 'a', 'a', { name: 'he comes out behind me' }),
    ],
  );
  it('says his moves as mine and mine as his, with reasons and places', () => {
    const seen = from(small);
    expect(seen.positions[0]).toMatchObject({ name: 'He is turtled', reads: [{ values: [{ name: 'I frame on his hips' }] }] });
    expect(seen.transitions.map(({ actor, name }) => [actor, name])).toEqual([
      ['opponent', 'he cuts across me'],
      ['owner', 'I come out behind him'],
    ]);
    expect(seen.transitions[0]!.reason).toBe('my hips are flat');
  });
  it('edited there, changes nothing else by a letter', () => {
    for (const doc of [demoTree(), randomTree(3, { positions: 20, transitions: 60 })]) {
      const seen = from(doc);
      expect(back(seen, doc)).toEqual(swapAthletes(swapAthletes(doc)));
      // The very records: nothing is stored, laid out or put into words anew.
      expect(back(seen, doc).transitions.every((move, i) => move === doc.transitions[i])).toBe(true);
      const [first] = seen.positions;
      const edited = withPosition(seen, { ...first!, tempoReason: 'he holds my sleeve' });
      const stored = back(edited, doc);
      expect(stored.positions[0]).toEqual({ ...doc.positions[0], tempoReason: 'I hold his sleeve' });
      expect(stored.positions.slice(1)).toEqual(doc.positions.slice(1));
      expect(stored.transitions).toEqual(doc.transitions);
    }
  });
  it('an item added to a list leaves the others of it as they were written', () => {
    const odd = 'I am he who hooks his';
    const doc = tree([position('a', { checkpoints: [odd, 'my hips are low'] }), position('b')], [mine('go', 'a', 'b')]);
    const seen = from(doc);
    const [first] = seen.positions;
    const edited = withPosition(seen, { ...first!, checkpoints: ['I hold his sleeve', ...first!.checkpoints!] });
    expect(back(edited, doc).positions[0]!.checkpoints).toEqual(['He holds my sleeve', odd, 'my hips are low']);
  });
  it('keeps what is typed there as the coach would say it', () => {
    const seen = from(small);
    const added = withNewTransition(seen, { from: 'a', to: 'b', actor: 'owner', name: 'kick his knee away', kind: 'retention' });
    expect(back(added.tree, small).transitions.at(-1)).toMatchObject({ actor: 'opponent', name: 'he kicks my knee away' });
    const renamed = withTransition(seen, { ...seen.transitions[0]!, name: 'he slices through' });
    expect(back(renamed, small).transitions[0]).toEqual({ ...small.transitions[0], name: 'I slice through' });
  });
});
