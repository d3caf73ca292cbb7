import { filterTree, HIDDEN_WORDS, isFiltering, type Filter } from '../lens';
import { findValue, indexOf, positionOf, type TreeDocument } from '../tree';
import { sayMine, sayShown } from '../words';
import { classTimeOf, partnersOf, type ClassSettings } from './classTime';
import type { DrillUnit, FeederLine } from './units';

/** One row of the printed class, from the first minute to the last. */
export interface SheetRow {
  /** Minutes from the start of the class. */
  readonly from: number;
  readonly minutes: number;
  readonly title: string;
  readonly what: string;
  readonly feeder: readonly string[];
  readonly resistance: string;
  readonly watch: readonly string[];
}
export interface ClassSheet {
  readonly title: string;
  readonly summary: string;
  readonly rows: readonly SheetRow[];
  readonly cautions: readonly string[];
}

const KIND_WORDS = { part: 'Part', answer: 'Answer', chain: 'Chain' } as const;
export const CAUTION =
  'Tap early, release at once, supervise beginners. The gym’s rules and the event’s current rule book come first; medical questions to a doctor.';

export const resistanceText = ([low, high]: DrillUnit['resistancePercent']): string => (high === 0 ? 'none' : `${low} to ${high}\u00a0%`);

/** What the feeder does, as sentences: the shape, what to show, what to leave out. */
export function feederSentence(tree: TreeDocument, { position: id, show, leaveOut }: FeederLine): string {
  const position = positionOf(indexOf(tree), id);
  const shown = show === null ? undefined : findValue(position, show);
  const value = shown?.value;
  const words =
    shown && value
      ? shown.read.kind === 'reaction'
        ? `show “${value.name}”`
        : `show ${shown.read.name} “${value.name}”`
      : 'hold the shape, let it happen';
  const out = leaveOut.flatMap((valueId) => findValue(position, valueId)?.value.name ?? []);
  return `${position.name}: ${words}${value?.cue ? ` (${value.cue})` : ''}${out.length > 0 ? `; leave out: ${out.join(', ')}` : ''}.`;
}

export function unitTitle(tree: TreeDocument, unit: DrillUnit): string {
  const index = indexOf(tree);
  const moves = unit.transitions.map((id) => index.transitions.get(id)!);
  if (unit.kind === 'part') return sayMine(moves[0]!.name);
  if (unit.kind === 'chain') return `${positionOf(index, unit.start).name} to ${positionOf(index, unit.end).name}`;
  const value = findValue(positionOf(index, unit.start), unit.feeder[0]!.show ?? '');
  const shown = value ? sayShown(value.read, value.value.name) : '';
  return `${shown}: ${sayMine(moves[0]!.name)}`;
}

export function unitWhat(tree: TreeDocument, unit: DrillUnit): string {
  const index = indexOf(tree);
  const moves = unit.transitions.map((id) => index.transitions.get(id)!);
  if (unit.kind !== 'chain') return `${positionOf(index, unit.start).name} to ${positionOf(index, unit.end).name}`;
  return `${unit.common ? 'Common start. ' : ''}Build up one step at a time: ${moves.map((move) => move.name.replace(/^I\s+/, '')).join(' · ')}`;
}

/** What the class is filtered for, in words; and every drilled move that this filter takes away. */
function rulesOf(tree: TreeDocument, units: readonly DrillUnit[], filter: Filter): string[] {
  if (!isFiltering(filter)) return [];
  const { hidden } = filterTree(tree, filter);
  const moves = new Set(units.flatMap((unit) => unit.transitions));
  const barred = tree.transitions.filter((move) => moves.has(move.id) && hidden.has(move.id));
  const card = tree.ruleSets?.find((item) => item.id === filter.ruleSet);
  const named = card ? [`Under “${card.name}”${card.date ? `, a card of ${card.date}` : ''}: check the current rule book.`] : [];
  return [...barred.map((move) => `“${sayMine(move.name)}”: ${HIDDEN_WORDS[hidden.get(move.id)!]}.`), ...named];
}

/** The class as rows with their minutes: warm-up, the units in order, free minutes, the close. */
export function classSheetOf(
  tree: TreeDocument,
  units: readonly DrillUnit[],
  settings: ClassSettings & { readonly filter?: Filter | undefined },
): ClassSheet {
  const { perUnit, totalMinutes, overrunMinutes } = classTimeOf(units, settings);
  const rows: SheetRow[] = [];
  let from = 0;
  const add = (row: Omit<SheetRow, 'from'>): void => {
    rows.push({ ...row, from });
    from += row.minutes;
  };
  const plain = { feeder: [], resistance: '', watch: [] };
  if (settings.warmUpMinutes > 0)
    add({ ...plain, minutes: settings.warmUpMinutes, title: 'Warm-up', what: 'the movements of today’s parts, without a partner' });
  for (const unit of units) {
    const watch = unit.mistakes.map((mistake) => (mistake.correction ? `${mistake.error}: ${mistake.correction}` : mistake.error));
    add({
      minutes: perUnit.get(unit.key)!,
      title: `${KIND_WORDS[unit.kind]}: ${unitTitle(tree, unit)}`,
      what: unitWhat(tree, unit),
      feeder: unit.feeder.map((line) => feederSentence(tree, line)),
      resistance: resistanceText(unit.resistancePercent),
      watch: unit.kind === 'part' ? [...unit.checkpoints, ...watch] : unit.kind === 'answer' ? watch : [],
    });
  }
  if (overrunMinutes < 0) add({ ...plain, minutes: -overrunMinutes, title: 'Free', what: 'rounds from today’s positions, or questions' });
  if (settings.debriefMinutes > 0) add({ ...plain, minutes: settings.debriefMinutes, title: 'Close', what: 'what worked, what did not' });
  const groups = partnersOf(settings) === 3 ? `${(settings.people - 3) / 2} pairs and one three` : `${settings.people / 2} pairs`;
  return {
    title: `${tree.name}: class of ${settings.slotMinutes} minutes`,
    summary: `${settings.people} people, ${groups}; every partner in both roles, ${settings.bothSides ? 'both sides' : 'one side'}; ${minutesText(totalMinutes)} of ${settings.slotMinutes} minutes planned.`,
    rows,
    cautions: [...rulesOf(tree, units, settings.filter ?? {}), ...new Set(units.flatMap((unit) => unit.cautions)), CAUTION],
  };
}

/** Minutes as "4" or "4½". */
export function minutesText(minutes: number): string {
  const halves = Math.round(minutes * 2) / 2;
  return Number.isInteger(halves) ? String(halves) : `${Math.floor(halves) === 0 ? '' : Math.floor(halves)}½`;
}
export const minutesInWords = (minutes: number): string => `${minutesText(minutes)} ${minutes === 1 ? 'minute' : 'minutes'}`;
