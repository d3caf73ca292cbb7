import { type Midway, type Transition, type TreeDocument } from '@/core/tree';
import { NumberField } from '@/ui/NumberField';
import { TextLine } from '@/ui/TextLine';
import { PositionSelect } from '../PositionSelect';

interface Props {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly onChange: (midway: readonly Midway[]) => void;
}

/** What is left out is not written. */
const without = <K extends keyof Midway>(item: Midway, field: K, value: Midway[K] | undefined): Midway => {
  const { [field]: _, ...rest } = item;
  return (value === undefined ? rest : { ...rest, [field]: value }) as Midway;
};

/** What he does between two steps of the move, and what I do about it. */
export function MidwayList({ tree, transition, onChange }: Props) {
  const list = transition.midway ?? [];
  const set = (at: number, next: Midway) => onChange(list.with(at, next).filter((item) => item.reaction !== ''));
  const steps = transition.steps?.length ?? 0;
  return (
    <fieldset className="grid gap-2">
      <legend className="text-[13px] text-soft">While it is under way</legend>
      {list.map((item, i) => (
        <div key={i} className="grid gap-1 border-l border-hair pl-2">
          <TextLine label="He … (empty it to remove)" value={item.reaction} onChange={(reaction) => set(i, { ...item, reaction })} />
          <NumberField
            label={steps === 0 ? 'After step' : `After step (of ${steps})`}
            min={1}
            max={200}
            none="not said"
            value={item.afterStep ?? null}
            onChange={(step) => set(i, without(item, 'afterStep', step ?? undefined))}
          />
          <TextLine
            label="Then I …"
            value={item.answer ?? ''}
            hint="go to the back"
            onChange={(answer) => set(i, without(item, 'answer', answer === '' ? undefined : answer))}
          />
          <PositionSelect
            tree={tree}
            label="That leads to"
            none="not said"
            value={item.leadsTo}
            onChange={(leadsTo) => set(i, without(item, 'leadsTo', leadsTo))}
          />
        </div>
      ))}
      <TextLine
        label={list.length === 0 ? 'He does this on the way' : 'He does something else on the way'}
        value=""
        hint="turns in"
        onChange={(reaction) => reaction !== '' && onChange([...list, { reaction }])}
      />
    </fieldset>
  );
}
