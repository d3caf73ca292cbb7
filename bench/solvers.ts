import { findCandidates, getCatalogue } from '@/core/catalogue';
import { atOnce, seededRandom } from '@/core/base';
import { blockingOf, findGripFindings, gripProblemsOf, withTyped } from '@/core/grips';
import { smallestHittingSet } from '@/core/graph';
import { withTransition, type TreeDocument } from '@/core/tree';
import { findAdviceInPieces, findOdds, KNOWING_QUESTION, ODDS_QUESTION, type OddsQuestion } from '@/core/odds';
import { findFilterDifference, findUnanswered } from '@/core/structure';
import { findFindings } from '@/core/findings';
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
  const transition = tree.transitions.find((item) => item.steps)!;
  const typed = withTyped(transition.steps!, 2, 'right hand far lapel');
  if (!typed.ok) throw new Error(typed.error.join(' '));
  const after = withTransition(tree, { ...transition, steps: typed.value });
  const on = after.transitions.flatMap((item) => item.blockedBy?.[1] ?? []).slice(0, 4);
  return [
    gripProblemsOf(
      after,
      after.transitions[0]!,
      after.positions.find((position) => position.id === after.transitions[0]!.from)!,
    ),
    findGripFindings(after),
    after.transitions.map((item) => blockingOf(item, on)),
  ];
}

/** Trying every choice of grips, fewest first: the peer of the search for the smallest set to break. */
function fewestByTrying(sets: readonly (readonly string[])[]): number {
  const items = [...new Set(sets.flat())];
  let fewest = items.length;
  for (let mask = 0; mask < 1 << items.length; mask++) {
    const chosen = new Set(items.filter((_, i) => mask & (1 << i)));
    if (chosen.size < fewest && sets.every((set) => set.some((item) => chosen.has(item)))) fewest = chosen.size;
  }
  return fewest;
}

/** The sets of a way of forty moves over sixteen grips of his. */
function wayOfSets(): string[][] {
  const random = seededRandom(9);
  return Array.from({ length: 40 }, () => [...new Set(Array.from({ length: 3 }, () => `grip ${Math.floor(random() * 16)}`))]);
}

const advise = (tree: TreeDocument, question: OddsQuestion) => atOnce(findAdviceInPieces(tree, findUnanswered(tree), question));

export function solvers(): Row[] {
  const sets = wayOfSets();
  const alternatives = sets.map((set) => set.map((item) => [item]));
  if (smallestHittingSet(alternatives).length !== fewestByTrying(sets)) throw new Error('the smallest set to break is not the smallest');
  const large = randomTree(2, { positions: 1000, transitions: 3000 });
  const gripped = withRandomGrips(large, 10_000);
  const demo = demoTree();
  // A document that has not been seen: its index is made anew, as after an edit.
  const fresh = () => ({ ...large });
  const positions = getCatalogue().positions.map(({ position, signs }) => ({ position, signs }));
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
      what: 'smallest set to break, 40 moves over 16 grips',
      measured: ms(median(21, () => smallestHittingSet(alternatives))),
      wanted: '—',
    },
    { what: '  trying every choice, the same sets', measured: ms(median(3, () => fewestByTrying(sets))), wanted: '—' },
    {
      what: 'difference that a filter makes, the same tree',
      measured: ms(median(5, () => findFilterDifference(fresh(), { context: 'noGi' }))),
      wanted: '—',
    },
    { what: 'read finder, the whole catalogue', measured: ms(median(21, () => findCandidates(positions, seen))), wanted: '< 30 ms' },
    { what: 'odds on the round clock, the same tree', measured: ms(median(5, () => findOdds(fresh()))), wanted: '< 1 s in the worker' },
    { what: 'odds on the round clock, demo tree', measured: ms(median(9, () => findOdds({ ...demo }))), wanted: '< 100 ms after an edit' },
    {
      what: '  if he knows your game, demo tree',
      measured: ms(median(5, () => findOdds({ ...demo }, KNOWING_QUESTION))),
      wanted: '< 2 s, marked as computing',
    },
    {
      what: '  what to work on, demo tree, each tried; if he knows your game',
      measured: [ODDS_QUESTION, KNOWING_QUESTION].map((asked) => ms(median(3, () => advise(demo, asked)))).join(', '),
      wanted: '—',
    },
  ];
}
