import { limitedIn } from '@/core/classes';
import type { Athlete } from '@/core/people';
import type { TreeDocument } from '@/core/tree';
import { HIDDEN_WORDS, sayLimited, sayMine, sayOrderFinding, unitNamer } from '@/core/words';
import { indexOf } from '@/core/tree';
import type { ClassModel } from './classModel';

/** What is to be looked at in each unit, as sentences by its key. */
export function sentencesOf(
  tree: TreeDocument,
  { units, findings, short, barred }: ClassModel,
  athletes: readonly Athlete[] = [],
): ReadonlyMap<string, readonly string[]> {
  const nameOf = unitNamer(tree, units);
  const { transitions } = indexOf(tree);
  const said = units.map((unit) => {
    const { key, transitions: moves } = unit;
    const people = limitedIn(tree, unit, athletes)
      .filter(({ word }) => word !== '')
      .map(sayLimited);
    const order = findings.filter((item) => item.kind !== 'circle' && item.key === key).map((item) => sayOrderFinding(nameOf, item));
    const circle = findings
      .filter((item) => item.kind === 'circle' && item.keys.includes(key))
      .map((item) => sayOrderFinding(nameOf, item));
    const rules = moves.flatMap((id) =>
      barred.has(id) ? [`“${sayMine(transitions.get(id)!.name)}”: ${HIDDEN_WORDS[barred.get(id)!]}.`] : [],
    );
    const little = short.includes(key) ? ['Less than two minutes for a partner in a role: too short to learn anything.'] : [];
    return [key, [...order, ...circle, ...rules, ...little, ...people]] as const;
  });
  return new Map(said.filter(([, sentences]) => sentences.length > 0));
}
