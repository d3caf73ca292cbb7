import {
  candidatesOf,
  knownOn,
  offersOf,
  propose,
  unitKey,
  unitOf,
  unlike,
  USUAL_SHAPE,
  type Candidate,
  type DrillUnit,
  type Known,
  type Proposal,
  type Wanted,
} from '@/core/classes';
import { filterTree, opponentsIn, type Filter } from '@/core/lens';
import { findPayoffsInPieces, questionAgainst } from '@/core/odds';
import { expectedAt, levelRank, treeInGym, type Athlete, type GymBook } from '@/core/people';
import { indexOf, type TreeDocument } from '@/core/tree';
import { inHundred, sayGap, sayImpossible, sayLeftOut, sayNotMet, sayReasons, sayUnit } from '@/core/words';
import type { ProposalAsked, ProposalsAnswer, ProposalSent } from '@/contracts/classes';
import { letOthersIn } from '@/documents/letOthersIn';
import { solveProgramme } from '../solver/solveProgramme';
import type { Context } from './context';
import { findHeld } from './held';
import { findBook, findTree } from './trees';

/** A rule card binds all by the youngest and the lowest of those who come: they work with one another. */
function boundBy(filter: Filter, athletes: readonly Athlete[]): Filter {
  if (filter.ruleSet === undefined) return filter;
  const ages = athletes.flatMap(({ age }) => age ?? []);
  const levels = athletes.flatMap(({ level }) => level ?? []).toSorted((a, b) => levelRank(a) - levelRank(b));
  return {
    ...filter,
    ...(filter.age === undefined && ages.length > 0 ? { age: Math.min(...ages) } : {}),
    ...(filter.level === undefined && levels.length > 0 ? { level: levels[0]! } : {}),
  };
}

/** Keys of the units of a theme: those through its place, or of its school. */
function themeOf(tree: TreeDocument, units: readonly DrillUnit[], theme: ProposalAsked['theme']): ReadonlySet<string> | null {
  if (theme === null) return null;
  const { transitions } = indexOf(tree);
  const isOf = ({ start, end, transitions: moves }: DrillUnit): boolean =>
    'place' in theme
      ? start === theme.place || end === theme.place || moves.some((id) => transitions.get(id)!.from === theme.place)
      : moves.some((id) => transitions.get(id)!.schools?.includes(theme.school));
  return new Set(units.filter(isOf).map(({ key }) => key));
}

/** Units whose every move two thirds of those who come have been taught. */
const knownUnits = (units: readonly DrillUnit[], known: Known): ReadonlySet<string> =>
  new Set(
    units
      .filter(
        ({ transitions, kind }) => kind !== 'round' && transitions.length > 0 && transitions.every((id) => known.taughtTo(id) >= 2 / 3),
      )
      .map(({ key }) => key),
  );

function sent(tree: TreeDocument, proposal: Proposal, nameOf: (key: string) => string): ProposalSent {
  return {
    units: proposal.chosen.map((item) => ({
      unit: { ...item.unit.spec, of: [...item.unit.spec.of], work: item.unit.workMinutes },
      minutes: item.minutes,
      reasons: sayReasons(tree, item, proposal.chosen),
    })),
    minutes: proposal.minutes,
    worth: inHundred(proposal.worth),
    sure: sayGap(proposal.gap),
    leftOut: proposal.leftOut.map((item) => ({ name: sayUnit(tree, item.unit), why: sayLeftOut(item) })),
    notMet: sayNotMet(nameOf, proposal),
  };
}

/** Two clearly different classes for this slot and these people, best first; or sentences why there is none. Null = no such tree. */
export async function findProposals(
  context: Context,
  treeId: string,
  asked: ProposalAsked,
  today: string,
): Promise<ProposalsAnswer | null> {
  const stored = await findTree(context, treeId);
  if (!stored) return null;
  const began = performance.now();
  const book: GymBook = await findBook(context, treeId);
  const whole = treeInGym(stored.tree, book);
  const { plan, theme, musts, mustNots, mostNew } = asked;
  const group = book.groups?.find(({ id }) => id === plan.group);
  const athletes = expectedAt(book.athletes, group, plan);
  const filter = boundBy((plan.filter ?? {}) as Filter, athletes);
  const tree = filterTree(whole, filter).tree;
  const offers = offersOf(tree);
  const wantedUnits = musts.flatMap((item) => unitOf(tree, item) ?? []);
  const units = [...new Map([...offers, ...wantedUnits].map((unit) => [unit.key, unit])).values()];
  const payoffs = await letOthersIn(findPayoffsInPieces(tree, questionAgainst(opponentsIn(whole, filter))));
  const known = knownOn(await findHeld(context, treeId), plan.date ?? today, athletes.map(({ id }) => id)); // prettier-ignore
  const candidates: Candidate[] = candidatesOf(tree, units, plan, payoffs, known);
  const around = plan.warmUpMinutes + plan.debriefMinutes;
  const wanted: Wanted = {
    minutes: plan.slotMinutes - around,
    shape: USUAL_SHAPE,
    mostNew,
    hardInARow: 2,
    musts: musts.map(unitKey),
    mustNots: mustNots.map(unitKey),
    known: knownUnits(units, known),
    theme: themeOf(tree, units, theme),
  };
  const names = new Map(units.map((unit) => [unit.key, sayUnit(tree, unit)]));
  const nameOf = (key: string): string => names.get(key) ?? 'a unit that these rules or people do not allow';
  const gone = musts.filter((item) => !names.has(unitKey(item)));
  const notMet =
    gone.length > 0
      ? [
          `${gone.length === 1 ? 'One unit that you asked for is' : `${gone.length} units that you asked for are`} not in the tree as it is looked at here.`,
        ]
      : [];
  const possible = { ...wanted, musts: wanted.musts.filter((key) => names.has(key)) };
  const first = await propose(candidates, plan, possible, solveProgramme);
  const tookMs = (): number => Math.round(performance.now() - began);
  if ('impossible' in first) return { proposals: [], notMet: [...notMet, sayImpossible(first, around, candidates)], tookMs: tookMs() };
  const second = await propose(candidates, plan, { ...possible, unlike: unlike(first) }, solveProgramme);
  const proposals = 'impossible' in second ? [first] : [first, second];
  return { proposals: proposals.map((item) => sent(tree, item, nameOf)), notMet, tookMs: tookMs() };
}
