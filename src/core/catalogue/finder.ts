import type { Distance, Position, Stance } from '../tree';
import { contradict, isSign, type Sign } from './signs';

/** What the coach has ticked. */
export interface Seen {
  readonly signs: readonly Sign[];
  readonly stance?: Stance;
  readonly distance?: Distance;
}
export interface Place {
  readonly position: Position;
  readonly signs: readonly Sign[];
}
export interface Match {
  readonly place: Place;
  /** (matches − contradictions) ÷ declared features, in [−1, 1]. */
  readonly share: number;
  readonly matches: number;
  readonly contradictions: number;
  readonly declared: number;
  /** Rank from 1; places that match equally well share it. */
  readonly rank: number;
}

export const hasTicks = (seen: Seen): boolean => seen.signs.length > 0 || seen.stance !== undefined || seen.distance !== undefined;

/** A position of a tree as a place to find: its own signs; unknown words are no signs. */
export const placeOf = (position: Position): Place => ({ position, signs: (position.signs ?? []).filter(isSign) });

/** How a place fits what is seen. A tick that the place says nothing about neither helps nor hurts. */
function fit(place: Place, seen: Seen): Omit<Match, 'rank'> {
  const { stance, distance } = place.position;
  const declared = place.signs.length + (stance ? 1 : 0) + (distance ? 1 : 0);
  let matches = seen.signs.filter((sign) => place.signs.includes(sign)).length;
  let contradictions = seen.signs.filter((sign) => place.signs.some((other) => contradict(sign, other))).length;
  for (const [ticked, known] of [
    [seen.stance, stance],
    [seen.distance, distance],
  ] as const) {
    if (ticked === undefined || known === undefined) continue;
    if (ticked === known) matches++;
    else contradictions++;
  }
  return { place, matches, contradictions, declared, share: declared === 0 ? 0 : (matches - contradictions) / declared };
}

/**
 * Places that match what is seen, best first: by ticks met less ticks contradicted, then by the share of their declared
 * features that match, so that a place of which little is written down does not come before one that explains more of
 * what is seen. Ties keep their order and share a rank. Places without a match are left out. O(places × ticks).
 */
export function findCandidates(places: readonly Place[], seen: Seen): Match[] {
  if (!hasTicks(seen)) return [];
  const found = places.map((place) => fit(place, seen)).filter((match) => match.matches > 0 && match.share > 0);
  const met = (match: Omit<Match, 'rank'>): number => match.matches - match.contradictions;
  found.sort((a, b) => met(b) - met(a) || b.share - a.share);
  let rank = 0;
  return found.map((match, i) => {
    const before = found[i - 1];
    if (!before || met(match) < met(before) || match.share < before.share - 1e-12) rank = i + 1;
    return { ...match, rank };
  });
}
