/** What a gym has settled for all its classes; what is not said is as usual. */
export interface GymSettings {
  readonly id: typeof SETTINGS_ID;
  readonly name: string;
  /** From this age on somebody is an adult. */
  readonly adultAge?: number;
  /** Days after which half of what was taught once is gone, and how much longer each good session more makes it last. */
  readonly halfLifeDays?: number;
  readonly growth?: number;
  /** Minutes of a class that is made anew: between units, and between partners and sides. */
  readonly changeOverMinutes?: number;
  readonly swapMinutes?: number;
}
/** There is one of them in a gym. */
export const SETTINGS_ID = 'settings';
export const USUAL_SETTINGS: GymSettings = { id: SETTINGS_ID, name: 'Our gym' };
