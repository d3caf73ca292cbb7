import { findLoopPlaces } from '../../structure';
import { type Finder } from '../finding';

export const costlyCycle: Finder<'costlyCycle'> = {
  find: (tree) => {
    const { places, status } = findLoopPlaces(tree);
    const list = places.map(({ from, to, positions }) => ({
      kind: 'costlyCycle' as const,
      key: `costlyCycle/${from}>${to}`,
      position: from,
      to,
      positions,
    }));
    return { list, status };
  },
};
