import { isDay } from '@/client/days';
import type { Athlete } from '@/core/people';

type Absence = NonNullable<Athlete['absences']>[number];

const endsOf = (text: string): Absence => {
  const [from = '', to = from] = text.split(/\s+to\s+/).map((day) => day.trim());
  return { from, to };
};

/** What is wrong with "2026-12-01 to 2026-12-06", or with one day alone; null = nothing. */
export function absenceProblem(text: string): string | null {
  const { from, to } = endsOf(text);
  const wrong = [from, to].find((day) => !isDay(day));
  if (wrong !== undefined) return `“${wrong}” is no day. Write one like 2026-12-01, several like 2026-12-01 to 2026-12-06.`;
  return from > to ? `“${text}” ends before it begins.` : null;
}

/** Of texts that have been checked. */
export const parseAbsences = (texts: readonly string[]): Absence[] => texts.map(endsOf);

export const sayAbsence = ({ from, to }: Absence): string => (from === to ? from : `${from} to ${to}`);
