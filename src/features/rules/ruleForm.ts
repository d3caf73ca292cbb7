import { z } from 'zod';
import type { RuleSet } from '@/core/tree';
import { ruleSetSchema } from '@/documents/tree/schema';

/** The card as it is typed: levels on one line, empty boxes for what is not said. */
export const ruleFormSchema = z
  .object({
    name: z.string().regex(/\S/, 'The card needs a name.').max(160),
    contexts: z.array(z.enum(['gi', 'noGi', 'strikes'])),
    levels: z.string().max(2000),
    forbidden: z.array(
      z.object({
        tag: z.string().regex(/\S/, 'Say what is forbidden, or remove the line.').max(160),
        underAge: z.string().regex(/^\d{0,3}$/, 'An age is a whole number of years.'),
        belowLevel: z.string(),
      }),
    ),
    points: z.array(z.object({ for: z.string(), points: z.string().regex(/^-?\d{1,3}$/, 'Points are a whole number.') })),
    source: z.string().max(4000),
    date: z.string().regex(/^(\d{4}-\d\d-\d\d)?$/, 'A date is year-month-day.'),
  })
  .superRefine((card, context) => {
    const levels = levelsOf(card.levels);
    card.forbidden.forEach(({ belowLevel }, i) => {
      if (belowLevel !== '' && !levels.includes(belowLevel))
        context.addIssue({
          code: 'custom',
          path: ['forbidden', i, 'belowLevel'],
          message: `“${belowLevel}” is not one of the levels of this card.`,
        });
    });
  });
export type RuleForm = z.output<typeof ruleFormSchema>;

export const levelsOf = (line: string): string[] => [
  ...new Set(
    line
      .split(',')
      .map((level) => level.trim())
      .filter((level) => level !== ''),
  ),
];

export const formOf = (card: RuleSet): RuleForm => ({
  name: card.name,
  contexts: [...card.contexts],
  levels: (card.levels ?? []).join(', '),
  forbidden: card.forbidden.map(({ tag, underAge, belowLevel }) => ({
    tag,
    underAge: underAge === undefined ? '' : String(underAge),
    belowLevel: belowLevel ?? '',
  })),
  points: card.points.map((item) => ({ for: item.for, points: String(item.points) })),
  source: card.source ?? '',
  date: card.date ?? '',
});

/** The card that was typed. Throws only if the form let something through that the tree's contract refuses: a bug. */
export function cardOf(id: string, form: RuleForm): RuleSet {
  const levels = levelsOf(form.levels);
  return ruleSetSchema.parse({
    id,
    name: form.name.trim(),
    contexts: form.contexts,
    ...(levels.length > 0 ? { levels } : {}),
    forbidden: form.forbidden.map(({ tag, underAge, belowLevel }) => ({
      tag: tag.trim(),
      ...(Number(underAge) > 0 ? { underAge: Math.min(120, Number(underAge)) } : {}),
      ...(belowLevel === '' ? {} : { belowLevel }),
    })),
    points: form.points.map((item) => ({ for: item.for, points: Number(item.points) })),
    ...(form.source.trim() === '' ? {} : { source: form.source.trim() }),
    ...(form.date === '' ? {} : { date: form.date }),
  });
}
