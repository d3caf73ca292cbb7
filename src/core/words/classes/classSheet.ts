import { classTimeOf, feederOf, sideOf, type ClassSettings, type DrillUnit } from '../../classes';
import { filterTree, isFiltering, type Filter } from '../../lens';
import { indexOf, positionOf, type TreeDocument } from '../../tree';
import { usualCautions } from '../cautions';
import {
  FEEDER_RULE,
  feederSentence,
  minutesText,
  resistanceText,
  sayPartners,
  UNIT_WORDS,
  unitTitle,
  unitWatch,
  unitWhat,
} from './drills';
import { HIDDEN_WORDS } from '../filter';
import { sayMine } from '../tree';

/** One row of the printed class, from the first minute to the last. */
export interface SheetRow {
  /** Of its unit; null = warm-up, free minutes, close. */
  readonly key: string | null;
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

export const CAUTION =
  'Tap early, release at once, supervise beginners. The gym’s rules and the event’s current rule book come first; medical questions to a doctor.';

/** What the class is filtered for, in words; and every drilled move that this filter takes away. */
function rulesOf(tree: TreeDocument, units: readonly DrillUnit[], filter: Filter): string[] {
  if (!isFiltering(filter)) return [];
  const { hidden } = filterTree(tree, filter);
  const moves = new Set(units.flatMap((unit) => unit.transitions));
  const barred = tree.transitions.filter((transition) => moves.has(transition.id) && hidden.has(transition.id));
  const card = tree.ruleSets?.find((item) => item.id === filter.ruleSet);
  const named = card ? [`Under “${card.name}”${card.date ? `, a card of ${card.date}` : ''}: check the current rule book.`] : [];
  return [...barred.map((transition) => `“${sayMine(transition.name)}”: ${HIDDEN_WORDS[hidden.get(transition.id)!]}.`), ...named];
}

/** The usual warnings of the places that a unit goes through. */
const usualAt = (tree: TreeDocument, { transitions }: DrillUnit): string[] => {
  const index = indexOf(tree);
  return transitions.flatMap((id) => usualCautions(tree.owner, positionOf(index, index.transitions.get(id)!.from)));
};

/** Movements of the day’s moves, without a partner. */
function warmUpOf(tree: TreeDocument, units: readonly DrillUnit[]): string {
  const moves = [...new Set(units.flatMap(({ transitions }) => transitions))].map((id) => indexOf(tree).transitions.get(id)!);
  const own = moves.filter(({ actor }) => actor === 'owner').map(({ name }) => name.replace(/^I\s+/, ''));
  return `alone, slowly: ${own.length > 0 ? `${own.slice(0, 4).join('; ')}` : 'the movements of today’s moves'}`;
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
  const plain = { key: null, feeder: [], resistance: '', watch: [] };
  if (settings.warmUpMinutes > 0) add({ ...plain, minutes: settings.warmUpMinutes, title: 'Warm-up', what: warmUpOf(tree, units) });
  for (const unit of units) {
    add({
      minutes: perUnit.get(unit.key)!,
      title: `${UNIT_WORDS[unit.kind]}: ${unitTitle(tree, unit)}`,
      what: unitWhat(tree, unit),
      key: unit.key,
      feeder: feederOf(unit).map((line) => feederSentence(sideOf(tree, unit.spec), line)),
      resistance: resistanceText(unit),
      watch: unitWatch(tree, unit),
    });
  }
  if (overrunMinutes < 0) add({ ...plain, minutes: -overrunMinutes, title: 'Free', what: 'rounds from today’s positions, or questions' });
  if (settings.debriefMinutes > 0) add({ ...plain, minutes: settings.debriefMinutes, title: 'Wrap-up', what: 'what worked, what did not' });
  const planned = `${minutesText(totalMinutes)} of ${settings.slotMinutes} minutes planned`;
  return {
    title: `${tree.name}: class of ${settings.slotMinutes} minutes`,
    summary: [
      `${sayPartners(settings)}; every partner in both roles, ${settings.bothSides ? 'both sides' : 'one side'}; ${planned}.`,
      ...(units.length > 0 ? [FEEDER_RULE] : []),
    ].join(' '),
    rows,
    cautions: [
      ...rulesOf(tree, units, settings.filter ?? {}),
      ...new Set(units.flatMap((unit) => [...usualAt(tree, unit), ...unit.cautions])),
      CAUTION,
    ],
  };
}
