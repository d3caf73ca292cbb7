import { partnersOf, type ClassSettings, type DrillUnit, type FeederLine, type UnitKind } from '../drills';
import { findValue, indexOf, positionOf, type TreeDocument } from '../tree';
import { sayMidway, sayPrevented } from './onTheWay';
import { sayMine, sayPreference, sayShownClause } from './tree';

export const UNIT_WORDS: { readonly [K in UnitKind]: string } = { part: 'Part', answer: 'Answer', chain: 'Chain' };

export const resistanceText = ([low, high]: DrillUnit['resistancePercent']): string => (high === 0 ? 'none' : `${low} to ${high}\u00a0%`);

/** Said once for the whole class, since it holds for every line of the feeder. */
export const FEEDER_RULE = 'The feeder shows only what his line says, and leaves out all else that he could do there.';

/** What the feeder does: the shape, and what to show. */
export function feederSentence(tree: TreeDocument, { position: id, show }: FeederLine): string {
  const position = positionOf(indexOf(tree), id);
  const shown = show === null ? undefined : findValue(position, show);
  const value = shown?.value;
  const words =
    shown && value
      ? shown.read.kind === 'reaction'
        ? `show “${value.name}”`
        : `show ${shown.read.name} “${value.name}”`
      : 'hold the shape, let it happen';
  return `${position.name}: ${words}${value?.cue ? ` (${value.cue})` : ''}.`;
}

/** What most of all is to be left out of one drill, over all of its lines; '' = nothing. */
export function sayLeaveOut(tree: TreeDocument, lines: readonly FeederLine[]): string {
  const out = lines.flatMap(({ position: id, leaveOut }) => {
    const position = positionOf(indexOf(tree), id);
    return leaveOut.flatMap((valueId) => findValue(position, valueId)?.value.name ?? []);
  });
  return out.length === 0 ? '' : `Leave out: ${[...new Set(out)].join(', ')}.`;
}

export function unitTitle(tree: TreeDocument, unit: DrillUnit): string {
  const index = indexOf(tree);
  const transitions = unit.transitions.map((id) => index.transitions.get(id)!);
  if (unit.kind === 'part') return sayMine(transitions[0]!.name);
  if (unit.kind === 'chain') return `${positionOf(index, unit.start).name} to ${positionOf(index, unit.end).name}`;
  const value = findValue(positionOf(index, unit.start), unit.feeder[0]!.show ?? '');
  const shown = value ? sayShownClause(value.read, value.value.name) : '';
  return `${shown}: ${sayMine(transitions[0]!.name)}`;
}

export function unitWhat(tree: TreeDocument, unit: DrillUnit): string {
  const index = indexOf(tree);
  const transitions = unit.transitions.map((id) => index.transitions.get(id)!);
  if (unit.kind !== 'chain') {
    const { reason } = transitions[0]!;
    return `${positionOf(index, unit.start).name} to ${positionOf(index, unit.end).name}${reason === undefined ? '' : `; why: ${reason}`}`;
  }
  return `${unit.common ? 'Common start. ' : ''}Build up one step at a time: ${transitions.map((transition) => transition.name.replace(/^I\s+/, '')).join(' · ')}`;
}

/** What is right and what is usually wrong, for the units that have time to look at it. */
export function unitWatch(tree: TreeDocument, { kind, transitions, end, checkpoints, choices, mistakes }: DrillUnit): string[] {
  const wrong = mistakes.map((mistake) => (mistake.correction ? `${mistake.error}: ${mistake.correction}` : mistake.error));
  const { ends, checkpoints: settling = [] } = positionOf(indexOf(tree), end);
  const settled = ends && settling.length > 0 ? [`settled when: ${settling.join('; ')}`] : [];
  const index = indexOf(tree);
  const moves = transitions.map((id) => index.transitions.get(id)!);
  // A chain has no time for more than the first thing of each move.
  if (kind === 'chain')
    return [...new Set([...settled, ...moves.flatMap((move) => (move.checkpoints ?? []).slice(0, 1))]), ...wrong.slice(0, 1)];
  if (kind === 'answer') return [...checkpoints, ...wrong];
  const onTheWay = moves.flatMap((move) => [sayPrevented(move) ?? [], (move.midway ?? []).map((item) => sayMidway(tree, item))].flat());
  return [...checkpoints, ...onTheWay, ...settled, ...choices.map((choice) => sayPreference(tree, choice)), ...wrong];
}

/** "17 people, 7 pairs and one three" */
export function sayPartners(settings: ClassSettings): string {
  const { people } = settings;
  return `${people} people, ${partnersOf(settings) === 3 ? `${(people - 3) / 2} pairs and one three` : `${people / 2} pairs`}`;
}

/** Minutes as "4" or "4½". */
export function minutesText(minutes: number): string {
  const halves = Math.round(minutes * 2) / 2;
  return Number.isInteger(halves) ? String(halves) : `${Math.floor(halves) === 0 ? '' : Math.floor(halves)}½`;
}
export const minutesInWords = (minutes: number): string => `${minutesText(minutes)} ${minutes === 1 ? 'minute' : 'minutes'}`;
