'use client';
import { useMemo, useRef, useState } from 'react';
import { ask } from '@/client/api';
import type { ProposalAsked, ProposalsAnswer, ProposalSent } from '@/contracts/classes';
import { idToAddress } from '@/contracts/address';
import { unitKey, unitOf, type PlannedUnit } from '@/core/classes';
import { familyFacts, type TreeDocument } from '@/core/tree';
import { minutesInWords, minutesText, sayUnit } from '@/core/words';
import type { ClassDocument, ClassPlan } from '@/documents/class/schema';
import { buttonClass } from '@/ui/Field';
import { NumberField } from '@/ui/NumberField';
import { PickOne } from '@/ui/PickOne';
import { missOfNames } from '@/core/base';

interface Props {
  readonly tree: TreeDocument;
  readonly plan: ClassPlan;
  readonly onTake: (units: readonly PlannedUnit[]) => void;
}

type Theme = ProposalAsked['theme'];
const NEW_THINGS = 3;

/** A guard, a hub or a school as the theme of a class. */
function themesFor(tree: TreeDocument, typed: string) {
  const starts = new Set(tree.starts.map(({ position }) => position));
  const places = tree.positions.filter(({ id, family, ends }) => !ends && (starts.has(id) || familyFacts(family).isHub));
  const all = [
    { key: '', label: 'any' },
    ...places.map(({ id, name }) => ({ key: `place ${id}`, label: name, note: starts.has(id) ? 'guard' : 'hub' })),
    ...(tree.schools ?? []).map((school) => ({ key: `school ${school}`, label: school, note: 'school' })),
  ];
  const found = all.filter(({ label }) => missOfNames(typed, [label]) !== null);
  return { options: found.slice(0, 14), more: Math.max(0, found.length - 14) };
}
function themeFrom(key: string): Theme {
  const at = key.indexOf(' ');
  if (at < 0) return null;
  return key.startsWith('place ') ? { place: key.slice(at + 1) } : { school: key.slice(at + 1) };
}
const themeName = (tree: TreeDocument, theme: Theme): string =>
  theme === null ? 'any' : 'school' in theme ? theme.school : (tree.positions.find(({ id }) => id === theme.place)?.name ?? 'gone');

interface ProposedProps {
  readonly tree: TreeDocument;
  readonly proposal: ProposalSent;
  readonly title: string;
  readonly onTake: () => void;
  readonly onNot: (unit: PlannedUnit) => void;
}

/** One proposal: its units in order, each with why it is in; and what is not. */
function Proposed({ tree, proposal, title, onTake, onNot }: ProposedProps) {
  return (
    <section aria-label={title} className="mt-4 border-t-2 border-ink pt-2">
      <h3 className="text-[19px]">
        {title}
        {proposal.about !== '' && `: ${proposal.about}`}
      </h3>
      <p>
        {minutesInWords(proposal.minutes)} of drills, worth {proposal.worth} rounds. <span className="text-soft">{proposal.sure}</span>
      </p>
      {proposal.notMet.map((sentence) => (
        <p key={sentence} className="border-l-[3px] border-red pl-2">
          {sentence}
        </p>
      ))}
      <ol className="mt-1">
        {proposal.units.map(({ unit, minutes, reasons }) => {
          const of = unitOf(tree, unit);
          const name = of ? sayUnit(tree, of) : 'a unit that is gone';
          return (
            <li key={unitKey(unit)} className="flex gap-2 border-t border-hair py-1">
              <span className="w-9 shrink-0 text-right font-figure text-[17px] font-semibold">{minutesText(minutes)}</span>
              <span className="min-w-0 flex-1">
                {name}
                <span className="block text-[13px] text-soft">{reasons.join(' ')}</span>
              </span>
              <button type="button" className="min-h-8 shrink-0 self-start underline" onClick={() => onNot(unit)}>
                Not this<span className="sr-only">: {name}</span>
              </button>
            </li>
          );
        })}
      </ol>
      <button type="button" className={`${buttonClass} mt-2`} onClick={onTake}>
        Take this class
      </button>
      {proposal.leftOut.length > 0 && (
        <details className="mt-1">
          <summary className="min-h-8 text-soft">What would bring most of what is left out</summary>
          {proposal.leftOut.map(({ name, why }) => (
            <p key={name} className="text-[14px]">
              {name}: <span className="text-soft">{why}.</span>
            </p>
          ))}
        </details>
      )}
    </section>
  );
}

