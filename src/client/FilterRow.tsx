'use client';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { Filter } from '@/core/structure';
import { CONTEXT_WORDS, type Context, type TreeDocument } from '@/core/tree';

interface ChoiceProps {
  readonly label: string;
  readonly value: string | undefined;
  readonly any: string;
  readonly options: readonly (readonly [string, string])[];
  readonly onChange: (value: string | undefined) => void;
}

function Choice({ label, value, any, options, onChange }: ChoiceProps) {
  if (options.length === 0) return null;
  return (
    <label className="flex items-baseline gap-1.5 text-soft">
      {label}
      <select
        className="min-h-9 max-w-40 bg-paper font-medium text-ink"
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value || undefined)}
      >
        <option value="">{any}</option>
        {options.map(([key, name]) => (
          <option key={key} value={key}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

interface Props {
  readonly tree: TreeDocument;
  readonly filter: Filter;
  readonly onFilter: (filter: Filter) => void;
  readonly children?: ReactNode;
}

/** For whom, against whom and under which rules the tree is looked at. Nothing here changes the tree. */
export function FilterRow({ tree, filter, onFilter, children }: Props) {
  const set = (patch: Partial<Filter>) => onFilter({ ...filter, ...patch });
  const ruleSet = tree.ruleSets?.find((item) => item.id === filter.ruleSet);
  const people = tree.profiles ?? [];
  const named = (of: 'athlete' | 'others') =>
    people.filter((item) => (item.of === 'athlete') === (of === 'athlete')).map((item) => [item.id, item.name] as const);
  const chosen = (of: 'athlete' | 'others') => filter.profiles?.find((id) => named(of).some(([key]) => key === id));
  const choose = (of: 'athlete' | 'others', id: string | undefined) => {
    const others = (filter.profiles ?? []).filter((item) => !named(of).some(([key]) => key === item));
    set({ profiles: id === undefined ? others : [...others, id] });
  };
  return (
    <div
      role="group"
      aria-label="Look at it"
      className="flex flex-wrap items-baseline gap-x-4 border-b border-hair px-4 font-figure text-[15px]"
    >
      <Choice
        label="Cloth"
        any="any"
        value={filter.context}
        options={tree.contexts.map((item) => [item, CONTEXT_WORDS[item]])}
        onChange={(value) => set({ context: value as Context | undefined })}
      />
      <Choice
        label="School"
        any="all"
        value={filter.school}
        options={tree.schools.map((item) => [item, item])}
        onChange={(school) => set({ school })}
      />
      <Choice
        label="Rules"
        any="none"
        value={filter.ruleSet}
        options={(tree.ruleSets ?? []).map((item) => [item.id, item.name])}
        onChange={(value) => set({ ruleSet: value, age: undefined, level: undefined })}
      />
      {ruleSet && (
        <>
          <label className="flex items-baseline gap-1.5 text-soft">
            Age
            <input
              type="number"
              min={4}
              max={99}
              placeholder="–"
              className="min-h-9 w-12 bg-paper font-medium text-ink"
              value={filter.age ?? ''}
              onChange={(event) => {
                const age = Math.round(Number(event.target.value));
                set({ age: age >= 1 && age <= 120 ? age : undefined });
              }}
            />
          </label>
          <Choice
            label="Level"
            any="–"
            value={filter.level}
            options={(ruleSet.levels ?? []).map((item) => [item, item])}
            onChange={(level) => set({ level })}
          />
        </>
      )}
      <Choice label="For" any="anyone" value={chosen('athlete')} options={named('athlete')} onChange={(id) => choose('athlete', id)} />
      <Choice label="Against" any="anyone" value={chosen('others')} options={named('others')} onChange={(id) => choose('others', id)} />
      {children}
      <p className="text-[13px]">
        <Link href={`/rules/${encodeURIComponent(tree.id)}`} className="mr-3 inline-block py-1 text-soft underline">
          Cards
        </Link>
        {ruleSet && <span className="text-red">Check the current rule book{ruleSet.date ? `, card of ${ruleSet.date}` : ''}.</span>}
      </p>
    </div>
  );
}
