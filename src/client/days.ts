import { isValid, parseISO } from 'date-fns';

export const isDay = (text: string): boolean => /^\d{4}-\d\d-\d\d$/.test(text) && isValid(parseISO(text));
/** What is wrong with a typed day, as a sentence; null = nothing. */
export const dayProblem = (text: string): string | null => (isDay(text) ? null : `“${text}” is no day. Write one like 2026-12-01.`);
/** The same of a time; none is no mistake. */
export const timeProblem = (text: string): string | null =>
  text === '' || /^([01]\d|2[0-3]):[0-5]\d$/.test(text) ? null : `“${text}” is no time. Write one like 18:30.`;
