import { inHundred } from '../figures';

/** What a course is worth, and what no course could be worth more than, in points of V. */
export function sayCourse(worth: number, bound: number, isAboutOne: boolean): string {
  const could =
    bound <= worth * 1.0005 ? 'No course of these evenings is worth more.' : `No course could be worth more than ${inHundred(bound)}.`;
  const note = isAboutOne && bound > worth * 1.0005 ? ' (That figure lets every class be about everything at once, in any order.)' : '';
  return `All these classes together are worth ${inHundred(worth)} rounds. ${could}${note}`;
}

/** Balances that are missed, a sentence each; `missed` in [0, 1] of all work minutes. */
export const sayMissed = (balance: readonly { readonly name: string; readonly least: number }[], missed: readonly number[]): string[] =>
  balance.flatMap(({ name, least }, i) =>
    missed[i]! > 0.005
      ? [
          `Of 100 minutes of work planned here only ${Math.round((least - missed[i]!) * 100)} are of ${name}; ${Math.round(least * 100)} were asked for.`,
        ]
      : [],
  );
