import { GAME_FIELDS, gameIn, withGame, type Opponent } from '@/core/people';
import type { Profile } from '@/core/tree';

/** A person's patch, as one tree sees him, put to the person that the gym keeps. */
export function withPatch<P extends Opponent>(person: P, treeId: string, patch: Partial<Profile>, said: readonly string[]): P {
  const isGame = (field: string): boolean => (GAME_FIELDS as readonly string[]).includes(field);
  const entries = Object.entries(patch).filter(([field]) => said.includes(field) && field !== 'of' && field !== 'id');
  const game = { ...gameIn(person, treeId), ...Object.fromEntries(entries.filter(([field]) => isGame(field))) };
  return withGame({ ...person, ...Object.fromEntries(entries.filter(([field]) => !isGame(field))) }, game);
}

/** Only what was changed on the form: the rest may have been changed by somebody else meanwhile. */
export function withForm<T extends object>(now: T, before: T, next: T): T {
  const fields = [...new Set([...Object.keys(before), ...Object.keys(next)])] as (keyof T)[];
  const changed = fields.filter((field) => JSON.stringify(before[field]) !== JSON.stringify(next[field]));
  return { ...now, ...Object.fromEntries(changed.map((field) => [field, next[field]])) };
}
