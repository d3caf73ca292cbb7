import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { his, mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { countRoutes } from '../structure';
import { withoutPosition } from '../tree';
import { effectOfRemoval, movesOf } from './effect';
import { findFindings } from './findFindings';

describe('what is lost with a place or a move', () => {
  const doc = tree(
    [position('a', { reads: reaction('v') }), position('b'), position('hub'), position('end', { ends: 'settled' })],
    [mine('in a', 'a', 'hub', { when: { he: ['v'] } }), mine('in b', 'b', 'hub'), mine('on', 'hub', 'end'), his('back', 'hub', 'a')],
    { starts: [{ position: 'a' }, { position: 'b' }] },
  );
  it('is how many starts come through, the ways, and what would have no answer', () => {
    const hub = effectOfRemoval(doc, { position: 'hub' });
    expect(hub).toMatchObject({ starts: 2, before: { byPositions: 2 }, after: { byPositions: 0 } });
    expect(hub.fresh.map(({ kind }) => kind)).toContain('unanswered');
    expect(movesOf(doc, { position: 'hub' })).toEqual(new Set(['in a', 'in b', 'on', 'back']));
    const move = effectOfRemoval(doc, { transition: 'in a' });
    // b comes through, too, once he has pulled me back.
    expect(move).toMatchObject({ starts: 2, before: { byPositions: 2 }, after: { byPositions: 1 } });
    expect(move.fresh.some((finding) => finding.kind === 'unanswered' && finding.position === 'a')).toBe(true);
  });
  it('agrees with the tree without it', () => {
    const demo = demoTree();
    const { before, after, fresh } = effectOfRemoval(demo, { position: 'body-lock' });
    const next = withoutPosition(demo, 'body-lock');
    const budget = { routes: 1000, steps: 60_000 };
    expect([before, after]).toEqual([countRoutes(demo, budget), countRoutes(next, budget)]);
    const keys = new Set(findFindings(demo).list.map(({ key }) => key));
    expect(fresh.map(({ key }) => key)).toEqual(findFindings(next).list.flatMap(({ key }) => (keys.has(key) ? [] : [key])));
  });
});
