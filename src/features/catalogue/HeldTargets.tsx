import { getTargets, sayContact } from '@/core/contacts';
import type { Step } from '@/core/tree';
import { plural } from '@/core/words';

/** Everything that can be named as held: the words the grip desk takes. */
export function HeldTargets() {
  const { middle, sided, garment } = getTargets();
  return (
    <details className="mt-4 border-t border-hair pt-2">
      <summary className="min-h-9 font-figure text-[15px] font-medium">
        What can be held: {middle.length + sided.length + garment.length} spots
      </summary>
      <h3 className="mt-1 text-[15px]">With two sides</h3>
      <p className="text-soft">near or far, left or right, inside or outside: {sided.join(', ')}.</p>
      <h3 className="mt-2 text-[15px]">In the middle</h3>
      <p className="text-soft">{middle.join(', ')}; and the mat.</p>
      <h3 className="mt-2 text-[15px]">Cloth, and what usually serves without it</h3>
      <ul className="text-soft">
        {garment.map(({ spot, without }) => (
          <li key={spot}>
            {spot} → {without ?? <span className="text-red">nothing</span>}
          </li>
        ))}
      </ul>
    </details>
  );
}

/** The steps of a move, folded: who holds what at each. */
export function WrittenSteps({ steps = [] }: { steps?: readonly Step[] }) {
  if (steps.length === 0) return null;
  return (
    <details className="pl-3">
      <summary className="min-h-6 text-[13px] text-soft">{plural(steps.length, 'step')}: who holds what</summary>
      <ol className="list-decimal pl-5 text-[13px]">
        {steps.map((step, i) => (
          <li key={i}>{step.contacts.map(sayContact).join('; ')}</li>
        ))}
      </ol>
    </details>
  );
}
