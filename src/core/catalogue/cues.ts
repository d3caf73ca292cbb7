import { wordsIn } from '../base';

/** A cue that belongs to no place: how he is, rather than what he does. Each of its values wants an answer. */
export interface KnownCue {
  readonly name: string;
  readonly values: readonly string[];
  /** Other words by which it is looked for. */
  readonly called: readonly string[];
}
export const KNOWN_CUES: readonly KnownCue[] = [
  { name: 'his temper', values: ['aggressive', 'patient'], called: ['attitude', 'active', 'passive', 'attacking', 'waiting'] },
  { name: 'his speed', values: ['fast', 'slow'], called: ['pace', 'quick', 'tempo'] },
  {
    name: 'he pushes',
    values: ['into me', 'away from me', 'to the side', 'not at all'],
    called: ['push', 'pressure', 'direction', 'pulls'],
  },
  { name: 'his hips', values: ['facing me', 'flat', 'turned away'], called: ['hip', 'belly', 'turned in'] },
  { name: 'his weight', values: ['on his hands', 'on his hips', 'on his heels'], called: ['balance', 'base', 'leaning'] },
  { name: 'his head', values: ['up', 'down', 'far side', 'near side'], called: ['looks', 'eyes', 'posture'] },
  { name: 'inside knee', values: ['out', 'middle', 'across'], called: ['knee points', 'knee direction'] },
  { name: 'his far arm', values: ['framing', 'hooked under', 'across', 'free'], called: ['elbow', 'hand'] },
  { name: 'timing', values: ['early', 'on time', 'late'], called: ['when', 'too late'] },
];

/** "his hips: facing me, flat, turned away", as it is typed. */
export const sayCue = ({ name, values }: KnownCue): string => `${name}: ${values.join(', ')}`;

/** Cues whose name, values or other words begin with every typed word; one typed with values of its own is none of these. */
export function cuesCalled(typed: string): readonly KnownCue[] {
  const words = wordsIn(typed).filter((word) => word !== 'he' && word !== 'is');
  if (words.length === 0 || words.join('').length < 2 || typed.includes(':')) return [];
  return KNOWN_CUES.filter((cue) => {
    const known = [cue.name, ...cue.values, ...cue.called].flatMap(wordsIn);
    return words.every((word) => known.some((item) => item.startsWith(word)));
  });
}
