'use client';
import { unknownIn, withOpponent } from '@/core/lens';
import { sayUnknown } from '@/core/words';
import { idToAddress } from '@/contracts/address';
import { Select } from '@/ui/Select';
import { PageLink } from '@/ui/PageLink';
import type { ReactNode } from 'react';
import type { Filter } from '@/core/lens';
import { CONTEXT_WORDS } from '@/core/words';
import { RANGES, type Context, type TreeDocument } from '@/core/tree';
import { NumberField } from '@/ui/NumberField';

interface ChoiceProps {
  readonly label: string;
  readonly value: string | undefined;
  readonly any: string;
  readonly options: readonly (readonly [string, string])[];
  readonly onChange: (value: string | undefined) => void;
}

function Choice({ label, value, any, options, onChange }: ChoiceProps) {
  return options.length === 0 ? null : <Select labelled="beside" none={any} {...{ label, value, options, onChange }} />;
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
  const athletes = people.filter((item) => item.of === 'athlete');
  const opponents = people.filter((item) => item.of === 'opponent');
  const isOpponent = (id: string): boolean => opponents.some((item) => item.id === id);
  const profiles = filter.profiles ?? [];
  const own = profiles.find((id) => athletes.some((item) => item.id === id));
  const other = profiles.find(isOpponent) ?? filter.against?.[0];
  const chooseOwn = (id: string | undefined) => set({ profiles: [...profiles.filter(isOpponent), ...(id === undefined ? [] : [id])] });
  const gone = unknownIn(tree, filter);
  return (
    <div
      role="search"
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
          <NumberField
            label="Age"
            isInline
            {...RANGES.age}
            none="–"
            className="w-12"
            value={filter.age ?? null}
            onChange={(age) => set({ age: age ?? undefined })}
          />
          <Choice
            label="Level"
            any="–"
            value={filter.level}
            options={(ruleSet.levels ?? []).map((item) => [item, item])}
            onChange={(level) => set({ level })}
          />
        </>
      )}
      <Choice label="For" any="anyone" value={own} options={athletes.map((item) => [item.id, item.name])} onChange={chooseOwn} />
      <Choice
        label="Against"
        any="anyone"
        value={other}
        options={[...opponents, ...athletes].map((item) => [item.id, item.name])}
        onChange={(id) => onFilter(withOpponent(tree, filter, id))}
      />
      {children}
      <p className="text-[13px]">
        <PageLink href={`/rules/${idToAddress(tree.id)}`} className="mr-3 inline-block py-1 text-soft underline">
          Cards
        </PageLink>
        {gone.length > 0 && (
          <span className="mr-3 text-red">Not here, and left out: {gone.map(({ what, id }) => sayUnknown(what, id)).join(', ')}.</span>
        )}
        {ruleSet && <span className="text-red">Check the current rule book{ruleSet.date ? `, card of ${ruleSet.date}` : ''}.</span>}
      </p>
    </div>
  );
}
