import { groupBy } from '../base';
import { swapsUntil } from './swaps';
import { namedAt, type Contact, type ContactRule, type Position, type Step, type Transition } from '../tree';
import { contactKey, fitsPattern, limbKey, targetKey } from '../contacts';

/** One limb part on two different targets in one step. Steps count from 1. */
export interface DoubleBooking {
  readonly step: number;
  readonly contacts: readonly Contact[];
}

/** What a limb part does from one step to the next. */
export type HandOver =
  | { readonly kind: 'trade' | 'relocation'; readonly toStep: number; readonly from: Contact; readonly to: Contact }
  | { readonly kind: 'taken'; readonly toStep: number; readonly to: Contact }
  | { readonly kind: 'released'; readonly toStep: number; readonly from: Contact };

/** Contacts of one declared bundle are one target; a contact said twice is one. */
const bookingKey = (contact: Contact): string => (contact.bundle === undefined ? targetKey(contact.target) : `bundle ${contact.bundle}`);

export function findDoubleBookings(steps: readonly Step[]): DoubleBooking[] {
  return steps.flatMap(({ contacts }, i) =>
    [...groupBy(contacts, limbKey).values()].flatMap((held) => {
      const targets = new Map(held.map((contact) => [bookingKey(contact), contact]));
      return targets.size > 1 ? [{ step: i + 1, contacts: [...targets.values()] }] : [];
    }),
  );
}

/** One limb between two steps: what stays is passed over; what goes and what comes are paired in their order. */
function handOversOf(before: readonly Contact[], after: readonly Contact[], toStep: number): HandOver[] {
  const [was, is] = [before, after].map((list) => new Map(list.map((contact) => [contactKey(contact), contact])));
  const moved = [...is!].flatMap(([key, to]): HandOver[] => {
    const from = was!.get(key);
    return from && from.at !== to.at ? [{ kind: 'relocation', toStep, from, to }] : [];
  });
  const gone = [...was!].filter(([key]) => !is!.has(key)).map(([, contact]) => contact);
  const come = [...is!].filter(([key]) => !was!.has(key)).map(([, contact]) => contact);
  const pairs = Array.from({ length: Math.max(gone.length, come.length) }, (_, i): HandOver => {
    const [from, to] = [gone[i], come[i]];
    if (from && to) return { kind: 'trade', toStep, from, to };
    return from ? { kind: 'released', toStep, from } : { kind: 'taken', toStep, to: to! };
  });
  return [...moved, ...pairs];
}

/** Trades, relocations, what is taken and what released, step by step, limbs in order of appearance. */
export function findHandOvers(steps: readonly Step[]): HandOver[] {
  return steps.slice(1).flatMap((step, i) => {
    const before = groupBy(steps[i]!.contacts, limbKey);
    const after = groupBy(step.contacts, limbKey);
    const limbs = new Set([...before.keys(), ...after.keys()]);
    return [...limbs].flatMap((limb) => handOversOf(before.get(limb) ?? [], after.get(limb) ?? [], i + 2));
  });
}

/** A rule that is broken, and at which steps; `hold`: all of them, the others: the first. */
export interface BrokenRule {
  readonly rule: ContactRule;
  readonly steps: readonly number[];
}

function brokenSteps(steps: readonly Step[], rule: ContactRule): number[] {
  const isOn = (step: number, pattern: Contact): boolean => steps[step - 1]!.contacts.some((contact) => fitsPattern(contact, pattern));
  const swaps = rule.afterSwaps === undefined ? [] : swapsUntil(steps);
  const counts = (step: number): boolean => rule.afterSwaps === undefined || (swaps[step - 1]! % 2 === 1) === (rule.afterSwaps === 'odd');
  const all = steps.map((_, i) => i + 1).filter(counts);
  if (rule.kind === 'hold') {
    const wanted = rule.atLeast ?? rule.contacts.length;
    const span = all.filter((step) => step >= rule.fromStep && step <= rule.toStep);
    return span.filter((step) => rule.contacts.filter((contact) => isOn(step, contact)).length < wanted);
  }
  const { first, then } = rule;
  if (rule.kind === 'never') return all.filter((step) => isOn(step, first)).slice(0, 1);
  if (!then) return [];
  if (rule.kind === 'together') return all.filter((step) => isOn(step, first) !== isOn(step, then)).slice(0, 1);
  // "first before then": the step where `then` comes and `first` neither is nor was on; the same step is fine.
  const early = all.find((step) => isOn(step, then));
  const begun = all.find((step) => isOn(step, first));
  return early !== undefined && (begun === undefined || begun > early) ? [early] : [];
}

/** The rules of a transition that can count: one for certain values only does where the transition may meet one of them. */
export const rulesThatCount = ({ when, contactRules = [] }: Pick<Transition, 'when' | 'contactRules'>, from: Position): ContactRule[] =>
  contactRules.filter((rule) => {
    if (rule.kind === 'hold' || !rule.whenValues || rule.whenValues.length === 0) return true;
    return from.reads.some((read) => {
      const met = namedAt(when, read.id);
      return read.values.some(({ id }) => rule.whenValues!.includes(id) && (met.length === 0 || met.includes(id)));
    });
  });

/** Invariants and order rules of a transition that its steps break (MODEL §3), in the order of the rules. */
export const findBrokenRules = (steps: readonly Step[], rules: readonly ContactRule[]): BrokenRule[] =>
  rules.flatMap((rule) => {
    const broken = brokenSteps(steps, rule);
    return broken.length > 0 ? [{ rule, steps: broken }] : [];
  });

export interface HandLoad {
  readonly athlete: Contact['athlete'];
  readonly part: string;
  readonly trades: number;
}

/** How many hand-overs of holds (trades) each limb part makes along some steps, busiest first. */
export function handLoad(steps: readonly Step[]): HandLoad[] {
  const trades = findHandOvers(steps).flatMap((item) => (item.kind === 'trade' ? [item.to] : []));
  return [...groupBy(trades, limbKey).values()]
    .map((list) => ({ athlete: list[0]!.athlete, part: list[0]!.part, trades: list.length }))
    .toSorted((a, b) => b.trades - a.trades);
}
