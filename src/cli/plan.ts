import { z } from 'zod';
import { NOTHING_KNOWN, repetitionsOf, unitMinutes, type ClassSettings, type Proposal } from '@/core/classes';
import type { Athlete } from '@/core/people';
import { familyFacts, RANGES, type TreeDocument } from '@/core/tree';
import { sayGap, sayImpossible, sayLeftOut, sayNotMet, sayReasons, sayUnit } from '@/core/words';
import { athleteSchema } from '@/documents/athlete/schema';
import { proposeFrom, type Theme } from '@/server/services/classes/proposing';
import { handMadeReport, idProblems, orderSchema, unitsSchema } from './handMade';
import { readJsonFile } from './readJsonFile';
import { complain, readTree } from './readTree';

const USAGE =
  'Usage: npm run -s plan -- TREE [--minutes MINUTES] [--people FILE] [--theme PLACE|SCHOOL] [--new COUNT], ' +
  'or npm run -s plan -- --units FILE [--order FILE]';
const FLAGS = ['--minutes', '--people', '--theme', '--new', '--units', '--order'] as const;
const peopleSchema = z.strictObject({
  format: z.literal('red-ladder-people'),
  version: z.literal(1),
  athletes: z.array(athleteSchema).min(RANGES.people.min, 'a class has at least 2 people').max(RANGES.people.max),
});

function parsed(args: readonly string[]): { file: string | null; flags: ReadonlyMap<string, string> } | string {
  const flags = new Map<string, string>();
  let file: string | null = null;
  for (let i = 0; i < args.length; i++) {
    const arg = args[i]!;
    if (!arg.startsWith('--')) {
      if (file !== null) return `There is more than one tree. ${USAGE}`;
      file = arg;
    } else if (!(FLAGS as readonly string[]).includes(arg)) return `${arg} is not known here. ${USAGE}`;
    else if (args[i + 1] === undefined) return `${arg} needs a value. ${USAGE}`;
    else flags.set(arg, args[++i]!);
  }
  return { file, flags };
}

/** The whole number of a flag within a range, what stands for it when it is not given, or a sentence. */
function numberOf(
  flags: ReadonlyMap<string, string>,
  flag: string,
  usual: number,
  { min, max }: { min: number; max: number },
): number | string {
  const given = flags.get(flag);
  if (given === undefined) return usual;
  const number = Number(given);
  return Number.isInteger(number) && number >= min && number <= max
    ? number
    : `${flag} is a whole number from ${min} to ${max}, not "${given}".`;
}

function themeFrom(tree: TreeDocument, given: string | undefined): Theme | string {
  if (given === undefined) return null;
  const place = tree.positions.find(({ id, name }) => id === given || name.toLowerCase() === given.toLowerCase());
  if (place) return { place: place.id };
  if (tree.schools?.includes(given)) return { school: given };
  const hubs = tree.positions.filter(({ family }) => familyFacts(family).isHub).map(({ id }) => id);
  const some = [...hubs, ...(tree.schools ?? [])].slice(0, 12).join(', ');
  return `--theme: there is no place or school "${given}" in this tree. It has ${some} …`;
}

const sent = (tree: TreeDocument, proposal: Proposal, settings: ClassSettings) => ({
  about: proposal.about,
  minutes: proposal.minutes,
  worth: proposal.worth,
  gap: proposal.gap,
  sure: sayGap(proposal.gap),
  notMet: sayNotMet((key) => key, proposal, settings.warmUpMinutes + settings.debriefMinutes),
  units: proposal.chosen.map((item) => ({
    ...item.unit.spec,
    name: sayUnit(tree, item.unit),
    phase: item.unit.phase,
    minutes: unitMinutes(item.unit, settings),
    demonstration: item.unit.demonstrationMinutes,
    work: item.unit.workMinutes,
    resistance: item.unit.stages.map(({ resistance }) => resistance),
    benefit: item.benefit,
    why: sayReasons(tree, item, proposal.chosen),
    repetitions: repetitionsOf([item.unit], settings),
  })),
  leftOut: proposal.leftOut.map((item) => ({
    ...item.unit.spec,
    name: sayUnit(tree, item.unit),
    benefit: item.benefit,
    why: sayLeftOut(item),
  })),
});

async function proposed(file: string, flags: ReadonlyMap<string, string>): Promise<number> {
  const read = await readTree(file);
  if (!read.ok) return complain(read.error);
  const minutes = numberOf(flags, '--minutes', 60, RANGES.slotMinutes);
  const mostNew = numberOf(flags, '--new', 3, { min: 0, max: 20 });
  const theme = themeFrom(read.value, flags.get('--theme'));
  for (const wrong of [minutes, mostNew, theme]) if (typeof wrong === 'string') return complain([wrong]);
  const named = flags.get('--people');
  const people = named === undefined ? null : await readJsonFile(named, peopleSchema);
  if (people && !people.ok) return complain(people.error);
  const athletes = (people ? people.value.athletes : []) as readonly Athlete[];
  const settings: ClassSettings = {
    ...{
      slotMinutes: minutes as number,
      people: athletes.length || 12,
      bothSides: true,
      warmUpMinutes: 6,
      debriefMinutes: 4,
      changeOverMinutes: 0,
    },
  };
  const found = await proposeFrom(read.value, {
    ...{ settings, filter: {}, athletes, known: NOTHING_KNOWN, theme: theme as Theme, musts: [], mustNots: [], mostNew: mostNew as number },
  });
  if ('impossible' in found.first)
    return complain([sayImpossible(found.first, found.around, found.candidates.length > 0, found.isNobodyAllowed)]);
  const proposals = [found.first, ...(found.second ? [found.second] : [])].map((item) => sent(found.tree, item, settings));
  process.stdout.write(`${JSON.stringify({ settings, proposals }, null, 2)}\n`);
  return 0;
}

async function checked(file: string, orderFile: string | undefined): Promise<number> {
  const units = await readJsonFile(file, unitsSchema);
  if (!units.ok) return complain(units.error);
  const order = orderFile === undefined ? null : await readJsonFile(orderFile, orderSchema);
  if (order && !order.ok) return complain(order.error);
  const wrong = idProblems(units.value, order && order.value);
  if (wrong.length > 0) return complain(wrong);
  process.stdout.write(`${JSON.stringify(handMadeReport(units.value, order && order.value), null, 2)}\n`);
  return 0;
}

/** `npm run -s plan -- TREE …` proposes a class; `--units FILE` does the arithmetic of hand-made units (docs/class-files.md). */
export async function main(args: readonly string[]): Promise<number> {
  const found = parsed(args);
  if (typeof found === 'string') return complain([found]);
  const { file, flags } = found;
  const units = flags.get('--units');
  if (units !== undefined && file === null) return checked(units, flags.get('--order'));
  if (file === null || units !== undefined) return complain([USAGE]);
  return proposed(file, flags);
}
