import { atOnce } from '@/core/base';
import {
  candidatesOf,
  findDrop,
  planCourseInPieces,
  polishCourse,
  mostWorthwhile,
  NOTHING_KNOWN,
  offersOf,
  planPairs,
  propose,
  unitsByPlace,
  USUAL_SHAPE,
  type Candidate,
  type ClassSettings,
  type Droppable,
  type Proposal,
  type Wanted,
} from '@/core/classes';
import { findPayoffsInPieces, ODDS_QUESTION } from '@/core/odds';
import { proposeFrom } from '@/server/services/classes/proposing';
import { solveProgramme } from '@/server/solver/solveProgramme';
import { demoTree } from '../demo/demoTree';
import { courseProgramme } from '../tests/support/courseProgramme';
import { randomCourse } from '../tests/support/randomCourse';
import { randomTree } from '../tests/support/randomTree';
import { ms, type Row } from './measure';

const SETTINGS: ClassSettings = { slotMinutes: 60, people: 13, bothSides: true, warmUpMinutes: 6, debriefMinutes: 4, changeOverMinutes: 0 };
const WANTED: Wanted = {
  ...{
    minutes: 50,
    shape: USUAL_SHAPE,
    mostNew: 3,
    hardInARow: 2,
    musts: [],
    mustNots: [],
    known: new Set<string>(),
    theme: null,
    places: null,
  },
};

async function took<T>(work: () => Promise<T> | T): Promise<{ value: T; time: number }> {
  const began = performance.now();
  const value = await work();
  return { value, time: performance.now() - began };
}
/** The middle of some times, the first run left out. */
async function middle(runs: number, work: () => Promise<unknown> | unknown): Promise<number> {
  await work();
  const times: number[] = [];
  for (let i = 0; i < runs; i++) times.push((await took(work)).time);
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}

const crowd = (count: number) =>
  Array.from({ length: count }, (_, i) => ({ id: `p${i}`, kilos: 50 + ((i * 37) % 50), level: i % 4, feedsOnly: i === 3, isMinor: false }));
const pile = (count: number): Droppable[] =>
  Array.from({ length: count }, (_, i) => ({
    ...{ key: `u${i}`, kind: 'move' as const, demonstrationMinutes: 1 + ((i * 7) % 5), workMinutes: 0.5 + (i % 4) / 4, sides: null },
    prerequisites: i > 4 && i % 3 === 0 ? [`u${i - 4}`] : [],
  }));

/** Twelve evenings from 120 units, against what the integer programme can still promise after a minute. */
async function courses(): Promise<Row[]> {
  const asked = { units: 120, evenings: 12, minutes: 50, isApart: true, isRigid: true, rules: { mostNew: 3 } };
  const rows: Row[] = [];
  for (const seed of [1, 2, 3]) {
    const world = randomCourse(seed, asked);
    const ours = await took(() => atOnce(planCourseInPieces(world, 20_000, seed)));
    const { bound } = await solveProgramme(courseProgramme(world), 60);
    const below = (most: number) => `${((1 - ours.value.worth.worth / most) * 100).toFixed(1)} %`;
    rows.push({
      what: `a course of twelve evenings from 120 units (${seed}): below its own bound, below the programme’s after 60 s`,
      measured: `${ms(ours.time)}, ${below(ours.value.bound)}, ${below(bound / 100)}`,
      wanted: '< 5 s, < 3 %',
    });
  }
  return rows;
}

/** The same with shape and hard classes, polished for a minute at the most. */
async function polished(): Promise<Row> {
  const rules = { shape: USUAL_SHAPE, mostNew: 3, hardInARow: 2, hardClasses: 2, gapDays: 6 };
  const world = randomCourse(1, { units: 120, evenings: 12, minutes: 50, rules });
  const found = atOnce(planCourseInPieces(world, 20_000));
  const began = performance.now();
  const isOver = () => performance.now() - began > 60_000;
  const better = await took(() => polishCourse(world, found, (programme) => solveProgramme(programme, 6), { isOver }));
  const more = (better.value.worth.worth / found.worth.worth - 1) * 100;
  return {
    what: 'a course polished by the integer programme: how long, how much more',
    measured: `${ms(better.time)}, ${more.toFixed(1)} %`,
    wanted: '—',
  };
}

/** Proposing, pairing and dropping. */
export async function classes(): Promise<Row[]> {
  const tree = demoTree();
  const offers = offersOf(tree);
  const payoffs = atOnce(findPayoffsInPieces(tree, ODDS_QUESTION));
  const all = candidatesOf(tree, offers, SETTINGS, payoffs);
  const some = mostWorthwhile(all, 120);
  const solved = (candidates: readonly Candidate[], wanted: Wanted) => () => propose(candidates, SETTINGS, wanted, solveProgramme);
  const bare: Wanted = { ...WANTED, shape: null, mostNew: null, hardInARow: null };
  const about = { ...WANTED, places: unitsByPlace(tree, offers) };
  const { value } = await took(solved(some, WANTED));
  const large = randomTree(4, { positions: 5000, transitions: 15_000 });
  const asked = {
    settings: SETTINGS,
    filter: {},
    athletes: [],
    known: NOTHING_KNOWN,
    theme: null,
    musts: [],
    mustNots: [],
    mostNew: 3,
    one: true,
  };
  const whole = await took(() => proposeFrom(large, asked));
  return [
    {
      what: 'an hour from 120 units, without shape, rhythm, novelty',
      measured: ms(await middle(3, solved(some, bare))),
      wanted: '< 200 ms',
    },
    {
      what: '  with them; how far from the best',
      measured: `${ms(await middle(3, solved(some, WANTED)))}, ${((value as Proposal).gap * 100).toFixed(3)} %`,
      wanted: '< 2 s, 0 %',
    },
    {
      what: `  of all ${offers.length} units of the demo, about one place`,
      measured: ms(await middle(3, solved(all, about))),
      wanted: '—',
    },
    { what: 'the same of a tree of 5,000 positions, odds included', measured: ms(whole.time), wanted: '—' },
    {
      what: 'forty people in pairs, one round; twelve rounds',
      measured: `${ms(await middle(9, () => planPairs(crowd(40), { rounds: 1, seed: 2 })))}, ${ms(await middle(5, () => planPairs(crowd(40), { rounds: 12, seed: 2 })))}`,
      wanted: '< 50 ms',
    },
    {
      what: 'thirteen people with a three, four rounds',
      measured: ms(await middle(5, () => planPairs(crowd(13), { rounds: 4, seed: 2 }))),
      wanted: '—',
    },
    {
      what: 'cheapest drop of forty units that are 30 minutes too long',
      measured: ms(await middle(5, () => findDrop(pile(40), { ...SETTINGS, slotMinutes: 240 }))),
      wanted: '—',
    },
    ...(await courses()),
    await polished(),
  ];
}
