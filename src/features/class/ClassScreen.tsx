'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState } from 'react';
import { FilterDifference } from '@/client/FilterDifference';
import { FilterRow } from '@/client/FilterRow';
import type { ClassPlan } from '@/contracts/classPlan';
import { isFiltering, type Filter } from '@/core/structure';
import type { Refusal } from '@/contracts/changes';
import { classSheetOf, minutesInWords, minutesText, unitTitle } from '@/core/drills';
import type { TreeDocument } from '@/core/tree';
import { AppStrip } from '@/ui/AppStrip';
import { buttonClass } from '@/ui/Field';
import { screenLinks } from '@/ui/screenLinks';
import { plural } from '@/ui/figures';
import { BranchPicker } from './BranchPicker';
import { ChosenBranches } from './ChosenBranches';
import { branchKey, classModelOf, dropTitles } from './classModel';
import { MinuteRail } from './MinuteRail';
import { SettingsForm } from './SettingsForm';
import { UnitSheet } from './UnitSheet';

interface Props {
  readonly tree: TreeDocument;
  readonly plan: ClassPlan;
  readonly revision: number;
}

/** Stores the plan after each change, one request at a time, the newest last. */
function usePlanStore(treeId: string, opened: ClassPlan, openedRevision: number) {
  const [plan, setPlan] = useState(opened);
  const [problem, setProblem] = useState<string | null>(null);
  const [stored, setStored] = useState(opened);
  const revision = useRef(openedRevision);
  const busy = useRef(false);
  useEffect(() => {
    if (busy.current || plan === stored || problem) return;
    busy.current = true;
    const sent = plan;
    void fetch(`/api/trees/${encodeURIComponent(treeId)}/plan`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ plan: sent, baseRevision: revision.current }),
    })
      .then(async (response) => {
        busy.current = false;
        if (!response.ok) return setProblem(((await response.json()) as Refusal).problems.join(' '));
        revision.current = ((await response.json()) as { revision: number }).revision;
        setStored(sent);
      })
      .catch(() => {
        busy.current = false;
        setProblem('The server does not answer. Your class is kept in this window; change anything to try again.');
      });
  }, [treeId, plan, stored, problem]);
  const change = (patch: Partial<ClassPlan>) => {
    setProblem(null);
    setPlan((now) => ({ ...now, ...patch }));
  };
  return { plan, change, problem, isStored: plan === stored };
}

const NO_FILTER: Filter = {};

