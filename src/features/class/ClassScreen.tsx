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
import { filterTree, isFiltering, type Filter } from '@/core/lens';
import { classSheetOf, minutesText } from '@/core/words';
import type { TreeDocument } from '@/core/tree';
import { AppStrip } from '@/ui/AppStrip';
import { FoldedWhenNarrow } from '@/ui/FoldedWhenNarrow';
import { StoredAlert, StoredStatus, WAITS } from '@/ui/StoredStrip';
import { screenLinks } from '@/client/screenLinks';
import {
  attendance,
  forgettingOf,
  hasOtherSide,
  knownOn,
  meetingsBefore,
  repetitionsOf,
  unitKey,
  unitsOfBranch,
  withDependents,
  type HeldClass,
  type PlannedUnit,
  type UnitSpec,
} from '@/core/classes';
import { AfterClass } from './AfterClass';
import { PairsPanel } from './PairsPanel';
import { ProposePanel } from './ProposePanel';
import { SheetTabs, type SheetTab } from './SheetTabs';
import { BranchPicker } from './BranchPicker';
import { Checks } from './Checks';
import { ClassChoice } from './ClassChoice';
import { branchChoices, classModelOf, moved, otherSide, withOtherSide, withUnits } from './classModel';
import { OtherUnits } from './OtherUnits';
import { OwnWay } from './OwnWay';
import { MinuteRail } from './rail/MinuteRail';
import { SettingsForm } from './SettingsForm';
import { sentencesOf } from './sentences';
import { UnitSheet } from './UnitSheet';
import { WhoComes } from './WhoComes';

interface Props {
  readonly tree: TreeDocument;
  readonly book: GymBook;
  readonly plan: ClassDocument;
  readonly revision: number;
  /** The classes that were held of the tree. */
  readonly held: readonly HeldClass[];
  /** 'YYYY-MM-DD' */
  readonly today: string;
  /** All classes of the tree. */
  readonly classes: readonly { readonly id: string; readonly name: string }[];
}

const NO_FILTER: Filter = {};

