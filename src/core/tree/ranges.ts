/** The range of a number that is typed: the one that its field shows, and that its schema refuses beyond. */
export interface Range {
  readonly min: number;
  readonly max: number;
  /** Smallest step that is kept; 1 = whole numbers. */
  readonly step: number;
}
const whole = (min: number, max: number): Range => ({ min, max, step: 1 });
const quarters = (min: number, max: number): Range => ({ min, max, step: 0.25 });

export const RANGES = {
  seconds: { min: 0, max: 3600, step: 0.5 },
  priority: whole(-1000, 1000),
  age: whole(1, 120),
  waysInAll: whole(1, 200),
  slotMinutes: whole(5, 240),
  people: whole(2, 200),
  warmUpMinutes: quarters(0, 60),
  debriefMinutes: quarters(0, 60),
  changeOverMinutes: quarters(0, 10),
  workMinutes: { min: 0.25, max: 60, step: 0.25 },
  demonstrationMinutes: quarters(0, 30),
  halfLifeDays: whole(1, 365),
  growth: { min: 1, max: 4, step: 0.05 },
  kilos: { min: 15, max: 250, step: 0.5 },
} as const satisfies Record<string, Range>;

/** The most letters of a name. */
export const NAME_LENGTH = 160;
