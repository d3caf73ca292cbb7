import { describe, expect, it } from 'vitest';
import type { Contact } from '../tree';
import { his, mine, position, tree as smallTree } from '../../../tests/support/smallTree';
import { held } from '../../../tests/support/held';
import { lettingGoLetsIn, shutByMine } from './shutByMine';

const [lapel, hip, knee] = held('right hand far lapel, left hand far hip, left hand near knee') as [Contact, Contact, Contact];

describe('his moves that my grips shut', () => {
  const at = { holds: [hip] };
  const sits = his('sits', 'b', 'a', { blockedBy: [[lapel, hip]] });
  const rolls = his('rolls', 'b', 'a', { blockedBy: [[knee], [hip]] });
  const turns = his('turns', 'b', 'a');
  const entered = mine('enter', 'a', 'b', { steps: [{ contacts: [lapel, hip] }] });
  const bare = mine('step', 'a', 'b', { steps: [{ contacts: [lapel] }] });
  const doc = (...ways: ReturnType<typeof mine>[]) => ({
    ...smallTree([position('a'), position('b', at)], [...ways, sits, rolls, turns]),
    starts: [{ position: 'a' }],
  });

  it('for certain where every way brings all of a set', () => {
    expect(shutByMine(doc(entered), 'b')).toEqual([
      { transition: 'sits', status: 'shut', holds: [lapel, hip] },
      { transition: 'rolls', status: 'shut', holds: [hip] },
    ]);
  });
  it('only while they are kept where a way does not bring them', () => {
    expect(shutByMine(doc(entered, bare), 'b').map(({ transition, status }) => `${transition} ${status}`)).toEqual([
      'sits whileKept',
      'rolls whileKept',
    ]);
    const nothing = { ...doc(bare), positions: [position('a'), position('b')] };
    expect(shutByMine(nothing, 'b')).toEqual([]);
    expect([shutByMine(doc(entered), 'a'), shutByMine(doc(), 'constructor')]).toEqual([[], []]);
  });
  it('letting go of one lets in what nothing else of mine shuts', () => {
    expect(lettingGoLetsIn(doc(entered), 'b')).toEqual([
      { hold: 'right hand far lapel', lets: ['sits'] },
      { hold: 'left hand far hip', lets: ['sits', 'rolls'] },
    ]);
    const twice = { ...doc(entered), positions: [position('a'), position('b', { holds: [hip, knee] })] };
    expect(lettingGoLetsIn(twice, 'b').find(({ hold }) => hold === 'left hand near knee')).toBeUndefined();
  });
  it('what he has only by a grip of mine is given while I am said to hold it, and not there while I do not', () => {
    const drag = his('drag', 'b', 'a', { enabledBy: [[knee], [lapel]] });
    const both = his('both', 'b', 'a', { enabledBy: [[lapel]], blockedBy: [[hip]] });
    const said = (...ways: ReturnType<typeof mine>[]) =>
      shutByMine({ ...doc(...ways), transitions: [...ways, drag, both] }, 'b').map(({ transition, status, holds }) => [
        transition,
        status,
        holds,
      ]);
    expect(said(bare)).toEqual([
      ['drag', 'given', [lapel]],
      ['both', 'whileKept', [hip]],
    ]);
    const empty = { ...smallTree([position('a'), position('b')], [mine('x', 'a', 'b'), drag]), starts: [{ position: 'a' }] };
    expect(shutByMine(empty, 'b')).toEqual([{ transition: 'drag', status: 'notYet', holds: [knee] }]);
    expect(lettingGoLetsIn(empty, 'b')).toEqual([]);
  });
  it('my own moves are not meant, and a set of none shuts nothing', () => {
    const own = mine('own', 'b', 'a', { blockedBy: [[hip]] });
    const none = his('none', 'b', 'a', { blockedBy: [[]] });
    expect(shutByMine({ ...doc(entered), transitions: [entered, own, none] }, 'b')).toEqual([]);
  });
});
