import type { Transition } from '../../tree';
import { ATTEMPT_RISK, chanceOf, HOLD_RISK, HOLD_SECONDS, type Risk } from './chances';
import type { Here, Row } from './here';

/** A place that is led to, with what arriving so gives besides what the place is worth. */
interface Arrival {
  /** State number. */
  readonly state: number;
  /** In [0, 1]. */
  readonly chance: number;
  readonly reward: number;
}
/** One way that something can go; its chances sum to 1. */
type Way = readonly Arrival[];

/** All that an option can come to against a show that is not looked at, whatever that show is. */
export interface Unseen {
  readonly seconds: number;
  /** Least and largest chance of success in [0, 1]. */
  readonly least: number;
  readonly most: number;
  /** Never empty: every success and every failure is a mixture of these. */
  readonly success: readonly Way[];
  readonly failure: readonly Way[];
}

/** Every place a transition may lead to. */
const landingsOf = ({ stateOf, rewardOf }: Here, transition: Transition): { state: number; reward: number }[] =>
  [transition.to, ...(transition.outcomes ?? []).map(({ to }) => to)].map((id) => {
    const state = stateOf.get(id)!;
    return { state, reward: rewardOf(transition, state) };
  });

function chancesOf({ defaults }: Here, option: Transition, undrawn: number): number[] {
  const offCue = chanceOf(option, 'offCue', defaults);
  const fits = (['works', 'offCue', ...(option.stoppedBy ? (['stopped'] as const) : [])] as const).map((fit) =>
    chanceOf(option, fit, defaults),
  );
  return fits.map((p) => (1 - undrawn) * p + undrawn * Math.min(p, offCue));
}

/** Of each row of a place where shows were left out; `his` are the opponent's transitions there that are taught. */
export function unseenOf(
  here: Here,
  at: number,
  tempo: keyof typeof ATTEMPT_RISK,
  rows: readonly Row[],
  his: readonly Transition[],
): readonly Unseen[] {
  const { standing, stateOf, defaults } = here;
  const risked = ({ turned, recovered }: Risk): Way => [
    { state: stateOf.size, chance: turned, reward: 0 },
    { state: standing.recoversTo[at]!, chance: recovered, reward: 0 },
    { state: at, chance: 1 - turned - recovered, reward: 0 },
  ];
  const failures = (risk: Risk): Way[] => {
    const rest = risked(risk);
    const drawn = his.flatMap((transition) => {
      const works = chanceOf(transition, 'works', defaults);
      const fails = rest.map((arrival) => ({ ...arrival, chance: (1 - works) * arrival.chance }));
      return landingsOf(here, transition).map((landing): Way => [{ ...landing, chance: works }, ...fails]);
    });
    return [rest, ...drawn];
  };
  const attempt = failures(ATTEMPT_RISK[tempo]);
  return rows.map((row): Unseen => {
    if (row === null)
      return { seconds: HOLD_SECONDS, least: 0, most: 0, success: [risked(HOLD_RISK[tempo])], failure: failures(HOLD_RISK[tempo]) };
    const chances = chancesOf(here, row, standing.undrawn[at]!);
    return {
      seconds: here.secondsOf(row),
      least: Math.min(...chances),
      most: Math.max(...chances),
      success: landingsOf(here, row).map((landing) => [{ ...landing, chance: 1 }]),
      failure: row.onFail === undefined ? attempt : [[{ state: stateOf.get(row.onFail)!, chance: 1, reward: 0 }]],
    };
  });
}

/** Which end of what is left out is taken: what it is worth at least, or at most. */
export type End = 'least' | 'most';

/** What an option is worth at least, or at most, against a show that is not looked at, with `left` seconds. */
export function worthUnseen(
  { seconds, least, most, success, failure }: Unseen,
  value: Float64Array,
  states: number,
  left: number,
  end: End,
): number {
  if (left < seconds) return 0;
  const row = (left - seconds) * states;
  const extreme = end === 'least' ? Math.min : Math.max;
  const of = (ways: readonly Way[]): number =>
    extreme(...ways.map((way) => way.reduce((sum, { state, chance, reward }) => sum + chance * (value[row + state]! + reward), 0)));
  const [won, lost] = [of(success), of(failure)];
  return extreme(least * won + (1 - least) * lost, most * won + (1 - most) * lost);
}
