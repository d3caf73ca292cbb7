'use client';
import { useMemo, useState } from 'react';
import { brokenIn, keptPairs, planPairs, swapped, traineeOf, type DrillUnit, type Expected } from '@/core/classes';
import type { TreeDocument } from '@/core/tree';
import { plural, sayUnit } from '@/core/words';
import type { ClassPlan } from '@/documents/class/schema';
import { PageLink } from '@/ui/PageLink';
import { idToAddress } from '@/contracts/address';

interface Props {
  readonly tree: TreeDocument;
  readonly plan: ClassPlan;
  readonly units: readonly DrillUnit[];
  readonly expected: readonly Expected[];
  /** How often two have worked together in the last weeks. */
  readonly before: ReadonlyMap<string, number>;
  readonly onChange: (label: string, patch: Partial<ClassPlan>) => void;
}

/** Who works with whom in each unit: nobody twice until all have met, near in size and level; two are changed by pressing both. */
export function PairsPanel({ tree, plan, units, expected, before, onChange }: Props) {
  const [taken, setTaken] = useState<{ round: number; id: string } | null>(null);
  const worked = useMemo(() => units.filter(({ kind }) => kind !== 'solo'), [units]);
  const people = useMemo(() => expected.map(traineeOf), [expected]);
  const planned = useMemo(
    () => planPairs(people, { rounds: worked.length, seed: plan.pairSeed ?? 1, before }),
    [people, worked.length, plan.pairSeed, before],
  );
  const names = new Map(expected.map(({ id, name }) => [id, name]));
  const own = keptPairs(
    plan.pairs,
    expected.map(({ id }) => id),
    worked.length,
  );
  const rounds = own ?? planned.rounds;
  const byId = new Map(people.map((item) => [item.id, item]));
  if (expected.length === 0)
    return (
      <p>
        Who works with whom is found here once it is known who comes: choose a group on the left, or make one under{' '}
        <PageLink className="underline" href={`/rules/${idToAddress(tree.id)}`}>
          Rules
        </PageLink>
        .
      </p>
    );
  if (worked.length === 0) return <p>There is nothing to work on together yet.</p>;
  const press = (round: number, id: string) => {
    if (taken === null || taken.round !== round) return setTaken({ round, id });
    setTaken(null);
    if (taken.id === id) return;
    onChange('two partners changed', {
      pairs: rounds.map((groups, i) => (i === round ? swapped(groups, taken.id, id) : groups).map((group) => [...group])),
    });
  };
  return (
    <div>
      <h2 className="text-[19px]">Who works with whom</h2>
      <p className="text-soft">
        Near in size and level,{' '}
        {own
          ? 'as you changed them'
          : planned.repeats === 0
            ? 'nobody twice'
            : `${plural(planned.repeats, 'time')} two who have met in this class already, since there are not enough others`}
        {before.size > 0 && '; who worked together in the three weeks before comes later'}. Press two people of a round to change them.
      </p>
      {planned.alone.length > 0 && (
        <p className="mt-1 border-l-[3px] border-red pl-2">
          {planned.alone.map((id) => names.get(id)).join(', ')}: nobody who came may work with{' '}
          {planned.alone.length === 1 ? 'this one' : 'them'}. Minors work with minors or with an adult whom the gym has named, and of two
          one has to work.
        </p>
      )}
      <p className="flex flex-wrap gap-x-4 font-figure text-[15px]">
        <button
          type="button"
          className="min-h-9 underline"
          onClick={() => onChange('other pairs', { pairs: undefined, pairSeed: ((plan.pairSeed ?? 1) % 2_000_000_000) + 1 })}
        >
          Other pairs
        </button>
        {own && (
          <button type="button" className="min-h-9 underline" onClick={() => onChange('pairs as found', { pairs: undefined })}>
            As they were found
          </button>
        )}
      </p>
      {rounds.map((groups, round) => (
        <section key={worked[round]!.key} className="mt-2 border-t border-hair pt-1">
          <h3 className="text-[15px]">{sayUnit(tree, worked[round]!)}</h3>
          <ul>
            {groups.map((group) => (
              <li key={group.join()} className="flex flex-wrap items-baseline gap-x-1">
                {group.map((id, i) => (
                  <span key={id} className="flex items-baseline gap-1">
                    {i > 0 && <span className="text-soft">with</span>}
                    <button
                      type="button"
                      aria-pressed={taken?.round === round && taken.id === id}
                      className={`min-h-8 underline-offset-2 hover:underline ${taken?.round === round && taken.id === id ? 'bg-tint font-semibold' : ''}`}
                      onClick={() => press(round, id)}
                    >
                      {names.get(id)}
                    </button>
                  </span>
                ))}
                {group.length === 3 && <span className="text-[13px] text-soft">in turn</span>}
                {brokenIn([group], byId).length > 0 && <span className="text-[13px] text-red">may not work together</span>}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
