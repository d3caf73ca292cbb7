import { once } from '../base';
import { grips } from './data/grips';
import { halfAndClosed } from './data/halfAndClosed';
import { legsAndHubs } from './data/legsAndHubs';
import { moves } from './data/moves';
import { openGuards } from './data/openGuards';
import { pinsAndBack } from './data/pinsAndBack';
import { parseGrips, parsePositions, parseTransitions } from './parse';
import type { Catalogue } from './types';

/** The catalogue that ships with the program, parsed at first use. */
export const getCatalogue = once((): Catalogue => {
  const positions = [openGuards, halfAndClosed, legsAndHubs, pinsAndBack].flatMap(parsePositions);
  const steps = parseGrips(grips);
  const transitions = parseTransitions(moves, positions).map((entry) => {
    const written = steps.get(entry.transition.id);
    return written ? { ...entry, transition: { ...entry.transition, steps: written } } : entry;
  });
  return { positions, transitions };
});
