import { groupBy } from '../base';
import type { Contact, PositionId, Step, Transition, TransitionId, TreeDocument } from '../tree';
import { handLoad, type HandLoad } from './account';
import { transitionsOnRoute } from './blockers';
import { limbKey, holdFact } from '../contacts';

/** A step on a way: which move's, and its number there from 1. */
export interface StepOnRoute {
  readonly transition: TransitionId;
  readonly step: number;
}
/** A hold and the steps that it stays on, one after the other. */
export interface Survival {
  readonly contact: Contact;
  readonly from: StepOnRoute;
  readonly to: StepOnRoute;
  /** How many steps, both ends counted. */
  readonly steps: number;
}
export interface GripsAlong {
  /** Trades by limb part, busiest first; between two moves too, where both are written. */
  readonly load: readonly HandLoad[];
  /** Each hold's longest stretch, longest first; of equals the one that begins first. */
  readonly survivals: readonly Survival[];
  /** Moves of the way whose steps are not written: what is held over them is not known. */
  readonly unwritten: readonly TransitionId[];
}

type Placed = Step & StepOnRoute;

/** The written moves that follow each other, each run as one list of steps. */
function runsOf(transitions: readonly Pick<Transition, 'id' | 'steps'>[]): Placed[][] {
  const runs: Placed[][] = [[]];
  for (const { id, steps = [] } of transitions) {
    if (steps.length === 0) runs.push([]);
    runs[runs.length - 1]!.push(...steps.map((step, i) => ({ ...step, transition: id, step: i + 1 })));
  }
  return runs.filter((run) => run.length > 0);
}

function survivalsOf(run: readonly Placed[]): Survival[] {
  const best = new Map<string, Survival>();
  const on = new Map<string, { contact: Contact; since: number }>();
  run.forEach((step, i) => {
    const now = new Map(step.contacts.map((contact) => [holdFact(contact), contact]));
    for (const key of [...on.keys()]) if (!now.has(key)) on.delete(key);
    for (const [key, contact] of now) {
      const { since } = on.get(key) ?? { since: i };
      if (!on.has(key)) on.set(key, { contact, since });
      const length = i - since + 1;
      if (length > (best.get(key)?.steps ?? 0)) best.set(key, { contact, from: placeOf(run[since]!), to: placeOf(step), steps: length });
    }
  });
  return [...best.values()];
}
const placeOf = ({ transition, step }: Placed): StepOnRoute => ({ transition, step });

/** The account of the hands over a way: how often each trades, and what survives longest. */
export function gripsAlong(transitions: readonly Pick<Transition, 'id' | 'steps'>[]): GripsAlong {
  const runs = runsOf(transitions);
  const loads = groupBy(
    runs.flatMap((run) => handLoad(run)),
    limbKey,
  );
  const survivals = new Map<string, Survival>();
  for (const item of runs.flatMap(survivalsOf)) {
    const key = holdFact(item.contact);
    if (item.steps > (survivals.get(key)?.steps ?? 0)) survivals.set(key, item);
  }
  return {
    load: [...loads.values()]
      .map((list) => ({ ...list[0]!, trades: list.reduce((sum, item) => sum + item.trades, 0) }))
      .toSorted((a, b) => b.trades - a.trades),
    survivals: [...survivals.values()].toSorted((a, b) => b.steps - a.steps),
    unwritten: transitions.filter((transition) => (transition.steps ?? []).length === 0).map((transition) => transition.id),
  };
}

export interface FewestTrades {
  /** Number of the route. */
  readonly route: number;
  readonly trades: number;
  /** On how many of the routes the steps of every move are written, so that their trades can be counted. */
  readonly counted: number;
}

/** The route on which my hands trade least, of those whose moves all have their steps; null = none has. */
export function fewestTrades(tree: TreeDocument, routes: readonly (readonly PositionId[])[], on: readonly Contact[]): FewestTrades | null {
  const counted = routes.flatMap((route, i) => {
    const { load, unwritten } = gripsAlong(transitionsOnRoute(tree, route, on));
    const mine = load.filter(({ athlete }) => athlete === 'owner');
    return unwritten.length > 0 ? [] : [{ route: i, trades: mine.reduce((sum, { trades }) => sum + trades, 0) }];
  });
  const least = Math.min(...counted.map(({ trades }) => trades));
  const best = counted.find(({ trades }) => trades === least);
  return best ? { ...best, counted: counted.length } : null;
}
