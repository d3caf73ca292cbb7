import { useMemo } from 'react';
import type { BalanceAsked } from '@/documents/course/schema';
import { indexOf, ownerRoleOf, type TreeDocument } from '@/core/tree';
import { FAMILY_NAMES } from '@/core/words';

const MOST = 5;
const ROLES = { top: 'from on top', below: 'from below' } as const;

const OTHER_SIDE: BalanceAsked = { kind: 'side', of: 'other', name: 'the other side' };

/** What the weeks can be asked to hold: families of places from which there is a way on, schools, roles; each where there are several. */
function choicesOf(tree: TreeDocument): BalanceAsked[] {
  const { from } = indexOf(tree);
  const places = tree.positions.filter(({ id, ends }) => !ends && from.get(id)!.some(({ actor }) => actor === 'owner'));
  const several = (list: BalanceAsked[]): BalanceAsked[] => (list.length > 1 ? list : []);
  return [
    ...several([...new Set(places.map(({ family }) => family))].map((of) => ({ kind: 'family', of, name: FAMILY_NAMES[of] }))),
    ...several(tree.schools.map((of) => ({ kind: 'school', of, name: `school: ${of}` }))),
    ...(places.length > 0 ? [OTHER_SIDE] : []),
    ...several([...new Set(places.map((place) => ownerRoleOf(tree, place)))].map((of) => ({ kind: 'role', of, name: ROLES[of] }))),
  ];
}

interface Props {
  readonly tree: TreeDocument;
  readonly balance: readonly BalanceAsked[];
  readonly onChange: (balance: BalanceAsked[]) => void;
}

/** Of each that is ticked at least a fifth of the work. */
export function BalanceTicks({ tree, balance, onChange }: Props) {
  const choices = useMemo(() => choicesOf(tree), [tree]);
  const isOn = (item: BalanceAsked) => balance.some(({ kind, of }) => kind === item.kind && of === item.of);
  if (choices.length === 0) return null;
  return (
    <details>
      <summary className="min-h-8 font-figure text-[15px] font-medium">
        A fifth of the work at least of … {balance.length > 0 && `(${balance.length})`}
      </summary>
      <div role="group" aria-label="A fifth of the work at least of" className="grid grid-cols-2 gap-x-3">
        {choices.map((item) => (
          <label key={`${item.kind} ${item.of}`} className="flex min-h-8 items-center gap-1">
            <input
              type="checkbox"
              checked={isOn(item)}
              disabled={!isOn(item) && balance.length >= MOST}
              onChange={(event) =>
                onChange(event.target.checked ? [...balance, item] : balance.filter(({ kind, of }) => kind !== item.kind || of !== item.of))
              }
            />
            {item.name}
          </label>
        ))}
      </div>
    </details>
  );
}
