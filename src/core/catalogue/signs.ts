/** What can be seen at a glance, in groups; one tick each. Stance and distance come from the position itself. */
export const SIGN_GROUPS = [
  {
    group: 'His legs',
    exclusive: true,
    signs: {
      'legs-locked': 'locked round my body',
      'leg-between': 'one of mine is caught between his',
      'leg-wrapped': 'both wound round one of mine',
      'legs-open': 'open, pointing at me',
      'legs-up': 'high, his hips off the mat',
      'legs-aside': 'both to one side of me',
      'legs-past': 'out of the way',
    },
  },
  {
    group: 'His feet and knees',
    exclusive: false,
    signs: {
      'feet-on-hips': 'both feet on my hips',
      'foot-on-hip': 'one foot on my hip',
      'foot-on-biceps': 'a foot on my biceps',
      'leg-round-arm': 'a leg wound round my arm',
      'hook-outside': 'a hook outside my lead leg',
      'hook-behind': 'a hook inside, behind my lead knee',
      'two-hooks': 'two hooks under my thighs',
      'one-hook': 'one hook under my thigh',
      'shin-on-shin': 'his shin against my shin',
      'knee-across': 'a knee across my chest',
      'knee-low': 'a knee across my hips',
      'knees-down': 'he is on his knees',
    },
  },
  { group: 'His ankles', exclusive: true, signs: { 'ankles-crossed': 'crossed', 'ankles-open': 'not crossed' } },
  {
    group: 'His body and mine',
    exclusive: false,
    signs: {
      'his-leg-between': 'one of his legs between mine',
      'leg-dragged': 'his leg dragged across my hip',
      'legs-on-shoulders': 'both his legs on my shoulders',
      'over-under': 'one arm of mine over a leg, one under',
      'hands-locked': 'my hands locked round his hips',
      'chest-on-chest': 'my chest on his chest',
      'chest-on-back': 'my chest on his back',
      'sitting-on-him': 'I sit on him',
    },
  },
  {
    group: 'His hands',
    exclusive: false,
    signs: {
      collar: 'on my collar',
      sleeve: 'on one sleeve or wrist',
      'both-sleeves': 'on both sleeves or wrists',
      'ankle-grip': 'on an ankle',
      underhook: 'under my arm',
      overhook: 'over my arm',
      'arms-round-head': 'round my head',
      frames: 'framing, nothing held',
      'no-grips': 'nowhere on me',
    },
  },
] as const;

type GroupSigns = (typeof SIGN_GROUPS)[number]['signs'];
export type Sign = GroupSigns extends infer G ? (G extends unknown ? Extract<keyof G, string> : never) : never;

export const SIGNS: readonly Sign[] = SIGN_GROUPS.flatMap((item) => Object.keys(item.signs) as Sign[]);
export const isSign = (word: string): word is Sign => (SIGNS as readonly string[]).includes(word);
export const saySign = (sign: Sign): string => {
  const { group, signs } = SIGN_GROUPS.find((item) => Object.hasOwn(item.signs, sign))!;
  const words = (signs as Record<string, string>)[sign]!;
  return group === 'His body and mine' ? words : `${group.toLowerCase()}: ${words}`;
};

/** Two signs of one group of which only one can be seen at a time. */
export function contradict(a: Sign, b: Sign): boolean {
  return a !== b && SIGN_GROUPS.some((item) => item.exclusive && Object.hasOwn(item.signs, a) && Object.hasOwn(item.signs, b));
}
