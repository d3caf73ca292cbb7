import {
  partnersOf,
  resistanceOf,
  sideOf,
  sidesOf,
  threesOf,
  turnsOf,
  type ClassSettings,
  type DrillUnit,
  type FeederLine,
  type UnitKind,
} from '../../classes';
import { findGripFight } from '../../grips';
import { findValue, indexOf, positionOf, type TreeDocument } from '../../tree';
import { plural } from '../figures';
import { sayMidway, sayPrevented } from '../onTheWay';
import { sayMove, sayPreference } from '../tree';

export const UNIT_WORDS: { readonly [K in UnitKind]: string } = {
  move: 'Part',
  chain: 'Chain',
  read: 'By cue',
  loop: 'Back and forth',
  fight: 'Grip fight',
  round: 'Round',
  solo: 'Alone',
};

export const sayResistance = ([low, high]: readonly [number, number]): string =>
  high === 0 ? 'none' : low === high ? `${high}\u00a0%` : `${low} to ${high}\u00a0%`;
export const resistanceText = (unit: Pick<DrillUnit, 'stages'>): string => sayResistance(resistanceOf(unit));

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

/** What is to be left out of one drill, over all of its lines, but for what a line of it shows; '' = nothing. */
export function sayLeaveOut(tree: TreeDocument, lines: readonly FeederLine[]): string {
  const shown = new Set(lines.map(({ show }) => show));
  const out = lines.flatMap(({ position: id, leaveOut }) => {
    const position = positionOf(indexOf(tree), id);
    return leaveOut.filter((value) => !shown.has(value)).flatMap((value) => findValue(position, value)?.value.name ?? []);
  });
  return out.length === 0 ? '' : `Leave out: ${[...new Set(out)].join(', ')}.`;
}

/** The words of a unit for the other side are those of the tree for the other side. */
export const unitTitle = (tree: TreeDocument, unit: DrillUnit): string =>
  unit.spec.mirrored ? `${titleOn(sideOf(tree, unit.spec), unit)}, mirrored` : titleOn(tree, unit);

function titleOn(tree: TreeDocument, { kind, start, end, transitions }: DrillUnit): string {
  const index = indexOf(tree);
  const name = (i: number): string => sayMove(index.transitions.get(transitions[i]!)!);
  const place = positionOf(index, start).name;
  if (kind === 'chain') return `${place} to ${positionOf(index, end).name}, ${name(0)} first`;
  if (kind === 'read' || kind === 'round') return place;
  return kind === 'loop' ? `${name(0)}, ${name(1)}` : name(0);
}

/** "part: I cut across" */
export const sayUnit = (tree: TreeDocument, unit: DrillUnit): string => `${UNIT_WORDS[unit.kind].toLowerCase()}: ${unitTitle(tree, unit)}`;

