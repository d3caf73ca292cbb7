/** A chance in [0, 1] in words that never claim certainty: "24 in 100", "under 1 in 100", "over 99 in 100". */
export function inHundred(chance: number): string {
  if (chance < 0.005) return chance === 0 ? '0 in 100' : 'under 1 in 100';
  return chance > 0.995 ? 'over 99 in 100' : `${Math.round(chance * 100)} in 100`;
}

/** Seconds as minutes and seconds: 64 → "1:04". */
export function clock(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

export const plural = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`;

/** "about 13 times in 100 rounds": an expectation, not a promise. */
export function sayTimesARound(times: number): string {
  if (times >= 1) return `about ${times.toFixed(1)} times a round`;
  const inHundredRounds = Math.round(times * 100);
  return inHundredRounds === 0 ? 'under once in 100 rounds' : `about ${plural(inHundredRounds, 'time')} in 100 rounds`;
}
