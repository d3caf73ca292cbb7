import { once } from '../base';
import { halfAndClosed } from './data/halfAndClosed';
import { legsAndHubs } from './data/legsAndHubs';
import { moves } from './data/moves';
import { openGuards } from './data/openGuards';
import { pinsAndBack } from './data/pinsAndBack';
import { parsePositions, parseTransitions } from './parse';
import type { Catalogue } from './types';

/** The catalogue that ships with the program, parsed at first use. */
export const getCatalogue = once((): Catalogue => {
  const positions = [openGuards, halfAndClosed, legsAndHubs, pinsAndBack].flatMap(parsePositions);
  return { positions, transitions: parseTransitions(moves, positions) };
});
