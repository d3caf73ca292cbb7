import type { Read } from './document';
import type { Distance, Ending, Stance, Tempo } from './vocabulary';

/** The text as a sentence: a capital at the front, a full stop at the end. */
export function asSentence(text: string): string {
  const trimmed = text.trim();
  return `${trimmed.charAt(0).toUpperCase()}${trimmed.slice(1)}${/[.!?]$/.test(trimmed) ? '' : '.'}`;
}

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

export const TEMPO_WORDS: Record<Tempo, string> = {
  safe: 'Safe to wait.',
  neutral: 'Neither safe nor hurried.',
  actNow: 'Act now.',
  danger: 'Danger: get out.',
};
export const STANCE_WORDS: Record<Stance, string> = {
  standing: 'standing',
  kneeling: 'kneeling',
  combat: 'one knee up',
  lying: 'lying',
  seated: 'sitting',
  squatting: 'squatting',
};
export const DISTANCE_WORDS: Record<Distance, string> = { far: 'far', middle: 'an arm away', close: 'close', tight: 'chest to chest' };
