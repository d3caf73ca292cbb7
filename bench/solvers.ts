import { findPlaces, getCatalogue } from '@/core/catalogue';
import { blockingOf, findGripFindings, gripProblemsOf, withTyped } from '@/core/grips';
import { withTransition, type TreeDocument } from '@/core/tree';
import { findOdds } from '@/core/odds';
import { findFilterDifference, findFindings } from '@/core/structure';
import { demoTree } from '../demo/demoTree';
import { randomTree } from '../tests/support/randomTree';
import { withRandomGrips } from '../tests/support/withRandomGrips';
import { ms, type Row } from './measure';

function median(runs: number, work: () => unknown): number {
  work();
  const times = Array.from({ length: runs }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}

/** One typed hold: put in, the move's own account made anew, and the tree's blocked options told again. */
function typeOneHold(tree: TreeDocument): unknown {
  const move = tree.transitions.find((item) => item.steps)!;
  const typed = withTyped(move.steps!, 2, 'right hand far lapel');
  if (!typed.ok) throw new Error(typed.error.join(' '));
  const after = withTransition(tree, { ...move, steps: typed.value });
  const on = after.transitions.flatMap((item) => item.blockedBy?.[1] ?? []).slice(0, 4);
  return [gripProblemsOf(after, after.transitions[0]!), findGripFindings(after), after.transitions.map((item) => blockingOf(item, on))];
}

export function solvers(): Row[] {
  const large = randomTree(2, { positions: 1000, transitions: 3000 });
  const gripped = withRandomGrips(large, 10_000);
  const demo = demoTree();
  // A document that has not been seen: its index is made anew, as after an edit.
  const fresh = () => ({ ...large });
  const places = getCatalogue().positions.map(({ position, signs }) => ({ position, signs }));
  const seen = { signs: ['legs-open', 'two-hooks'] as const, stance: 'kneeling' as const };
  return [
    { what: 'findings, 1,000 positions and 3,000 transitions', measured: ms(median(7, () => findFindings(fresh()))), wanted: '< 200 ms' },
    {
      what: 'all findings, the same tree with 10,000 contacts',
      measured: ms(median(7, () => findFindings(structuredClone(gripped)))),
      wanted: '< 400 ms',
    },
    {
      what: 'one hold typed, the same: put in, account and blocked',
      measured: ms(median(9, () => typeOneHold(gripped))),
      wanted: '< 50 ms',
    },
    {
      what: 'difference that a filter makes, the same tree',
      measured: ms(median(5, () => findFilterDifference(fresh(), { context: 'noGi' }))),
      wanted: '—',
    },
    { what: 'read finder, the whole catalogue', measured: ms(median(21, () => findPlaces(places, seen))), wanted: '< 30 ms' },
    { what: 'odds on the round clock, the same tree', measured: ms(median(5, () => findOdds(fresh()))), wanted: '< 500 ms in the worker' },
    { what: 'odds on the round clock, demo tree', measured: ms(median(9, () => findOdds({ ...demo }))), wanted: '< 100 ms after an edit' },
  ];
}
