import {
  asHeld,
  attendance,
  forgettingOf,
  knownOn,
  practised,
  tooSoon,
  unitKey,
  unitOf,
  type HeldClass,
  type PlannedUnit,
  type Proposal,
  type UnitSpec,
} from '@/core/classes';
import { treeInGym, type Athlete, type GymBook } from '@/core/people';
import { indexOf, type TreeDocument } from '@/core/tree';
import { inHundred, sayGap, sayGone, sayImpossible, sayLeftOut, sayNotMet, sayReasons, sayUnit, sayWeighed } from '@/core/words';
import type { ProposalAsked, ProposalsAnswer, ProposalSent } from '@/contracts/classes';
import type { Context } from '../context';
import { DRAWN_DAYS, findBook, findDrawn, findTree } from '../trees';
import { findClasses } from './classes';
import { findHeld } from './held';
import { findElsewhere } from '../elsewhere';
import { proposeFrom } from './proposing';

interface Said {
  readonly tree: TreeDocument;
  readonly musts: readonly PlannedUnit[];
  readonly around: number;
  readonly nameOf: (key: string) => string;
}
function sent(proposal: Proposal, { tree, musts, around, nameOf }: Said): ProposalSent {
  const own = new Map(musts.map((item) => [unitKey(item), item]));
  return {
    about: proposal.about === null ? '' : (indexOf(tree).positions.get(proposal.about)?.name ?? ''),
    units: proposal.chosen.map((item) => ({
      unit: { ...(own.get(item.unit.key) ?? item.unit.spec), work: item.unit.workMinutes },
      minutes: item.minutes,
      reasons: sayReasons(tree, item, proposal.chosen),
    })),
    minutes: proposal.minutes,
    worth: inHundred(proposal.worth),
    sure: sayGap(proposal.gap),
    leftOut: proposal.leftOut.map((item) => ({ name: sayUnit(tree, item.unit), why: sayLeftOut(item) })),
    notMet: sayNotMet(nameOf, proposal, around),
  };
}

/**
 * Classes that stand on a day from today on, as if they were held as planned. Those after the day that came with a course are none: the
 * course is planned anew from there.
 */
async function plannedAround(context: Context, tree: TreeDocument, book: GymBook, today: string, day: string): Promise<HeldClass[]> {
  const movesOf = (unit: UnitSpec) => {
    const made = unitOf(tree, unit);
    return made ? practised(tree, made) : [];
  };
  return (await findClasses(context, tree.id)).flatMap(({ plan }) => {
    const { date, units } = plan;
    const stands = date !== undefined && date >= today && date !== day && (date < day || plan.fromCourse !== true);
    if (!stands) return [];
    const people = attendance(plan, book).expected.map(({ id }) => id);
    return [asHeld({ date, units }, people, movesOf)];
  });
}

/** Whether at least half of those who come were there; of who is not named nobody knows. */
const isTheirs = ({ came }: HeldClass, athletes: readonly Athlete[]): boolean =>
  came.length === 0 || athletes.length === 0 || athletes.filter(({ id }) => came.includes(id)).length * 2 >= athletes.length;

/** Two clearly different classes for this slot and these people, best first; or sentences why there is none. Null = no such tree. */
export async function findProposals(
  context: Context,
  treeId: string,
  asked: ProposalAsked,
  today: string,
): Promise<ProposalsAnswer | null> {
  const stored = await findTree(context, treeId);
  if (!stored) return null;
  const book = await findBook(context, treeId);
  const { theme, musts, mustNots, mostNew, gapDays = 0, one = false } = asked;
  const { expected: athletes, plan } = attendance(asked.plan, book);
  const day = plan.date ?? today;
  const classes = [...(await findHeld(context, treeId)), ...(await plannedAround(context, stored.tree, book, today, day))];
  const known = knownOn(
    classes,
    day,
    athletes.map(({ id }) => id),
    forgettingOf(book.settings),
  );
  const theirs = classes.filter((item) => isTheirs(item, athletes));
  const soon = tooSoon(
    theirs.map(({ date, units }) => ({ date, units: units.map(({ unit }) => unit) })),
    day,
    gapDays,
  );
  const found = await proposeFrom(treeInGym(stored.tree, book), {
    ...{ settings: plan, filter: plan.filter ?? {}, athletes, known, theme, musts, mustNots, mostNew, soon, one },
    elsewhere: (shown, filter, question) => findElsewhere(context, shown, filter, question),
    drawn: await findDrawn(context, treeId, DRAWN_DAYS),
  });
  const { tree, candidates, first, second, around } = found;
  const names = new Map(candidates.map(({ unit }) => [unit.key, sayUnit(tree, unit)]));
  const said: Said = { tree, musts, around, nameOf: (key) => names.get(key) ?? 'a unit that is gone' };
  const impossible = 'impossible' in first ? [sayImpossible(first, around, candidates.length > 0, found.isNobodyAllowed)] : [];
  return {
    proposals: [...('impossible' in first ? [] : [first]), ...(second === null ? [] : [second])].map((item) => sent(item, said)),
    notMet: [...sayGone(found.gone.length), ...sayWeighed(found.weighed, found.offered), ...impossible],
  };
}
