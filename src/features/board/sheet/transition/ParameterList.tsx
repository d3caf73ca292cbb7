import { useState } from 'react';
import { nextPreference, type Parameter, type Transition, type TreeDocument } from '@/core/tree';
import { InlineName } from '@/ui/InlineName';
import { ListLine } from '@/ui/TextLine';
import { PositionSelect } from '../PositionSelect';

interface Props {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly onChange: (parameters: readonly Parameter[]) => void;
}

function Never({ tree, parameter, onChange }: { tree: TreeDocument; parameter: Parameter; onChange: (parameter: Parameter) => void }) {
  const never = parameter.never ?? [];
  return (
    <>
      <ListLine
        label="Never"
        values={never.map((item) => item.value)}
        hint="the knee"
        onChange={(values) =>
          onChange({ ...parameter, never: values.map((value) => never.find((item) => item.value === value) ?? { value }) })
        }
      />
      {never.map((item) => (
        <PositionSelect
          key={item.value}
          tree={tree}
          label={`“${item.value}” would lead to`}
          none="not said"
          value={item.leadsTo}
          onChange={(leadsTo) =>
            onChange({
              ...parameter,
              never: never.map((other) => (other === item ? { value: item.value, ...(leadsTo ? { leadsTo } : {}) } : other)),
            })
          }
        />
      ))}
    </>
  );
}

/** What to do when a preferred value is stopped: the next in order. Only looked at, nothing is stored. */
function WhenStopped({ parameter }: { parameter: Parameter }) {
  const [stopped, setStopped] = useState<ReadonlySet<string>>(new Set());
  if (parameter.values.length < 2) return null;
  const next = nextPreference(parameter, stopped);
  return (
    <fieldset>
      <legend className="text-[13px] text-soft">Stopped now</legend>
      {parameter.values.map((value) => (
        <label key={value} className="mr-3 inline-flex min-h-8 items-center gap-1.5">
          <input
            type="checkbox"
            checked={stopped.has(value)}
            onChange={(event) =>
              setStopped(new Set(event.target.checked ? [...stopped, value] : [...stopped].filter((item) => item !== value)))
            }
          />
          {value}
        </label>
      ))}
      <p aria-live="polite" className="font-medium">
        {next === null ? 'Then none of them is left.' : `Then: ${next}.`}
      </p>
    </fieldset>
  );
}

/** Choices inside one move: what is preferred, in order, and what never, with the price. */
export function ParameterList({ tree, transition, onChange }: Props) {
  const parameters = transition.parameters ?? [];
  const set = (at: number, parameter: Parameter) => onChange(parameters.with(at, parameter));
  return (
    <fieldset className="grid gap-2">
      <legend className="text-[13px] text-soft">Choices within it</legend>
      {parameters.map((parameter, i) => (
        <div key={i} className="grid gap-1 border-l border-hair pl-2">
          <InlineName label="What is chosen" value={parameter.name} onChange={(name) => set(i, { ...parameter, name })} />
          <ListLine
            label="Preferred, best first"
            values={parameter.values}
            hint="ankle, shin"
            onChange={(values) => set(i, { ...parameter, values })}
          />
          <WhenStopped parameter={parameter} />
          <Never tree={tree} parameter={parameter} onChange={(next) => set(i, next)} />
          <button
            type="button"
            className="min-h-8 justify-self-start text-red underline"
            onClick={() => onChange(parameters.filter((_, n) => n !== i))}
          >
            Remove this choice
          </button>
        </div>
      ))}
      <button
        type="button"
        className="min-h-8 justify-self-start underline"
        onClick={() => onChange([...parameters, { name: 'outer hand', values: [] }])}
      >
        A choice, as where the hand goes
      </button>
    </fieldset>
  );
}
