import { cyclesOf } from './cycles';
import { type Finder } from '../finding';

/** A board lists the first costly loops, not the thousands that a dense tree has. */
const LISTED_CYCLES = 200;

export const costlyCycle: Finder<'costlyCycle'> = {
  find: (tree) => {
    const { cycles, status } = cyclesOf(tree);
    const costly = cycles.filter((cycle) => cycle.kind === 'costly').slice(0, LISTED_CYCLES);
    const list = costly.map(({ positions }) => ({
      kind: 'costlyCycle' as const,
      key: `costlyCycle/${positions.join('>')}`,
      position: positions[0]!,
      positions,
    }));
    return { list, status };
  },
};
