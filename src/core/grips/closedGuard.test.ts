import { describe, expect, it } from 'vitest';
import { held } from '../../../tests/support/held';
import { his, mine, position, tree } from '../../../tests/support/smallTree';
import { findClosedGuardRisks } from './closedGuard';

const step = (text: string) => ({ contacts: held(text) });
const said = (doc: Parameters<typeof findClosedGuardRisks>[0]) =>
  findClosedGuardRisks(doc).map(({ transition, risk, step: at }) => `${transition ?? 'here'} ${risk} ${at}`);

describe('inside a closed guard', () => {
  const closed = position('closed', { family: 'closed' });
  const out = position('out');
  it('a hand on the mat, an arm across and a strangle are found, each once a move, with the first step', () => {
    const post = mine('post', 'closed', 'out', { steps: [step('right hand near hip'), step('left hand mat'), step('left hand mat')] });
    const across = mine('across', 'closed', 'out', { steps: [step('left hand left lapel'), step('right hand far shoulder')] });
    const choke = mine('cross choke', 'closed', 'out', { steps: [step('right hand right lapel')] });
    const finish = mine('finish', 'closed', 'out', { kind: 'submit' });
    expect(said(tree([closed, out], [post, across, choke, finish]))).toEqual([
      'post handOnMat 2',
      'across armAcross 1',
      'cross choke armAcross 1',
      'cross choke chokeInside 0',
      'finish chokeInside 0',
    ]);
  });
  it('what is held at the place counts, a straight arm does not, a foot on the mat neither', () => {
    const at = position('closed', { family: 'closed', holds: held('left hand mat, right hand left hip') });
    const straight = mine('straight', 'closed', 'out', { steps: [step('left hand right hip, right foot mat')] });
    expect(said(tree([at, out], [straight]))).toEqual(['here handOnMat 0']);
  });
  it('elsewhere, by him, and once it is opened there is nothing to say; seen by the guard player it is the passer’s', () => {
    const post = (id: string, from: string) => mine(id, from, 'out', { steps: [step('left hand mat')] });
    expect(said(tree([position('open', { family: 'open' }), out], [post('x', 'open')]))).toEqual([]);
    expect(said(tree([closed, out], [his('y', 'closed', 'out', { steps: [step('his left hand mat')] })]))).toEqual([]);
    const guard = tree([closed, out], [his('z', 'closed', 'out', { steps: [step('his left hand mat')] }), post('mine', 'closed')], {
      owner: 'guardPlayer',
    });
    expect(said(guard)).toEqual(['z handOnMat 1']);
  });
});
