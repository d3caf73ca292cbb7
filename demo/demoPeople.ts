import { seededRandom } from '@/core/base';
import { findBranches, expectedOf, planPairs, traineeOf, unitOf, unitsOfBranch, type HeldClass, type Went } from '@/core/classes';
import { isAway, type Athlete, type Group } from '@/core/people';
import { indexOf, type TreeDocument } from '@/core/tree';

type Said = readonly [id: string, name: string, age: number, kilos: number, level: string, limits?: readonly string[]];

/** Thirteen who train at Saltmarsh Hall: a bad knee, a newcomer, two juniors. Ids of two of them stand in the tree, too. */
const PEOPLE: readonly Said[] = [
  ['pia-holm', 'Pia Holm', 31, 61, 'advanced'],
  ['tove-lind', 'Tove Lind', 27, 66, 'intermediate'],
  ['garrit-sund', 'Garrit Sund', 44, 92, 'intermediate', ['feeder only']],
  ['nils-aker', 'Nils Aker', 36, 84, 'advanced'],
  ['wanda-ry', 'Wanda Ry', 24, 58, 'beginner'],
  ['osk-leyen', 'Osk Leyen', 29, 77, 'intermediate'],
  ['ida-quill', 'Ida Quill', 33, 70, 'intermediate', ['no inversions']],
  ['bram-teal', 'Bram Teal', 22, 101, 'beginner'],
  ['sefa-moor', 'Sefa Moor', 19, 64, 'newcomer'],
  ['ludo-fenn', 'Ludo Fenn', 41, 88, 'intermediate', ['no neck']],
  ['hanne-gray', 'Hanne Gray', 26, 73, 'beginner'],
  ['milo-strand', 'Milo Strand', 16, 62, 'beginner'],
  ['esa-birk', 'Esa Birk', 15, 57, 'beginner'],
];

const DAY_MS = 86_400_000;
const dayAfter = (day: string, days: number): string => new Date(Date.parse(day) + days * DAY_MS).toISOString().slice(0, 10);

/** The athletes, one of them away for a week before today, 'YYYY-MM-DD'. */
export const demoAthletes = (today: string): Athlete[] =>
  PEOPLE.map(([id, name, age, kilos, level, limits]) => ({
    ...{ id, name, age, kilos, level },
    ...(limits ? { limits } : {}),
    ...(id === 'hanne-gray' ? { absences: [{ from: dayAfter(today, -15), to: dayAfter(today, -8) }] } : {}),
  }));

export const demoGroups = (): Group[] => [
  { id: 'evening', name: 'Evening group', members: PEOPLE.map(([id]) => id) },
  { id: 'competition', name: 'Competition squad', members: ['pia-holm', 'tove-lind', 'nils-aker', 'osk-leyen', 'ida-quill', 'ludo-fenn'] },
];

const WEEKS = 8;
const EVENINGS = [0, 2] as const;
/** Every so often a unit did not come to its end, or not at all. */
const went = (dice: number): Went => (dice < 0.1 ? 'not' : dice < 0.3 ? 'partly' : 'well');

/** Eight weeks of classes up to the day before today: one branch of a guard an evening, the guards in turn. Always the same for a day. */
export function demoHeld(tree: TreeDocument, today: string): HeldClass[] {
  const random = seededRandom(14);
  const { transitions, positions } = indexOf(tree);
  const starts = new Set(tree.starts.map(({ position }) => position));
  const branches = findBranches(tree).filter(({ start, branch }) => starts.has(start) && branch.length > 1);
  const athletes = demoAthletes(today);
  return Array.from({ length: WEEKS * EVENINGS.length }, (_, i): HeldClass => {
    const date = dayAfter(today, -7 * (WEEKS - Math.floor(i / 2)) + EVENINGS[i % 2]!);
    const { start, branch } = branches[(i * 5) % branches.length]!;
    const units = unitsOfBranch(tree, branch.slice(0, 2)).map((unit) => ({
      unit,
      moves: unitOf(tree, unit)!.transitions.filter((id) => transitions.get(id)!.actor === 'owner'),
      went: went(random()),
    }));
    const came = athletes.filter((athlete) => !isAway(athlete, date) && random() < 0.8).map(({ id }) => id);
    const seen = units
      .flatMap(({ moves }) => moves)
      .flatMap((id) => (transitions.get(id)!.mistakes ?? []).map(({ error }) => ({ transition: id, error })));
    const there = athletes.filter(({ id }) => came.includes(id));
    const { rounds: pairs } = planPairs(
      there.map((athlete) => traineeOf(expectedOf(athlete))),
      { rounds: units.length, seed: i + 1 },
    );
    return {
      ...{ pairs, id: `00000000-0000-4000-8000-0000000014${String(i).padStart(2, '0')}`, tree: tree.id, class: null, date, came },
      ...{ name: positions.get(start)!.name, people: came.length, units, mistakes: seen.slice(0, 1) },
    };
  });
}
