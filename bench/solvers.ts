import { findPlaces, getCatalogue } from '@/core/catalogue';
import { findOdds } from '@/core/odds';
import { findFilterDifference, findFindings } from '@/core/structure';
import { demoTree } from '../demo/demoTree';
import { randomTree } from '../tests/support/randomTree';
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

export function solvers(): Row[] {
  const large = randomTree(2, { positions: 1000, transitions: 3000 });
  const demo = demoTree();
  // A document that has not been seen: its index is made anew, as after an edit.
  const fresh = () => ({ ...large });
  const places = getCatalogue().positions.map(({ position, signs }) => ({ position, signs }));
  const seen = { signs: ['legs-open', 'two-hooks'] as const, stance: 'kneeling' as const };
  return [
    { what: 'findings, 1,000 positions and 3,000 transitions', measured: ms(median(7, () => findFindings(fresh()))), wanted: '< 200 ms' },
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
