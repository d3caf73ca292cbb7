import { z } from 'zod';
import {
  checkOrder,
  classTimeOf,
  findDrop,
  inOrder,
  PHASES,
  repetitionsFor,
  RISE_LIMIT,
  sidesOf,
  tooShort,
  type Phase,
  type Droppable,
  type Ordered,
} from '@/core/classes';
import { RANGES } from '@/core/tree';

const id = z.string().min(1).max(120);
const minutes = z.number().min(0).max(240);
const percent = z.number().min(0).max(100);
const range = z.tuple([percent, percent]);

/** Units made by hand, of any tree or none (docs/class-files.md). */
export const unitsSchema = z.strictObject({
  format: z.literal('red-ladder-units'),
  version: z.literal(1),
  slotMinutes: z.number().int().min(RANGES.slotMinutes.min, 'a slot has at least 5 minutes').max(RANGES.slotMinutes.max),
  people: z.number().int().min(RANGES.people.min, 'a class has at least 2 people').max(RANGES.people.max),
  bothSides: z.boolean().default(true),
  warmUpMinutes: minutes.default(0),
  debriefMinutes: minutes.default(0),
  changeOverMinutes: minutes.default(0),
  swapMinutes: minutes.default(0),
  /** Points that resistance may rise by at once. */
  limit: percent.default(RISE_LIMIT),
  cap: percent.nullable().default(null),
  /** Ids that two thirds of those who come have been taught. */
  known: z.array(id).default([]),
  musts: z.array(id).default([]),
  /** Paths a minute. */
  pace: z.number().positive().max(60).default(1),
  units: z
    .array(
      z.strictObject({
        id,
        phase: z.enum(PHASES as unknown as [Phase, ...Phase[]]).default('parts'),
        solo: z.boolean().default(false),
        demonstration: minutes.default(0),
        work: minutes.default(0),
        sides: z.union([z.literal(1), z.literal(2)]).optional(),
        /** Of every stage. */
        resistance: z
          .array(range)
          .min(1)
          .max(12)
          .default([[0, 0]]),
        needs: z.array(id).default([]),
        benefit: z.number().default(0),
        paths: z.array(z.strictObject({ moves: z.array(id).min(1), share: z.number().min(0).optional() })).default([]),
      }),
    )
    .min(1, 'there is no unit')
    .max(60),
});
export type HandMade = z.output<typeof unitsSchema>;
export const orderSchema = z.array(id).max(60);

/** What is wrong with ids that should name one another, as sentences; [] = nothing. */
export function idProblems({ units, musts }: HandMade, order: readonly string[] | null): string[] {
  const ids = units.map((unit) => unit.id);
  const twice = ids.filter((item, i) => ids.indexOf(item) < i).map((item) => `units: the id "${item}" stands twice.`);
  const strange = [...new Set([...musts, ...(order ?? [])])]
    .filter((item) => !ids.includes(item))
    .map((item) => `there is no unit "${item}".`);
  const missing = order ? ids.filter((item) => !order.includes(item)).map((item) => `the order leaves out "${item}".`) : [];
  return [...twice, ...strange, ...missing];
}

/** All arithmetic and checks of hand-made units: minutes, the cheapest drop, order, resistance, repetitions. */
export function handMadeReport(given: HandMade, order: readonly string[] | null) {
  const byId = new Map(given.units.map((unit) => [unit.id, unit]));
  const listed = order ? order.map((item) => byId.get(item)!) : given.units;
  const units = listed.map((unit): Droppable & Ordered => ({
    ...{ key: unit.id, kind: unit.solo ? ('solo' as const) : ('move' as const), phase: unit.phase, prerequisites: unit.needs },
    ...{ demonstrationMinutes: unit.demonstration, workMinutes: unit.work, sides: unit.sides ?? null, benefit: unit.benefit },
    stages: unit.resistance.map((resistance) => ({ resistance })),
  }));
  const time = classTimeOf(units, given);
  const drop = findDrop(units, given, given.musts);
  const known = new Set(given.known);
  return {
    minutes: {
      ...{
        total: time.totalMinutes,
        slot: given.slotMinutes,
        overrun: Math.max(0, time.overrunMinutes),
        free: Math.max(0, -time.overrunMinutes),
      },
      units: units.map(({ key }) => ({ id: key, minutes: time.perUnit.get(key)! })),
      tooShort: tooShort(units, given),
    },
    drop: { ids: drop.keys, minutes: drop.minutes, others: drop.others, missing: drop.missing, status: drop.status },
    findings: checkOrder(units, { known, limit: given.limit, cap: given.cap }),
    inOrder: inOrder(units).map(({ key }) => key),
    repetitions: listed
      .filter(({ paths }) => paths.length > 0)
      .map((unit) => {
        const counted = repetitionsFor(
          unit.paths.map(({ moves, share }) => ({ transitions: moves, ...(share === undefined ? {} : { share }) })),
          unit.work,
          given.pace,
        );
        const isBoth = sidesOf({ sides: unit.sides ?? null }, given) === 2;
        return { id: unit.id, moves: [...counted].map(([move, count]) => ({ move, left: isBoth ? count : 0, right: count })) };
      }),
  };
}
