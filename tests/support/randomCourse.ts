import { seededRandom } from '@/core/base';
import type { CourseRules, CourseUnit, CourseWorld } from '@/core/classes';
import type { DrillUnit, Phase } from '@/core/classes';

const PHASES: readonly Phase[] = ['parts', 'parts', 'together', 'cue', 'rounds'];
const NO_RULES: CourseRules = {
  ...{ shape: null, mostNew: null, hardInARow: null, hardClasses: null, gapDays: 6, places: null, balance: [] },
};

interface Options {
  readonly units: number;
  readonly evenings: number;
  readonly minutes: number;
  /** No unit can be shorter or longer. */
  readonly isRigid?: boolean;
  /** Each unit's moves are its own. */
  readonly isApart?: boolean;
  readonly rules?: Partial<CourseRules>;
}

/** A seeded course to plan: units of some moves, some with others before them, two evenings a week. */
export function randomCourse(
  seed: number,
  { units: count, evenings, minutes, isRigid = false, isApart = false, rules = {} }: Options,
): CourseWorld {
  const random = seededRandom(seed);
  const moves = isApart ? count * 2 : Math.max(2, count);
  const whole = (most: number) => Math.floor(random() * most);
  const units = Array.from({ length: count }, (_, i): CourseUnit => {
    const own = isApart ? [2 * i, 2 * i + 1] : [...new Set([whole(moves), whole(moves)])];
    const phase = PHASES[i % PHASES.length]!;
    const usual = 2 + whole(4) / 2;
    const need = i > 0 && !isApart && random() < 0.3 ? whole(i) : -1;
    const unit: DrillUnit = {
      ...{
        key: `u${i}`,
        kind: phase === 'rounds' ? ('round' as const) : ('move' as const),
        phase,
        prerequisites: need < 0 ? [] : [`u${need}`],
      },
      ...({ spec: { kind: 'move', of: [`u${i}`] }, transitions: [], stages: [] } as unknown as DrillUnit),
    };
    return {
      unit: { ...unit, key: `u${i}`, phase, kind: phase === 'rounds' ? 'round' : 'move', prerequisites: need < 0 ? [] : [`u${need}`] },
      moves: own.map((move) => ({ move, worth: 0.001 + random() * 0.01 })),
      own,
      once: [],
      needs: need < 0 ? [] : [{ unit: need, own: [] as number[] }],
      isHard: phase === 'rounds',
      isRound: phase === 'rounds',
      work: isRigid ? [usual, usual, usual] : [2, usual, usual * 1.5],
    };
  });
  const filled = units.map((unit) => ({ ...unit, needs: unit.needs.map((need) => ({ ...need, own: units[need.unit]!.own })) }));
  const times = Array.from({ length: moves }, () => whole(3));
  const age = Array.from({ length: moves }, () => whole(40));
  return {
    moves: Array.from({ length: moves }, (_, i) => `m${i}`),
    units: filled,
    evenings: Array.from({ length: evenings }, (_, e) => {
      const day = Math.floor(e / 2) * 7 + (e % 2) * 2;
      return {
        ...{ day, minutes, stands: null, isHard: false, barred: new Set<number>() },
        before: filled.map(() => 3),
        turns: filled.map(({ isRound }) => (isRound ? 2 : 4)),
        stale: times.map((n, i) => (n === 0 ? 1 : 1 - 2 ** (-(age[i]! + day) / (14 * 1.6 ** (n - 1))))),
        taught: times.map((n) => (n === 0 ? 0 : 1)),
        sessions: times.map((n) => [{ times: n, share: 1 }]),
      };
    }),
    rules: { ...NO_RULES, ...rules },
  };
}
