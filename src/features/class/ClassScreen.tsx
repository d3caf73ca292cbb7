'use client';
import { idToAddress } from '@/contracts/address';
import { PageLink } from '@/ui/PageLink';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { FilterDifference } from '@/client/FilterDifference';
import { FilterRow } from '@/client/FilterRow';
import type { ClassDocument } from '@/documents/class/schema';
import { StaleDialog } from '@/client/store/StaleDialog';
import { useDocument } from '@/client/store/useDocument';
import { UndoButtons } from '@/client/UndoButtons';
import { useUndoKeys } from '@/client/useUndoKeys';
import { treeInGym, type GymBook } from '@/core/people';
import { isFiltering, type Filter } from '@/core/lens';
import { classSheetOf, minutesInWords, minutesText, unitTitle } from '@/core/words';
import type { TreeDocument } from '@/core/tree';
import { plural } from '@/core/words';
import { AppStrip } from '@/ui/AppStrip';
import { StoredAlert, StoredStatus, WAITS } from '@/ui/StoredStrip';
import { buttonClass } from '@/ui/Field';
import { screenLinks } from '@/client/screenLinks';
import { BranchPicker } from './BranchPicker';
import { ChosenBranches } from './ChosenBranches';
import { ClassChoice } from './ClassChoice';
import { branchKey, classModelOf, dropTitles } from './classModel';
import { MinuteRail } from './MinuteRail';
import { SettingsForm } from './SettingsForm';
import { UnitSheet } from './UnitSheet';

interface Props {
  readonly tree: TreeDocument;
  readonly book: GymBook;
  readonly plan: ClassDocument;
  readonly revision: number;
  /** All classes of the tree. */
  readonly classes: readonly { readonly id: string; readonly name: string }[];
}

const NO_FILTER: Filter = {};

/** A class made from chosen branches: what is drilled when, what the feeder does, and what must go if it is too long. */
export function ClassScreen({ tree: bare, book, plan: opened, revision, classes }: Props) {
  const {
    document: plan,
    state,
    stored,
    edit,
    undo,
    redo,
    undoes,
    redoes,
    session,
  } = useDocument<ClassDocument>('class', { document: opened, revision });
  const tree = useMemo(() => treeInGym(bare, book), [bare, book]);
  const subject = useMemo(() => ({ tree: bare, revision: null, book }), [bare, book]);
  const change = (label: string, patch: Partial<ClassDocument>) => edit(label, (now) => ({ ...now, ...patch }));
  useUndoKeys({ onUndo: undo, onRedo: redo });
  const [chosen, setChosen] = useState<string | null>(null);
  const model = useMemo(() => classModelOf(tree, plan), [tree, plan]);
  const sheet = useMemo(() => classSheetOf(tree, model.units, plan), [tree, model, plan]);
  const unit = model.units.find((item) => item.key === chosen);
  const out = model.all.filter((item) => !model.units.includes(item));
  const { overrunMinutes, totalMinutes } = model.time;
  const over = overrunMinutes > 1e-9;
  const toggle = (branch: readonly string[], on: boolean) => {
    const others = plan.branches.filter((item) => branchKey(item) !== branchKey(branch));
    change(on ? 'a branch taken in' : 'a branch taken out', { branches: on ? [...others, [...branch]] : others });
  };
  const drop = (keys: readonly string[]) => change('left out', { dropped: [...new Set([...plan.dropped, ...keys])] });
  const id = idToAddress(tree.id);
  const filter = plan.filter ?? NO_FILTER;
  const router = useRouter();
  return (
    <div className="flex h-dvh flex-col">
      <AppStrip
        title={tree.name}
        links={screenLinks(tree.id, 'Class')}
        always={
          <>
            <StoredStatus stored={stored} />
            <span className={over ? 'font-medium text-red' : 'font-medium'} data-total={totalMinutes}>
              {minutesText(totalMinutes)} of {plan.slotMinutes} minutes
            </span>
          </>
        }
      >
        <UndoButtons undoes={undoes} redoes={redoes} undo={undo} redo={redo} />
        <PageLink href={`/class/${id}/sheet?class=${encodeURIComponent(plan.id)}`} className="ml-auto underline">
          Print sheet
        </PageLink>
      </AppStrip>
      <StoredAlert why={[stored.why]} onRead={stored.word === WAITS ? undefined : () => session.dispatch({ type: 'read' })} />
      <main
        id="content"
        tabIndex={-1}
        className="outline-none grid min-h-0 flex-1 grid-cols-[300px_minmax(0,1fr)_320px] max-lg:auto-rows-max max-lg:grid-cols-1 max-lg:overflow-auto"
      >
        <h1 className="sr-only">{tree.name}: class</h1>
        <div className="overflow-y-auto border-r-2 border-ink p-4 max-lg:border-r-0">
          <ClassChoice tree={bare} plan={plan} classes={classes} onRename={(name) => change('renamed', { name })} />
          <SettingsForm plan={plan} onChange={change} />
          <details className="mt-3" open={isFiltering(filter)}>
            <summary className="min-h-8 font-figure text-[15px] font-medium">For whom, under which rules</summary>
            <FilterRow
              tree={tree}
              filter={filter}
              onFilter={(next) => change('for whom', { filter: isFiltering(next) ? next : undefined })}
            />
            <FilterDifference
              {...{ subject, filter }}
              onPosition={(place) => router.push(`/board/${id}?show=hub&at=${encodeURIComponent(place)}`)}
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
              onWork={(minutes) => change('minutes of work', { workMinutes: { ...plan.workMinutes, [unit.key]: minutes } })}
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
                    onClick={() =>
                      change('taken in', { dropped: plan.dropped.filter((key) => key !== item.key && !item.prerequisites.includes(key)) })
                    }
                  >
                    Take in
                  </button>
                </p>
              ))}
            </section>
          )}
        </aside>
      </main>
      <StaleDialog
        what="class"
        state={state}
        session={session}
        onCopied={(copy) => router.push(`/class/${id}?class=${encodeURIComponent(copy)}`)}
      />
    </div>
  );
}
