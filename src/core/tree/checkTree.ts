import { err, ok, type Result } from '../base';
import { headerOf } from './diff';
import type { Position, RuleSet, Transition, TreeDocument } from './document';
import type { TreeError } from './errors';
import { landingsOf } from './meaning';

type Report = (code: TreeError['code'], place: string, id: string) => void;

/** A tag opening, a script address or a control character: never part of a coach's words. */
const MARKUP = /<[/!?a-z]|javascript:|[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\u2028\u2029\u202a-\u202e]|\p{Surrogate}/iu;

export const containsMarkup = (text: string): boolean => MARKUP.test(text);

export const whereOfPosition = (position: Position): string => `position "${position.id}" (${position.name})`;
export const whereOfTransition = (transition: Transition): string => `transition "${transition.id}" (${transition.name})`;

/** Every text in a value that holds markup or control characters, names of fields too. Iterative: it may be nested deeply. */
export function findMarkup(value: unknown): string[] {
  const open: unknown[] = [value];
  const found: string[] = [];
  while (open.length > 0) {
    const item = open.pop();
    if (typeof item === 'string') {
      if (MARKUP.test(item)) found.push(item);
    } else if (Array.isArray(item)) open.push(...item);
    else if (typeof item === 'object' && item !== null) open.push(...Object.keys(item), ...Object.values(item));
  }
  return found;
}

function checkText(value: unknown, place: string, report: Report): void {
  for (const text of findMarkup(value)) report('tree/markup', place, text);
}

function checkUnique<T>(items: readonly T[], idOf: (item: T) => string, found: (item: T, id: string) => void): Set<string> {
  const seen = new Set<string>();
  for (const item of items) {
    const id = idOf(item);
    if (seen.has(id)) found(item, id);
    seen.add(id);
  }
  return seen;
}

function checkReads(position: Position, report: Report): void {
  const place = whereOfPosition(position);
  checkUnique(
    position.reads,
    (read) => read.id,
    (_, id) => report('tree/duplicate-read', place, id),
  );
  checkUnique(
    position.reads.flatMap((read) => read.values),
    (value) => value.id,
    (_, id) => report('tree/duplicate-value', place, id),
  );
  for (const second of position.reads.filter((read) => read.kind === 'reaction').slice(1))
    report('tree/two-reaction-reads', place, second.id);
}

function checkTransition(
  transition: Transition,
  positions: ReadonlyMap<string, Position>,
  transitions: ReadonlySet<string>,
  report: Report,
): void {
  const place = whereOfTransition(transition);
  const landings = [
    transition.from,
    transition.to,
    transition.onFail,
    ...(transition.outcomes ?? []).map((outcome) => outcome.to),
    ...(transition.midway ?? []).map((item) => item.leadsTo),
    ...(transition.parameters ?? []).flatMap((p) => (p.never ?? []).map((n) => n.leadsTo)),
  ];
  for (const id of landings) if (id !== undefined && !positions.has(id)) report('tree/dangling-position', place, id);
  const from = positions.get(transition.from);
  if (!from) return;
  for (const [readId, valueIds] of Object.entries(transition.when ?? {})) {
    const read = from.reads.find((item) => item.id === readId);
    if (!read) report('tree/dangling-read', place, readId);
    else if (valueIds.length === 0) report('tree/empty-when', place, readId);
    else for (const id of valueIds) if (!read.values.some((value) => value.id === id)) report('tree/dangling-value', place, id);
  }
  const here = new Set(from.reads.flatMap((read) => read.values.map((value) => value.id)));
  const shown = [...(transition.stoppedBy ?? []), ...(transition.outcomes ?? []).flatMap((outcome) => outcome.ifShown)];
  for (const id of shown) if (!here.has(id)) report('tree/dangling-value', place, id);
  const there = new Set(
    landingsOf(transition).flatMap((id) => positions.get(id)?.reads.flatMap((read) => read.values.map((value) => value.id)) ?? []),
  );
  for (const id of transition.provokes ?? []) if (!there.has(id) && !here.has(id)) report('tree/dangling-value', place, id);
  for (const rule of transition.contactRules ?? []) {
    if (rule.kind === 'hold') continue;
    for (const id of rule.whenValues ?? []) if (!here.has(id)) report('tree/dangling-value', place, id);
    if (rule.letsIn !== undefined && !transitions.has(rule.letsIn)) report('tree/dangling-transition', place, rule.letsIn);
  }
}

const whereOfCard = (card: RuleSet): string => `rule set "${card.name}"`;

function checkLevels(card: RuleSet, report: Report): void {
  for (const { belowLevel } of card.forbidden)
    if (belowLevel !== undefined && !card.levels?.includes(belowLevel)) report('tree/dangling-level', whereOfCard(card), belowLevel);
}

/** What makes a rule card impossible; empty = it can be. */
export function checkRuleCard(card: RuleSet): readonly TreeError[] {
  const errors: TreeError[] = [];
  const report: Report = (code, place, id) => errors.push({ code, where: place, id });
  checkText(card, whereOfCard(card), report);
  checkLevels(card, report);
  return errors;
}

/** Ids that stand twice, positions first; returns those of the transitions. */
function checkIds({ positions, transitions, starts, ruleSets, profiles }: TreeDocument, report: Report): ReadonlySet<string> {
  checkUnique(
    positions,
    (position) => position.id,
    (position, id) => report('tree/duplicate-position', whereOfPosition(position), id),
  );
  const transitionIds = checkUnique(
    transitions,
    (transition) => transition.id,
    (transition, id) => report('tree/duplicate-transition', whereOfTransition(transition), id),
  );
  checkUnique(
    starts,
    (start) => start.position,
    (_, id) => report('tree/duplicate-start', 'starts', id),
  );
  checkUnique(
    ruleSets ?? [],
    (card) => card.id,
    (card, id) => report('tree/duplicate-rule-set', whereOfCard(card), id),
  );
  checkUnique(
    profiles ?? [],
    (profile) => profile.id,
    (profile, id) => report('tree/duplicate-profile', `profile "${profile.name}"`, id),
  );
  return transitionIds;
}

/**
 * The checked tree: every id unique and every reference met, all text plain.
 * Errors name their place: ids first, then what each record says; the description itself is never changed.
 */
export function checkTree(tree: TreeDocument): Result<TreeDocument, readonly TreeError[]> {
  const errors: TreeError[] = [];
  const report: Report = (code, place, id) => errors.push({ code, where: place, id });
  checkText(headerOf(tree), `tree "${tree.id}"`, report);
  const transitionIds = checkIds(tree, report);
  const byId = new Map(tree.positions.map((position) => [position.id, position]));
  for (const position of tree.positions) {
    checkText(position, `position "${position.id}"`, report);
    checkReads(position, report);
  }
  for (const transition of tree.transitions) {
    checkText(transition, `transition "${transition.id}"`, report);
    checkTransition(transition, byId, transitionIds, report);
  }
  for (const { position } of tree.starts) if (!byId.has(position)) report('tree/dangling-position', 'starts', position);
  for (const card of tree.ruleSets ?? []) {
    checkText(card, whereOfCard(card), report);
    checkLevels(card, report);
  }
  for (const profile of tree.profiles ?? []) checkText(profile, `profile "${profile.name}"`, report);
  return errors.length === 0 ? ok(tree) : err(errors);
}