/** What a proposal depends on of the class: all but its own units and what it is called. */
function slotOf(plan: ClassPlan): ClassPlan {
  const {
    id: _id,
    name: _name,
    tree: _tree,
    threes: _threes,
    pairs: _pairs,
    pairSeed: _seed,
    fromCourse: _made,
    ...slot
  } = plan as ClassPlan & Partial<ClassDocument> & { readonly threes?: number };
  return { ...slot, units: [] };
}

/** Two proposals for this slot and these people: what is asked for above, each unit with its reason below. */
export function ProposePanel({ tree, plan, onTake }: Props) {
  const [theme, setTheme] = useState<Theme>(null);
  const [mostNew, setMostNew] = useState<number | null>(NEW_THINGS);
  const [keeps, setKeeps] = useState(false);
  const [nots, setNots] = useState<readonly PlannedUnit[]>([]);
  const [pending, setPending] = useState(false);
  const [answer, setAnswer] = useState<(ProposalsAnswer & { readonly asked: string }) | null>(null);
  const last = useRef(0);
  const [problem, setProblem] = useState<string | null>(null);
  const names = useMemo(() => nots.map((unit) => ({ unit, of: unitOf(tree, unit) })), [nots, tree]);
  const asked = JSON.stringify(slotOf(plan));
  const find = async (without: readonly PlannedUnit[]) => {
    const run = ++last.current;
    setPending(true);
    setProblem(null);
    const body: ProposalAsked = {
      plan: slotOf(plan),
      theme,
      musts: keeps ? plan.units : [],
      mustNots: without.map(({ kind, of }) => ({ kind, of })),
      mostNew,
    };
    const got = await ask<ProposalsAnswer>(`/api/trees/${idToAddress(tree.id)}/propose`, { method: 'POST', body });
    // Stopped, or asked otherwise meanwhile.
    if (run !== last.current) return;
    setPending(false);
    if (got.ok) setAnswer({ ...got.value, asked });
    else setProblem(got.problems.join(' '));
  };
  const stop = () => {
    last.current++;
    setPending(false);
  };
  const leaveOut = (unit: PlannedUnit) => {
    const next = [...nots, { kind: unit.kind, of: unit.of }];
    setNots(next);
    void find(next);
  };
  return (
    <div>
      <h2 className="text-[19px]">Propose a class</h2>
      <p className="text-soft">
        {plan.slotMinutes} minutes for {plan.people}: what brings these people most in sparring, has gone stale or went wrong this week,
        fitted to the slot.
      </p>
      <div className="mt-2 flex flex-wrap items-start gap-4">
        <PickOne
          label="Theme"
          isOver
          shown={themeName(tree, theme)}
          optionsFor={(typed) => themesFor(tree, typed)}
          onPick={(key) => setTheme(themeFrom(key))}
        />
        <NumberField label="New units at most" min={0} max={20} none="any number" value={mostNew} onChange={setMostNew} />
      </div>
      {plan.units.length > 0 && (
        <label className="mt-1 flex min-h-8 items-center gap-2">
          <input type="checkbox" checked={keeps} onChange={(event) => setKeeps(event.target.checked)} />
          with all that is in the class now
        </label>
      )}
      {names.map(({ unit, of }) => (
        <p key={unitKey(unit)} className="flex justify-between gap-2 text-soft">
          <span>not: {of ? sayUnit(tree, of) : 'a unit that is gone'}</span>
          <button type="button" className="min-h-8 underline" onClick={() => setNots(nots.filter((item) => item !== unit))}>
            Allow it
          </button>
        </p>
      ))}
      <button type="button" className={`${buttonClass} mt-2`} disabled={pending} onClick={() => void find(nots)}>
        {pending ? 'Looking …' : 'Propose'}
      </button>
      {pending && (
        <button type="button" className="ml-4 min-h-9 underline" onClick={stop}>
          Stop
        </button>
      )}
      <p role="status" className="text-soft">
        {pending ? 'Weighing what each drill brings; some seconds at most.' : ''}
      </p>
      {problem !== null && (
        <p role="alert" className="text-red">
          {problem} Nothing was changed; try again.
        </p>
      )}
      {answer && answer.asked !== asked && (
        <p className="mt-2 border-l-[3px] border-red pl-2">These were found before the slot or the people were changed. Propose anew.</p>
      )}
      {answer?.notMet.map((sentence) => (
        <p key={sentence} className="mt-2 border-l-[3px] border-red pl-2">
          {sentence}
        </p>
      ))}
      {answer?.proposals.map((proposal, i) => (
        <Proposed
          key={i}
          {...{ tree, proposal }}
          title={i === 0 ? 'The best class' : 'A clearly different one'}
          onTake={() => onTake(proposal.units.map(({ unit }) => unit))}
          onNot={leaveOut}
        />
      ))}
    </div>
  );
}