/** A class made from chosen branches: what is drilled when, what the feeder does, and what must go if it is too long. */
export function ClassScreen({ tree: bare, book, plan: opened, revision, classes, held: heldBefore, today }: Props) {
  const {
    document: typed,
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
  // What is changed by hand stays when the course is planned again.
  const change = (label: string, patch: Partial<ClassDocument>) => edit(label, (now) => ({ ...now, ...patch, fromCourse: undefined }));
  const { expected, plan } = useMemo(() => attendance(typed, book), [typed, book]);
  const [held, setHeld] = useState(heldBefore);
  const taught = useMemo(
    () =>
      knownOn(
        held,
        plan.date ?? today,
        expected.map(({ id }) => id),
        forgettingOf(book.settings),
      ),
    [held, plan.date, today, expected, book.settings],
  );
  const before = useMemo(() => meetingsBefore(held, plan.date ?? today), [held, plan.date, today]);
  useUndoKeys({ onUndo: undo, onRedo: redo });
  const [chosen, setChosen] = useState<string | null>(null);
  const model = useMemo(() => classModelOf(tree, plan, taught), [tree, plan, taught]);
  const sheet = useMemo(() => classSheetOf(tree, model.units, plan), [tree, model, plan]);
  const filter = plan.filter ?? NO_FILTER;
  const choices = useMemo(() => branchChoices(tree, plan), [tree, plan]);
  const allowed = useMemo(() => filterTree(tree, filter).tree, [tree, filter]);
  const wrong = useMemo(() => sentencesOf(tree, model, expected), [tree, model, expected]);
  const [tab, setTab] = useState<SheetTab>(plan.units.length === 0 ? 'propose' : 'class');
  // Open at first for a class of nothing; then as the coach leaves it.
  const [isByHand] = useState(opened.units.length === 0);
  const open = (key: string | null) => {
    setChosen(key);
    setTab('class');
  };
  const unit = model.units.find((item) => item.key === chosen);
  const { overrunMinutes, totalMinutes } = model.time;
  const over = overrunMinutes > 1e-9;
  const setUnits = (label: string, units: readonly PlannedUnit[]) => change(label, { units });
  const add = (label: string, units: readonly UnitSpec[]) => setUnits(label, withUnits(plan.units, units));
  const drop = (keys: readonly string[]) => {
    const gone = withDependents(model.units, keys);
    setUnits(
      'taken out',
      plan.units.filter((item) => !gone.has(unitKey(item)) && !keys.includes(unitKey(item))),
    );
  };
  const toggle = (branch: readonly string[], on: boolean) => {
    const units = unitsOfBranch(tree, branch);
    if (on) add('a branch taken in', units);
    else drop(units.map(unitKey));
  };
  const decide = (key: string, label: string, patch: Partial<PlannedUnit>) =>
    setUnits(
      label,
      plan.units.map((item) => (unitKey(item) === key ? { ...item, ...patch } : item)),
    );
  const place = (key: string): number => plan.units.findIndex((item) => unitKey(item) === key);
  const id = idToAddress(tree.id);
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
        <PageLink href={`/class/${id}/cards?class=${encodeURIComponent(plan.id)}`} className="underline">
          Feeder cards
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
          <ClassChoice tree={bare} plan={typed} classes={classes} onRename={(name) => change('renamed', { name })} />
          <FoldedWhenNarrow label="Length, who comes, what is taken in" isOpen={isByHand}>
            <SettingsForm plan={plan} isCounted={expected.length > 1} onChange={change} />
            <WhoComes {...{ plan, book, expected }} onChange={change} />
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
            <details className="mt-3" open={isByHand}>
              <summary className="min-h-8 font-figure text-[19px] font-semibold">Take in by hand</summary>
              <BranchPicker choices={choices} onToggle={toggle} />
              <OwnWay tree={allowed} onTake={(branch) => add('a way of your own', unitsOfBranch(tree, branch))} />
              <OtherUnits
                tree={allowed}
                units={plan.units}
                onToggle={(spec, on) => (on ? add('a drill taken in', [spec]) : drop([unitKey(spec)]))}
              />
            </details>
          </FoldedWhenNarrow>
        </div>
        <div className="flex min-h-0 flex-col overflow-y-auto p-3">
          {model.units.length === 0 ? (
            <p className="max-w-md text-soft">
              Nothing is in this class yet. Let one be proposed, or take branches in by hand: each becomes its moves, with their counters,
              and a chain. Three to seven units make a good hour.
            </p>
          ) : (
            <MinuteRail
              sheet={sheet}
              units={model.units}
              slotMinutes={plan.slotMinutes}
              chosen={chosen}
              wrong={(key) => wrong.get(key)?.length ?? 0}
              onChoose={open}
              onMove={(key, to) => setUnits('moved', moved(plan.units, key, place(model.units[to]!.key)))}
            />
          )}
        </div>
        <aside aria-label="Side sheet" className="overflow-y-auto border-l-2 border-ink p-4 max-lg:border-l-0">
          <SheetTabs tab={tab} onTab={setTab}>
            {tab === 'class' && (
              <>
                <Checks
                  tree={tree}
                  model={model}
                  onDrop={drop}
                  onForget={(units) =>
                    setUnits(
                      'what is gone taken out',
                      plan.units.filter((item) => !units.includes(item)),
                    )
                  }
                />
                {unit ? (
                  <UnitSheet
                    {...{ tree, plan, unit }}
                    others={model.units.filter((item) => item !== unit)}
                    minutes={model.time.perUnit.get(unit.key)!}
                    wrong={wrong.get(unit.key) ?? []}
                    repetitions={repetitionsOf([unit], plan)}
                    onChange={(label, patch) => decide(unit.key, label, patch)}
                    onPlan={change}
                    onMove={(by) => setUnits('moved', moved(plan.units, unit.key, place(unit.key) + by))}
                    onOther={
                      place(unitKey(otherSide(unit))) >= 0 || !hasOtherSide(tree, unit)
                        ? undefined
                        : () => setUnits('the other side taken in', withOtherSide(plan.units, unit))
                    }
                    onDrop={() => drop([unit.key])}
                  />
                ) : (
                  model.units.length > 0 && <p className="text-soft">{sheet.summary} Press a part on the rail for its feeder script.</p>
                )}
              </>
            )}
            {tab === 'propose' && (
              <ProposePanel
                {...{ tree, plan }}
                onTake={(units) => {
                  setUnits('a proposal taken', units);
                  open(null);
                }}
              />
            )}
            {tab === 'pairs' && <PairsPanel {...{ tree, plan, expected, before }} units={model.units} onChange={change} />}
            {tab === 'after' && (
              <AfterClass
                {...{ tree, plan, expected, held, today, before }}
                names={new Map(book.athletes.map((item) => [item.id, item.name]))}
                units={model.units}
                onHeld={(one) => setHeld([...held, one])}
              />
            )}
          </SheetTabs>
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