const listed = (words: readonly string[], last = 'or'): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1)}`;

/** Who is outside after the changes of a grip fight. */
function sayParity(tree: TreeDocument, { transitions }: DrillUnit): string {
  const { first, swaps } = findGripFight(indexOf(tree).transitions.get(transitions[0]!)!.steps ?? []);
  if (first === null) return 'hold it against him; he breaks it, again';
  const last = swaps.at(-1)?.outside ?? first;
  return `${plural(swaps.length, 'change')} of the outside hand: ${last === 'owner' ? 'mine' : 'his'} is outside at the end`;
}

/** "begin at …; it is won at …": a round from a place, for both. */
function sayRound(tree: TreeDocument, start: string, endings: readonly string[]): string {
  const his = tree.owner === 'passer' ? 'he recovers, sweeps or submits' : 'he passes and settles, or takes the back';
  return `begin at ${start}; it is won at ${listed(endings) || 'any ending'}, or when ${his}; then begin again`;
}
/** What he may show there, each in quotes. */
function sayShows(tree: TreeDocument, { start, stages }: DrillUnit): string {
  const position = positionOf(indexOf(tree), start);
  const shown = stages.flatMap(({ feeder }) => feeder).flatMap(({ show }) => show ?? []);
  return listed(shown.map((id) => `“${findValue(position, id)!.value.name}”`));
}
const isFromItsEnd = ({ stages, spec }: DrillUnit): boolean => stages.length > 1 && stages[0]!.transitions.at(-1) === spec.of.at(-1);

/** What is done, in one line. */
export function unitWhat(whole: TreeDocument, unit: DrillUnit): string {
  const tree = sideOf(whole, unit.spec);
  const { kind, transitions, start, end, accepted } = unit;
  const index = indexOf(tree);
  const moves = transitions.map((id) => index.transitions.get(id)!);
  const place = (id: string): string => positionOf(index, id).name;
  const short = moves.map((move) => move.name.replace(/^I\s+/, '')).join(' · ');
  if (kind === 'chain') return `${isFromItsEnd(unit) ? 'From its end' : 'One move more at a time'}: ${short}`;
  if (kind === 'read') return `he shows one of ${sayShows(tree, unit)}; answer it: ${short}`;
  if (kind === 'loop') return `${place(start)} and back to ${place(end)}, without a stop`;
  if (kind === 'fight') return sayParity(tree, unit);
  if (kind === 'round') return sayRound(tree, place(start), accepted.map(place));
  const { reason } = moves[0]!;
  const way = `${place(start)} to ${listed(accepted.map(place))}${kind === 'solo' ? ', without a partner' : ''}`;
  return reason === undefined ? way : `${way}; why: ${reason}`;
}

/** What is right and what is usually wrong, for the units that have time to look at it. */
export function unitWatch(whole: TreeDocument, { spec, kind, transitions, end, checkpoints, choices, mistakes }: DrillUnit): string[] {
  const tree = sideOf(whole, spec);
  const wrong = mistakes.map((mistake) => (mistake.correction ? `${mistake.error}: ${mistake.correction}` : mistake.error));
  const index = indexOf(tree);
  const { ends, checkpoints: settling = [] } = positionOf(index, end);
  const settled = ends && settling.length > 0 ? [`settled when: ${settling.join('; ')}`] : [];
  const moves = transitions.map((id) => index.transitions.get(id)!);
  // What is made of several moves has no time for more than the first thing of each.
  if (kind !== 'move' && kind !== 'solo' && kind !== 'fight')
    return [...new Set([...settled, ...moves.flatMap((move) => (move.checkpoints ?? []).slice(0, 1))]), ...wrong.slice(0, 1)];
  const onTheWay = moves.flatMap((move) => [sayPrevented(move) ?? [], (move.midway ?? []).map((item) => sayMidway(tree, item))].flat());
  return [...checkpoints, ...onTheWay, ...settled, ...choices.map((choice) => sayPreference(tree, choice)), ...wrong];
}

/** "3 min showing, 2 × 2 sides × 2 partners": how the minutes of a unit come about. */
export function sayMinutes(unit: DrillUnit, settings: ClassSettings): string {
  const shown = `${minutesText(unit.demonstrationMinutes)} showing`;
  if (turnsOf(unit, settings) === 1) return `${shown}, ${minutesText(unit.workMinutes)} at work`;
  const sides = sidesOf(unit, settings);
  const turns = turnsOf(unit, settings) / (partnersOf(settings) * sides);
  const times = [plural(partnersOf(settings), 'partner'), sides === 2 ? '2 sides' : '', turns > 1 ? `${turns} turns on the mats` : ''];
  return [`${shown}, ${minutesText(unit.workMinutes)}`, ...times.filter(Boolean)].join(' × ');
}

/** "17 people, 7 pairs and one three" */
export function sayPartners(settings: ClassSettings): string {
  const { people } = settings;
  const threes = threesOf(settings);
  const pairs = plural(Math.floor((people - 3 * threes) / 2), 'pair');
  if (threes === 0) return `${people} people, ${pairs}`;
  return `${people} people, ${pairs} and ${threes === 1 ? 'one three' : `${threes} threes`}`;
}

const QUARTERS = ['', '¼', '½', '¾'];
/** Minutes as "4", "4½" or "¼"; to the nearest quarter. */
export function minutesText(minutes: number): string {
  const quarters = Math.round(minutes * 4);
  const [whole, rest] = [Math.floor(quarters / 4), quarters % 4];
  return rest === 0 ? String(whole) : `${whole === 0 ? '' : whole}${QUARTERS[rest]}`;
}
export const minutesInWords = (minutes: number): string => `${minutesText(minutes)} ${minutes === 1 ? 'minute' : 'minutes'}`;
