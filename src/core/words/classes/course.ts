import { drills, type DrillUnit, type Due } from '../../classes';
import { indexOf, type TreeDocument } from '../../tree';
import { sayMove } from '../tree';

/** Of a hundred rounds, to a tenth: courses differ by little. */
const tenths = (worth: number): string => (worth * 100).toFixed(1);
/** From here on it is said why so much more seems to be possible. */
const GENEROUS = 1.1;
/** What a course is worth, and what no course could be worth more than, in points of V. */
export function sayCourse(worth: number, bound: number): string {
  const could =
    bound <= worth * 1.0005 ? 'No course of these evenings is worth more.' : `No course could be worth more than ${tenths(bound)} in 100.`;
  const note =
    bound > worth * GENEROUS
      ? ' (That figure is generous: it counts a move anew in each drill of it, and lets a class be about everything.)'
      : '';
  return `All these classes together are worth ${tenths(worth)} in 100 rounds. ${could}${note}`;
}

/** What has not come by its day, a sentence each with why; `missed`: numbers of what is due. */
export function sayOverdue(
  tree: TreeDocument,
  due: readonly Due[],
  missed: ReadonlySet<number>,
  { evenings, units }: { readonly evenings: readonly { readonly date: string }[]; readonly units: readonly DrillUnit[] },
): string[] {
  const { transitions } = indexOf(tree);
  return due.flatMap(({ move, by }, i) => {
    if (!missed.has(i)) return [];
    const found = transitions.get(move);
    if (!found) return [`A move that was to come by ${by} is no longer in the tree.`];
    const what = `“${sayMove(found)}” was to come by ${by}`;
    if (!evenings.some(({ date }) => date <= by)) return [`${what}: no evening that is to be planned is before that.`];
    if (!units.some((unit) => drills(unit, move))) return [`${what}: there is no drill of it that these people may do.`];
    return [`${what}: no class that keeps the rules has room for it.`];
  });
}

const hundredths = (part: number): number => Math.round(part * 100);
/** Balances that are missed, a sentence each; `missed` in [0, 1] of all work minutes. */
export const sayMissed = (balance: readonly { readonly name: string; readonly least: number }[], missed: readonly number[]): string[] =>
  balance.flatMap(({ name, least }, i) =>
    missed[i]! > 0.005
      ? [
          `Of 100 minutes of work planned here only ${hundredths(least - missed[i]!)} count as “${name}”; ${hundredths(least)} were asked for.`,
        ]
      : [],
  );