/** A class made from chosen branches: what is drilled when, what the feeder does, and what must go if it is too long. */
export function ClassScreen({ tree, plan: opened, revision }: Props) {
  const { plan, change, problem, isStored } = usePlanStore(tree.id, opened, revision);
  const [chosen, setChosen] = useState<string | null>(null);
  const model = useMemo(() => classModelOf(tree, plan), [tree, plan]);
  const sheet = useMemo(() => classSheetOf(tree, model.units, plan), [tree, model, plan]);
  const unit = model.units.find((item) => item.key === chosen);
  const out = model.all.filter((item) => !model.units.includes(item));
  const { overrunMinutes, totalMinutes } = model.time;
  const over = overrunMinutes > 1e-9;
  const toggle = (branch: readonly string[], on: boolean) => {
    const others = plan.branches.filter((item) => branchKey(item) !== branchKey(branch));
    change({ branches: on ? [...others, [...branch]] : others });
  };
  const drop = (keys: readonly string[]) => change({ dropped: [...new Set([...plan.dropped, ...keys])] });
  const id = encodeURIComponent(tree.id);
  const filter = plan.filter ?? NO_FILTER;
  const router = useRouter();
  return (
    <div className="flex h-dvh flex-col">
      <AppStrip title={tree.name} links={screenLinks(tree.id, 'Class')}>
        <span className={over ? 'font-medium text-red' : 'font-medium'} data-total={totalMinutes}>
          {minutesText(totalMinutes)} of {plan.slotMinutes} minutes
        </span>
        <span role="status" className="text-[13px] text-soft">
          {isStored ? 'stored' : 'storing …'}
        </span>
        <Link href={`/class/${id}/sheet`} className="ml-auto underline">
          Print sheet
        </Link>
      </AppStrip>
      {problem && (
        <p role="alert" className="border-b border-red bg-tint px-4 py-1">
          {problem}
        </p>
      )}
      <main className="grid min-h-0 flex-1 grid-cols-[300px_minmax(0,1fr)_320px] max-lg:grid-cols-1 max-lg:overflow-auto">
        <h1 className="sr-only">{tree.name}: class</h1>
        <div className="overflow-y-auto border-r-2 border-ink p-4 max-lg:border-r-0">
          <SettingsForm plan={plan} onChange={change} />
          <details className="mt-3" open={isFiltering(filter)}>
            <summary className="min-h-8 font-figure text-[15px] font-medium">For whom, under which rules</summary>
            <FilterRow
              tree={tree}
              filter={filter}
              onFilter={(next) => change({ filter: isFiltering(next) ? { ...next, profiles: [...(next.profiles ?? [])] } : undefined })}
            />
            <FilterDifference
              tree={tree}
              filter={filter}
              onPlace={(place) => router.push(`/board/${id}?show=hub&at=${encodeURIComponent(place)}`)}
            />
          </details>
          <BranchPicker choices={model.choices} onToggle={toggle} />
        </div>
        <div className="overflow-y-auto p-4">
          {model.units.length === 0 ? (
            <p className="max-w-md text-soft">
              Choose branches on the left: each becomes parts, answers and a chain, with a script for the feeder. Three make a good hour.
            </p>
          ) : (
            <MinuteRail sheet={sheet} units={model.units} slotMinutes={plan.slotMinutes} chosen={chosen} onChoose={setChosen} />
          )}
        </div>
        <aside aria-label="Side sheet" className="overflow-y-auto border-l-2 border-ink p-4 max-lg:border-l-0">
          {model.lost > 0 && (
            <p className="mb-3 text-red">{plural(model.lost, 'chosen branch', 'chosen branches')} no longer in the tree.</p>
          )}
          {over && (
            <section aria-label="Too long" className="mb-4 border-l-[3px] border-red pl-3">
              <h2 className="text-[19px] text-red">{minutesInWords(overrunMinutes)} too long</h2>
              {model.drop ? (
                <>
                  <p>Cheapest to leave out ({minutesInWords(model.drop.minutes)}), so that nothing that stays needs it:</p>
                  <ul className="list-none">
                    {dropTitles(tree, model).map((title) => (
                      <li key={title} className="font-figure text-[15px] font-medium">
                        {title}
                      </li>
                    ))}
                  </ul>
                  <button type="button" className={`${buttonClass} mt-2`} onClick={() => drop(model.drop!.keys)}>
                    Leave out
                  </button>
                  {model.drop.status === 'budget' && <p className="text-soft">The search stopped early; a cheaper one may exist.</p>}
                </>
              ) : (
                <p>Warm-up and close alone take longer than the slot.</p>
              )}
            </section>
          )}
          {unit ? (
            <UnitSheet
              tree={tree}
              unit={unit}
              minutes={model.time.perUnit.get(unit.key)!}
              onWork={(minutes) => change({ workMinutes: { ...plan.workMinutes, [unit.key]: minutes } })}
              onDrop={() => drop([unit.key])}
            />
          ) : (
            model.units.length > 0 && <p className="text-soft">{sheet.summary} Press a part on the rail for its feeder script.</p>
          )}
          {!unit && (
            <ChosenBranches
              tree={tree}
              choices={model.choices.filter((item) => item.chosen)}
              onTakeOut={(branch) => toggle(branch, false)}
            />
          )}
          {out.length > 0 && (
            <section aria-label="Left out" className="mt-4 border-t border-hair pt-2">
              <h3 className="text-[15px] tracking-wide uppercase">Left out</h3>
              {out.map((item) => (
                <p key={item.key} className="flex justify-between gap-2">
                  <span>
                    {item.kind}: {unitTitle(tree, item)}
                  </span>
                  <button
                    type="button"
                    className="min-h-8 shrink-0 underline"
                    onClick={() => change({ dropped: plan.dropped.filter((key) => key !== item.key && !item.prerequisites.includes(key)) })}
                  >
                    Take in
                  </button>
                </p>
              ))}
            </section>
          )}
        </aside>
      </main>
    </div>
  );
}
