import { findNecessaryHubs } from '../../structure';
import type { Ending, PositionId } from '../../tree';
import { exactly, type Finder } from '../finding';

/** What everything hangs on. */
export const necessaryHub: Finder<'necessaryHub'> = {
  find: (tree) => {
    const hubs = new Map<PositionId, Ending[]>();
    for (const ending of findNecessaryHubs(tree).endings)
      for (const hub of ending.hubs) hubs.set(hub, [...(hubs.get(hub) ?? []), ending.ends]);
    return exactly([...hubs].map(([position, ends]) => ({ kind: 'necessaryHub', key: `necessaryHub/${position}`, position, ends })));
  },
};
