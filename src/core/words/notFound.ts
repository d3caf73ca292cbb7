const OF = {
  place: 'place',
  move: 'move',
  start: 'guard to start from',
  class: 'class',
  entry: 'catalogue entry',
  card: 'rule card',
  level: 'level',
  school: 'school',
  person: 'person',
} as const;
type Named = keyof typeof OF;

/** What is not there, among others: "the rule card “juniors”". */
export const sayUnknown = (what: Named, id: string): string => `the ${OF[what]} “${id}”`;

/** An address asked for something that is not there. */
export const sayNotFound = (what: Named, id: string): string => `There is no ${OF[what]} “${id}” here; it may have been removed.`;
