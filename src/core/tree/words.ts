import type { Read } from './document';
import type { Ending } from './vocabulary';

/** "I cut the knee across", however the coach typed it. */
export const sayMine = (name: string): string => (/^I\b/.test(name) ? name : `I ${name}`);
export const sayHis = (name: string): string => (/^he\b/i.test(name) ? name : `he ${name}`);

/** What is shown, as a coach says it: a reaction is simply what he does, a cue is named. */
export const sayShown = (read: Pick<Read, 'kind' | 'name'>, valueName: string): string =>
  read.kind === 'reaction' ? `he ${valueName}` : `${read.name}: ${valueName}`;

export const ENDING_WORDS: Record<Ending, string> = {
  settled: 'settled',
  back: 'back taken',
  submission: 'submission',
  swept: 'swept',
  submitted: 'submitted',
  escaped: 'he is away',
};
