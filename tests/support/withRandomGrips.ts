import { seededRandom } from '@/core/base';
import { getLimbNames, getTargets, parseContact } from '@/core/contacts';
import type { Contact, TreeDocument } from '@/core/tree';

/** The tree with about `total` contacts on the steps of its moves, spread evenly; of a seed. */
export function withRandomGrips(tree: TreeDocument, total: number, seed = 5): TreeDocument {
  const random = seededRandom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const { sided, garment } = getTargets();
  const targets = [...sided.flatMap((name) => [`far ${name}`, `near ${name}`]), ...garment.map((item) => item.spot)];
  const limbs = getLimbNames().filter((name) => /hand|forearm|knee|shin|head|chest/.test(name));
  const one = (): Contact => {
    const parsed = parseContact(`${random() < 0.3 ? 'his ' : ''}${pick(limbs)} ${pick(targets)}`);
    if (!parsed.ok) throw new Error(parsed.error);
    return parsed.value;
  };
  const moves = Math.min(tree.transitions.length, Math.ceil(total / 10));
  return {
    ...tree,
    transitions: tree.transitions.map((transition, i) => {
      if (i % Math.floor(tree.transitions.length / moves) !== 0) return transition;
      const steps = Array.from({ length: 3 }, (_, step) => ({ contacts: Array.from({ length: step === 0 ? 4 : 3 }, one) }));
      const contactRules = [{ kind: 'before' as const, first: steps[0]!.contacts[0]!, then: steps[1]!.contacts[0]! }];
      return { ...transition, steps, contactRules, blockedBy: [[one(), one()], [one()]] };
    }),
  };
}
