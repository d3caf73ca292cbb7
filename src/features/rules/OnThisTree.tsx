import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { FilterDifference } from '@/client/FilterDifference';
import { idToAddress } from '@/contracts/address';
import { queryOf } from '@/contracts/filterQuery';
import type { Filter } from '@/core/lens';
import { RANGES, type RuleSet } from '@/core/tree';
import { NumberField } from '@/ui/NumberField';
import { Select } from '@/ui/Select';
import type { Subject } from '@/workers/useAnswer';

interface Props {
  readonly subject: Subject;
  /** A rule card whose effect is asked for, by age and level where it makes a difference of them; or a person. */
  readonly of: { readonly card: RuleSet } | { readonly person: string };
}

/**
 * What a card or a person changes in the tree: the moves that fall away, the ways that are lost, what has no answer then. It comes
 * when it is found, so nothing to be pressed stands below it.
 */
export function OnThisTree({ subject, of }: Props) {
  const router = useRouter();
  const [age, setAge] = useState<number | null>(null);
  const [level, setLevel] = useState<string>();
  const card = 'card' in of ? of.card : null;
  const levels = card?.levels ?? [];
  const filter = useMemo(
    (): Filter =>
      'person' in of
        ? { profiles: [of.person] }
        : { ruleSet: of.card.id, age: age ?? undefined, level: level !== undefined && of.card.levels?.includes(level) ? level : undefined },
    [of, age, level],
  );
  const hasAges = card?.forbidden.some((line) => line.underAge !== undefined) ?? false;
  const hasLevels = levels.length > 0 && (card?.forbidden.some((line) => line.belowLevel !== undefined) ?? false);
  const goTo = (place: string) =>
    router.push(`/board/${idToAddress(subject.tree.id)}?${queryOf(filter)}&show=hub&at=${encodeURIComponent(place)}`);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-1">
      {(hasAges || hasLevels) && (
        <div className="flex flex-wrap items-baseline gap-x-6 font-figure text-[15px]">
          {hasAges && <NumberField label="For age" isInline {...RANGES.age} none="any" className="w-14" value={age} onChange={setAge} />}
          {hasLevels && (
            <Select
              label="For level"
              labelled="beside"
              none="any"
              value={filter.level}
              options={levels.map((item) => [item, item] as const)}
              onChange={setLevel}
            />
          )}
        </div>
      )}
      <FilterDifference {...{ subject, filter }} title={`On “${subject.tree.name}”`} onPosition={goTo} />
    </div>
  );
}
