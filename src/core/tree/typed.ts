/** A line as it was typed, without its cue: "his hips: flat" is the cue "his hips" and "flat". A time of day or clock ("0:30") is no cue. */
export function splitCue(typed: string): { readonly cue: string | null; readonly rest: string } {
  const [, before, after] = /^([^:]{1,80}?)\s*(?:(?<!\d):|:(?!\d))\s*(\S.*)$/s.exec(typed.trim()) ?? [];
  return before === undefined || after === undefined ? { cue: null, rest: typed.trim() } : { cue: before.trim(), rest: after };
}

/** He does nothing in particular, in whichever words: there is one value of that meaning at a place (MODEL §1). */
export const meansNothing = (typed: string): boolean =>
  /^(he )?(shows |does )?(nothing( special| in particular| else)?|no reaction|(does not|doesn['’]t) react)[.!]?$/i.test(typed.trim());
