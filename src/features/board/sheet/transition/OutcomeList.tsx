import { indexOf, positionOf, type Outcome, type Transition, type TreeDocument } from '@/core/tree';
import { sayShown } from '@/core/words';
import { Select } from '@/ui/Select';
import { PositionSelect } from '../PositionSelect';

interface Props {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly onChange: (outcomes: readonly Outcome[]) => void;
}

/** Where else it leads, by what he does with it: the upper ankle opens, the lower one submits. */
export function OutcomeList({ tree, transition, onChange }: Props) {
  const outcomes = transition.outcomes ?? [];
  const { reads } = positionOf(indexOf(tree), transition.from);
  const shown = reads.flatMap((read) => read.values.map((value) => [value.id, sayShown(read, value.name)] as const));
  if (shown.length === 0) return null;
  const set = (at: number, patch: Partial<Outcome>) => onChange(outcomes.map((item, i) => (i === at ? { ...item, ...patch } : item)));
  const taken = new Set(outcomes.flatMap(({ ifShown }) => ifShown));
  const left = shown.filter(([id]) => !taken.has(id));
  return (
    <fieldset className="grid gap-2">
      <legend className="text-[13px] text-soft">Where else it leads</legend>
      {outcomes.map((outcome, i) => (
        <div key={i} className="grid gap-1 border-l border-hair pl-2">
          <fieldset>
            <legend className="text-[13px] text-soft">If he shows</legend>
            {shown.map(([id, words]) => (
              <label key={id} className="flex min-h-7 items-baseline gap-2 font-figure text-[15px] text-his">
                <input
                  type="checkbox"
                  checked={outcome.ifShown.includes(id)}
                  disabled={outcome.ifShown.length === 1 && outcome.ifShown[0] === id}
                  onChange={(event) =>
                    set(i, {
                      ifShown: shown
                        .map(([item]) => item)
                        .filter((item) => (item === id ? event.target.checked : outcome.ifShown.includes(item))),
                    })
                  }
                />
                {words}
              </label>
            ))}
          </fieldset>
          <PositionSelect
            tree={tree}
            label="It lands on"
            none="as it usually does (removes this)"
            value={outcome.to}
            onChange={(to) => (to === undefined ? onChange(outcomes.filter((_, n) => n !== i)) : set(i, { to }))}
          />
        </div>
      ))}
      {left.length > 0 && (
        <Select
          label={outcomes.length === 0 ? 'It leads elsewhere if he shows' : 'And elsewhere if he shows'}
          value={undefined}
          none="nothing else"
          options={left}
          onChange={(id) => id && onChange([...outcomes, { ifShown: [id], to: transition.to }])}
        />
      )}
    </fieldset>
  );
}
