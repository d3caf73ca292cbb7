/** What a family of positions is to the board and the catalogue. */
interface FamilyFacts {
  /** Where its rungs hang: on the ladder, or on the rail at the opponent's back. */
  readonly zone: 'ladder' | 'back';
  /** The opponent has a guard: a rung that holds no line stands among the guards, and a tree begins with it. */
  readonly isGuard: boolean;
  /** Branches meet here: guards end at it, branches begin at it. */
  readonly isHub: boolean;
}
const place: FamilyFacts = { zone: 'ladder', isGuard: false, isHub: false };
const guard: FamilyFacts = { ...place, isGuard: true };

/** The families of positions (docs/GLOSSARY.md); one added here does not compile until it has its words. */
const FACTS = {
  open: guard,
  half: guard,
  closed: guard,
  entanglement: guard,
  turtle: { ...place, zone: 'back' },
  standing: guard,
  hub: { ...place, isHub: true },
  transit: place,
  pin: place,
  back: { ...place, zone: 'back' },
  submission: place,
  lost: place,
} as const satisfies Record<string, FamilyFacts>;

export type Family = keyof typeof FACTS;
export const FAMILIES = Object.keys(FACTS) as Family[];
export const familyFacts = (family: Family): FamilyFacts => FACTS[family];
