import type { Dispatch } from 'react';
import { CONTEXT_WORDS, OFF_CHOICES, WORKS_CHOICES, sayByDefault } from '@/core/words';
import { CONTEXTS, DEFAULTS, type Defaults, type TreeDocument, RANGES } from '@/core/tree';
import { InlineName } from '@/ui/InlineName';
import { ListLine, TextLine } from '@/ui/TextLine';
import type { BoardAction } from '../../boardState';
import { ChanceSelect } from '@/client/ChanceSelect';
import { NumberField } from '@/ui/NumberField';

/** The numbers that count where a move says none. */
function DefaultNumbers({ tree, onChange }: { tree: TreeDocument; onChange: (defaults: TreeDocument['defaults']) => void }) {
  const said = tree.defaults ?? {};
  const put = (patch: Partial<Defaults>) => {
    const next = Object.fromEntries(Object.entries({ ...said, ...patch }).filter(([, value]) => value !== undefined));
    onChange(Object.keys(next).length > 0 ? next : undefined);
  };
  return (
    <details>
      <summary className="min-h-8 text-soft">Default chances and times</summary>
      <div className="grid gap-2">
        <ChanceSelect
          label="It works when it fits"
          value={said.works}
          byDefault={sayByDefault(DEFAULTS.works)}
          choices={WORKS_CHOICES}
          onChange={(works) => put({ works })}
        />
        <ChanceSelect
          label="It works when it does not fit"
          value={said.offCue}
          byDefault={sayByDefault(DEFAULTS.offCue)}
          choices={OFF_CHOICES}
          onChange={(offCue) => put({ offCue })}
        />
        <ChanceSelect
          label="It works even when he does what stops it"
          value={said.stopped}
          byDefault={sayByDefault(DEFAULTS.stopped)}
          choices={OFF_CHOICES}
          onChange={(stopped) => put({ stopped })}
        />
        <NumberField
          label="It takes, seconds"
          {...RANGES.seconds}
          none={`${DEFAULTS.seconds} by default`}
          value={said.seconds ?? null}
          onChange={(seconds) => put({ seconds: seconds ?? undefined })}
        />
      </div>
    </details>
  );
}

/** What holds for the whole tree: its name, its schools, the cloth it is for. */
export function AboutTree({ tree, dispatch }: { tree: TreeDocument; dispatch: Dispatch<BoardAction> }) {
  const edit = (label: string, patch: Partial<TreeDocument>) => dispatch({ type: 'edit', label, tree: { ...tree, ...patch } });
  return (
    <div className="grid gap-2">
      <InlineName label="Name of the tree" value={tree.name} onChange={(name) => edit('the tree renamed', { name })} />
      <p className="text-soft">
        Written for the {tree.owner === 'passer' ? 'passer' : 'guard player'}: “I” is {tree.owner === 'passer' ? 'on top' : 'below'}.
      </p>
      <ListLine
        label="Schools: ways of doing it, kept side by side"
        values={tree.schools}
        hint="pressure, loose"
        onChange={(schools) => edit('schools', { schools })}
      />
      <fieldset className="flex flex-wrap gap-x-4">
        <legend className="text-[13px] text-soft">Cloth</legend>
        {CONTEXTS.map((context) => (
          <label key={context} className="flex min-h-8 items-center gap-1.5">
            <input
              type="checkbox"
              checked={tree.contexts.includes(context)}
              onChange={(event) =>
                edit('cloth', {
                  contexts: CONTEXTS.filter((item) => (item === context ? event.target.checked : tree.contexts.includes(item))),
                })
              }
            />
            {CONTEXT_WORDS[context]}
          </label>
        ))}
      </fieldset>
      <DefaultNumbers tree={tree} onChange={(defaults) => edit('what counts by default', { defaults })} />
      <TextLine label="Notes" value={tree.notes ?? ''} onChange={(notes) => edit('notes', { notes: notes === '' ? undefined : notes })} />
    </div>
  );
}
