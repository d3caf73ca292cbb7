const OF = {
  place: 'place',
  move: 'move',
  start: 'guard to start from',
  class: 'class',
  entry: 'catalogue entry',
  card: 'rule card',
  level: 'level on this rule card',
  school: 'school',
  person: 'person',
} as const;

/** An address asked for something that is not there. */
export const sayNotFound = (what: keyof typeof OF, id: string): string => `There is no ${OF[what]} “${id}” here; it may have been removed.`;
