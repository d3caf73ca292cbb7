/** Words that end like a verb of the third person and are none. */
const NO_VERBS: ReadonlySet<string> = new Set([
  ...[
    'across',
    'always',
    'towards',
    'sideways',
    'upwards',
    'downwards',
    'backwards',
    'forwards',
    'inwards',
    'outwards',
    'less',
    'his',
    'this',
  ],
  ...[
    'hips',
    'knees',
    'feet',
    'legs',
    'arms',
    'hands',
    'toes',
    'heels',
    'shins',
    'shoulders',
    'elbows',
    'ankles',
    'hooks',
    'frames',
    'grips',
  ],
]);
const isVerb = (word: string): boolean =>
  /^(?:is|are|was|were)$/.test(word) || (/^[a-z]{3,}s$/.test(word) && !/ss$/.test(word) && !NO_VERBS.has(word));
/** Alone they are what one part of him does: "near arm frames". */
const DOES_ALONE: ReadonlySet<string> = new Set(['frames', 'grips', 'hooks']);
const isPlural = (name: string): boolean => /(?:[^s]s|feet)$/.test(name.trim()) && !/\bhis$/.test(name);

/**
 * A cue as part of a sentence: "his hips are flat or turned in", "inside knee points out", "he pushes to the side", "my timing is
 * late". `values` are alternatives.
 */
export function sayCueClause(name: string, values: readonly string[]): string {
  const said = values.join(' or ');
  // "his hook is flat" is said already: a time that is told by what is seen.
  if (/^timing$/i.test(name) && values.every((value) => OWN_SUBJECT.test(value))) return said;
  const subject = /^timing$/i.test(name) ? 'my timing' : name;
  const [first = ''] = (values[0] ?? '').toLowerCase().split(/\s+/);
  // "he pushes": the name has its verb already.
  const isDone = DOES_ALONE.has((values[0] ?? '').trim().toLowerCase()) && !isPlural(subject);
  if (/^he\s+[a-z]+s\b/i.test(name) || /^I\s+[a-z]+\b/.test(name) || isVerb(first) || isDone) return `${subject} ${said}`;
  return `${subject} ${isPlural(subject) ? 'are' : 'is'} ${said}`;
}

/** What stands for a whole clause already: "his hips rise", "the hook comes out". */
const OWN_SUBJECT = /^(?:I|he|his|him|the|my|our|both|a|an|one of|nothing|no one)\b/i;
/** A part of him without "his": "free leg comes over". */
const HIS_PART =
  /^(?:free|near|far|left|right|top|bottom|upper|lower|inside|outside|inner|outer)\s+(?:leg|foot|knee|shin|hip|arm|hand|elbow|hook|shoulder|heel|ankle|thigh)\b/i;

/** What he does, as a clause: "he frames", "his hips rise", "his free leg comes over". */
export const sayHeClause = (said: string): string => (OWN_SUBJECT.test(said) ? said : HIS_PART.test(said) ? `his ${said}` : `he ${said}`);
