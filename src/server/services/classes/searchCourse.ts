import { planCourseInPieces, polishCourse, type CourseWorld, type PlannedCourse } from '@/core/classes';
import { Cancelled, letOthersIn } from '@/documents/letOthersIn';
import { log } from '../../log';
import { solveProgramme } from '../../solver/solveProgramme';

/** Rounds of the search, each of which looks at every evening: some seconds. */
const TRIES = 240_000;
const LEAST_TRIES = 2000;
/** The share of the time that the search takes where it is polished afterwards. */
const SEARCHING = 0.1;
const POLISH_MS = 60_000;
const EVENING_SECONDS = 6;

export interface Run {
  readonly signal?: AbortSignal;
  /** A share in [0, 1]. */
  readonly onProgress?: (share: number) => void;
}

/** A course for the evenings that are open: searched for in pieces; polished, if it is asked for, in the solver's thread. */
export async function searchCourse(world: CourseWorld, isPolished: boolean, run: Run): Promise<PlannedCourse> {
  const tries = Math.max(LEAST_TRIES, Math.round(TRIES / Math.max(1, world.evenings.length)));
  const part = { ...run, onProgress: (share: number) => run.onProgress?.((isPolished ? SEARCHING : 1) * share) };
  const found = await letOthersIn(planCourseInPieces(world, tries), part);
  if (!isPolished) return found;
  try {
    return await polished(world, found, run);
  } catch (error) {
    if (error instanceof Cancelled) throw error;
    // What was found is as good as without it.
    log.error(error, 'a course could not be polished');
    return found;
  }
}

/** Given up when nobody waits for it any more. */
async function polished(world: CourseWorld, found: PlannedCourse, { signal, onProgress }: Run): Promise<PlannedCourse> {
  const began = Date.now();
  const passed = (): number => (Date.now() - began) / POLISH_MS;
  const better = await polishCourse(world, found, (programme) => solveProgramme(programme, EVENING_SECONDS), {
    isOver: () => signal?.aborted === true || passed() >= 1,
    onEvening: () => onProgress?.(Math.min(1, SEARCHING + (1 - SEARCHING) * passed())),
  });
  if (signal?.aborted === true) throw new Cancelled();
  return better;
}
