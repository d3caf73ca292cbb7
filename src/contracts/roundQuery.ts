import type { OddsQuestion } from '@/core/odds';
import type { PositionId } from '@/core/tree';

/** A told round that is walked on the board. */
export interface WalkedRound {
  readonly start: PositionId;
  readonly seed: number;
  readonly question: OddsQuestion;
}

/** A round as the query of an address, without the question mark; its start is the place of the address. */
export function roundQuery({ start, seed, question }: WalkedRound): string {
  const query = new URLSearchParams({
    at: start,
    round: String(seed),
    seconds: String(question.roundSeconds),
    read: String(question.readSkill),
  });
  if (question.ask === 'knowing') query.set('freely', String(question.freely));
  return query.toString();
}

interface Found {
  readonly round?: number | undefined;
  readonly seconds?: number | undefined;
  readonly read?: number | undefined;
  readonly freely?: number | undefined;
}
/** The round that an address names; null = none. */
export function roundFrom({ round, seconds = 300, read = 1, freely }: Found, start: PositionId | null): WalkedRound | null {
  if (round === undefined || start === null) return null;
  const asked = { roundSeconds: seconds, readSkill: read };
  return { start, seed: round, question: freely === undefined ? { ask: 'opponent', ...asked } : { ask: 'knowing', freely, ...asked } };
}
