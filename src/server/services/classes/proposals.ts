import { asHeld, knownOn, practised, tooSoon, unitOf, type HeldClass, type Proposal, type UnitSpec } from '@/core/classes';
import { expectedAt, treeInGym, type Athlete, type GymBook } from '@/core/people';
import { indexOf, type TreeDocument } from '@/core/tree';
import { inHundred, sayGap, sayWeighed, sayImpossible, sayLeftOut, sayNotMet, sayReasons, sayUnit } from '@/core/words';
import { findClasses } from './classes';
import type { ProposalAsked, ProposalsAnswer, ProposalSent } from '@/contracts/classes';
import type { Context } from '../context';
import { findHeld } from './held';
import { proposeFrom } from './proposing';
import { findBook, findTree } from '../trees';

function sent(tree: TreeDocument, proposal: Proposal, nameOf: (key: string) => string): ProposalSent {
  return {
    about: proposal.about === null ? '' : (indexOf(tree).positions.get(proposal.about)?.name ?? ''),
    units: proposal.chosen.map((item) => ({
      unit: { ...item.unit.spec, work: item.unit.workMinutes },
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

const sayGone = (count: number): string[] =>
  count === 0
    ? []
    : [
        `${count === 1 ? 'One unit that you asked for is' : `${count} units that you asked for are`} not in the tree as it is looked at here.`,
      ];

/** Classes that stand between today and a day, as if they were held as planned. */
async function plannedBefore(context: Context, tree: TreeDocument, book: GymBook, today: string, day: string): Promise<HeldClass[]> {
  const people = ({ group, ...plan }: { group?: string | undefined; date?: string | undefined }): Athlete[] =>
    expectedAt(
      book.athletes,
      book.groups?.find(({ id }) => id === group),
      plan,
    );
  const movesOf = (unit: UnitSpec) => {
    const made = unitOf(tree, unit);
    return made ? practised(tree, made) : [];
  };
  return (await findClasses(context, tree.id))
    .map(({ plan }) => plan)
    .flatMap((plan) =>
      plan.date !== undefined && plan.date >= today && plan.date < day
        ? [
            asHeld(
              { date: plan.date, units: plan.units },
              people(plan).map(({ id }) => id),
              movesOf,
            ),
          ]
        : [],
    );
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
  const book = await findBook(context, treeId);
  const { plan, theme, musts, mustNots, mostNew } = asked;
  const athletes = expectedAt(
    book.athletes,
    book.groups?.find(({ id }) => id === plan.group),
    plan,
  );
  const day = plan.date ?? today;
  const past = await findHeld(context, treeId);
  const planned = await plannedBefore(context, stored.tree, book, today, day);
  const known = knownOn(
    [...past, ...planned],
    day,
    athletes.map(({ id }) => id),
  );
  const soon = tooSoon(
    [...past, ...planned].map(({ date, units }) => ({ date, units: units.map(({ unit }) => unit) })),
    day,
    asked.gapDays ?? 0,
  );
  const filter = plan.filter ?? {};
  const { tree, candidates, first, second, gone, around, weighed, offered } = await proposeFrom(treeInGym(stored.tree, book), {
    ...{ settings: plan, filter, athletes, known, theme, musts, mustNots, mostNew, soon, one: asked.one ?? false },
  });
  const names = new Map(candidates.map(({ unit }) => [unit.key, sayUnit(tree, unit)]));
  const nameOf = (key: string): string => names.get(key) ?? 'a unit that is gone';
  const found = 'impossible' in first ? [] : second === null ? [first] : [first, second];
  return {
    proposals: found.map((item) => sent(tree, item, nameOf)),
    notMet: [
      ...sayGone(gone.length),
      ...sayWeighed(weighed, offered),
      ...('impossible' in first ? [sayImpossible(first, around, candidates)] : []),
    ],
    tookMs: Math.round(performance.now() - began),
  };
}
