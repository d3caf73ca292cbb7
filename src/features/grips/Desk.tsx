'use client';
import { useEffect, useMemo, useRef, useState, type CSSProperties } from 'react';
import { factGameOf, findCertainFacts, findGripFindings, gripsAlong, mirrorSteps, parseContacts, parseLimb, sayContact, sayLimb, withNewStep, withoutStep, withoutUniform, withTyped, holdFact } from '@/core/grips'; // prettier-ignore
import type { Contact, Step, Transition, TreeDocument } from '@/core/tree';
import { withTransition } from '@/core/tree';
import { buttonClass } from '@/ui/Field';
import { plural } from '@/ui/figures';
import { StripButton } from '@/ui/StripButton';
import type { PairView } from './bodies';
import { BodyPair } from './BodyPair';
import { Cloth } from './Cloth';
import { DeskProblems } from './DeskProblems';
import { HoldLine } from './HoldLine';
import { MoveGrips, MoveRules } from './MoveRules';
import { OtherSide } from './OtherSide';
import { StepTable } from './StepTable';
import { roleAt, withSubjectSteps, type Subject } from './subject';

interface Props {
  readonly tree: TreeDocument;
  readonly subject: Subject;
  readonly onEdit: (label: string, change: (tree: TreeDocument) => TreeDocument) => Promise<boolean>;
}

const PLAY_MS = 1300;

/** The steps as they are looked at: for the other side, without the uniform. Derived, nothing is stored. */
function shownSteps(steps: readonly Step[], isFlipped: boolean, isBare: boolean): readonly Step[] {
  const sided = isFlipped ? mirrorSteps(steps) : steps;
  return isBare ? withoutUniform(sided) : sided;
}

/** What came with a step (from 1); nothing is new at the first. */
function freshAt(steps: readonly Step[], step: number): ReadonlySet<Contact> {
  const before = new Set((steps[step - 2]?.contacts ?? []).map(holdFact));
  return new Set(step === 1 ? [] : (steps[step - 1]?.contacts ?? []).filter((contact) => !before.has(holdFact(contact))));
}

/** How much a sheet shrinks so that its columns fit an A4 page across; beyond sixteen steps it runs on. */
const printZoom = (steps: number): number => (steps > 16 ? 1 : Math.min(1, 1020 / (110 + steps * 165)));

/** Walks through the steps one by one while `playing`, and stops at the last. */
function usePlay(count: number, step: number, setStep: (step: number) => void) {
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!playing) return;
    const timer = setTimeout(() => (step < count ? setStep(step + 1) : setPlaying(false)), PLAY_MS);
    return () => clearTimeout(timer);
  }, [playing, step, count, setStep]);
  const toggle = () => {
    if (!playing && step >= count) setStep(1);
    setPlaying(!playing);
  };
  return { playing, toggle };
}

/** What is sure to be held where the move begins, whichever way one came. */
function useArrival(tree: TreeDocument, subject: Subject): readonly string[] {
  return useMemo(() => {
    const facts = findCertainFacts(tree).certain.get(subject.position.id) ?? new Set<string>();
    const game = factGameOf(tree);
    return [...facts].filter((fact) => game.isHold(fact));
  }, [tree, subject.position.id]);
}

/** Who holds what with what, step by step: the drawn pair, the line to type on, the table, and what does not add up. */
export function Desk({ tree, subject, onEdit }: Props) {
  const { move, position, steps: written } = subject;
  const [isFlipped, setFlipped] = useState(false);
  const [isBare, setBare] = useState(false);
  const [at, setAt] = useState(1);
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const input = useRef<HTMLInputElement>(null);
  const steps = shownSteps(written, isFlipped, isBare);
  const looking = isFlipped || isBare;
  const step = Math.min(at, Math.max(1, steps.length));
  const { playing, toggle } = usePlay(steps.length, step, setAt);
  const arrival = useArrival(tree, subject);
  const findings = useMemo(
    () => findGripFindings(tree).filter((item) => (move ? item.transition === move.id : item.transition === null && item.position === position.id)),
    [tree, move, position.id],
  ); // prettier-ignore
  const now = steps[step - 1]?.contacts ?? [];
  const roles = steps.map((_, i) => roleAt(tree, { position, steps }, i + 1));
  const role = roles[step - 1] ?? roleAt(tree, { position, steps }, step);
  const viewAt = (i: number): PairView => ({ lies: (roles[i - 1] ?? role) === 'below' ? 'owner' : 'opponent', near: isFlipped ? 1 : -1 });
  const lastItem = typed.slice(typed.lastIndexOf(',') + 1).trim();
  const openLimb = parseLimb(lastItem);
  const along = gripsAlong([{ id: subject.id, steps }]);
  const hazards = move?.hazards ?? position.hazards ?? [];

  const onSteps = (label: string, change: (steps: readonly Step[]) => readonly Step[]) =>
    onEdit(`${subject.title}: ${label}`, (current) => withSubjectSteps(current, subject, change));
  const onMove = (label: string, patch: Partial<Transition>) =>
    move && void onEdit(`${subject.title}: ${label}`, (current) => withTransition(current, { ...(current.transitions.find((item) => item.id === move.id) ?? move), ...patch })); // prettier-ignore
  /** The first step begins with what is sure to be held on arrival; each later one with what was held. */
  const firstStep = (): Step[] => {
    const held = parseContacts(arrival.join(', '));
    return [{ contacts: held.ok ? held.value : [] }];
  };
  const add = () => {
    if (!move || looking) return;
    void onSteps(`step ${step + 1}`, (current) => (current.length === 0 ? firstStep() : withNewStep(current, Math.min(step, current.length))));
    setAt(written.length === 0 ? 1 : step + 1);
  };
  const enter = async () => {
    if (typed.trim() === '') return add();
    const put = (current: readonly Step[]) => withTyped(current.length === 0 ? firstStep() : current, step, typed);
    const next = put(written);
    setWrong(next.ok ? [] : next.error);
    if (!next.ok) return;
    const sent = typed;
    const stored = await onSteps(`grips of step ${step}`, (current) => {
      const result = put(current);
      return result.ok ? result.value : current;
    });
    // What is typed stays until the server has it, and whatever is typed meanwhile stays too.
    if (stored) setTyped((value) => (value === sent ? '' : value));
  };
  const press = (words: string) => {
    setTyped((value) => {
      const kept = value.slice(0, value.lastIndexOf(',') + 1);
      return `${kept}${kept === '' ? '' : ' '}${words}`;
    });
    input.current?.focus();
  };
  const onStep = (by: 1 | -1) => setAt(Math.min(Math.max(1, step + by), Math.max(1, steps.length)));
  const setRole = () => {
    const next = role === 'below' ? ('top' as const) : ('below' as const);
    void onSteps(`step ${step}: on ${next === 'top' ? 'top' : 'the bottom'}`, (current) =>
      current.map((item, i) => (i === step - 1 ? { ...item, ownerRole: item.ownerRole ? undefined : next } : item)));
  };

  return (
    <article aria-label={subject.title} className="grips-sheet" style={{ '--print-zoom': printZoom(steps.length) } as CSSProperties}>
      <header className="flex flex-wrap items-baseline gap-x-5">
        <h2 className="text-[24px]">{subject.title}</h2>
        <p className="text-soft">{subject.where}</p>
        <div role="group" aria-label="Look at it" className="flex gap-4 print:hidden">
          <StripButton chosen={isFlipped} onClick={() => setFlipped(!isFlipped)}>Other side</StripButton>
          <StripButton chosen={isBare} onClick={() => setBare(!isBare)}>Without the cloth</StripButton>
          <StripButton onClick={() => window.print()}>Print</StripButton>
        </div>
        <p className="hidden print:block">{[isFlipped && 'the other side', isBare && 'without the cloth'].filter(Boolean).join(', ')}</p>
      </header>
      <div className="mt-2 grid grid-cols-[minmax(0,430px)_minmax(0,1fr)] gap-6 max-md:grid-cols-1 print:block">
        <div className="print:hidden">
          <BodyPair
            contacts={now}
            fresh={freshAt(steps, step)}
            view={viewAt(step)}
            caption={now.length === 0 ? 'Two bodies seen from above; nobody holds anything yet.' : `Step ${step}: ${now.map(sayContact).join('; ')}.`}
            open={!looking && openLimb.ok ? openLimb.value : null}
            onLimb={looking ? undefined : (words) => press(`${words} `)}
            onSpot={looking || !openLimb.ok ? undefined : (words) => press(`${sayLimb(openLimb.value)} ${words}`)}
          />
          {move && steps.length > 0 && (
            <div className="flex flex-wrap items-center gap-4 print:hidden">
              <StripButton disabled={step <= 1} onClick={() => onStep(-1)}>Step back</StripButton>
              <span className="font-figure text-[15px] font-semibold" aria-live="polite">step {step} of {steps.length}</span>
              <StripButton disabled={step >= steps.length} onClick={() => onStep(1)}>Step on</StripButton>
              <StripButton chosen={playing} disabled={steps.length < 2} onClick={toggle}>{playing ? 'Stop' : 'Play the steps'}</StripButton>
            </div>
          )}
        </div>
        <div className="min-w-0">
          {looking ? (
            <p className="text-soft print:hidden">Derived from what is written; to change it, look at it as it is written.</p>
          ) : (
            <form className="grid gap-1 print:hidden" onSubmit={(event) => { event.preventDefault(); void enter(); }}>
              <HoldLine
                label={move ? `Step ${step}: who holds what. A limb holds one thing; “left hand free” lets go.` : 'Who holds what here. “left hand free” lets go.'}
                value={typed}
                now={now}
                inputRef={input}
                onChange={setTyped}
                onEnter={() => void enter()}
                onStep={onStep}
              />
              {wrong.map((sentence) => <p key={sentence} role="alert" className="text-red">{sentence}</p>)}
              <div className="mt-1 flex flex-wrap items-center gap-x-4">
                <button type="submit" className={buttonClass}>Put it in</button>
                {move && <button type="button" className={buttonClass} onClick={add} disabled={written.length >= 200}>{written.length === 0 ? 'First step' : 'Next step, copied forward'}</button>}
                {move && written.length > 0 && (
                  <>
                    <StripButton onClick={setRole}>{steps[step - 1]?.ownerRole ? 'Nobody turns here' : role === 'below' ? 'I come on top here' : 'I go below here'}</StripButton>
                    <button type="button" className="min-h-9 text-red underline" onClick={() => void onSteps(`step ${step} removed`, (current) => withoutStep(current, step))}>Remove step {step}</button>
                  </>
                )}
              </div>
              <p className="text-[13px] text-soft">
                Enter puts the line in{move ? ', Enter on an empty line is the next step, PageUp and PageDown walk the steps' : ''}; press a limb of the drawing to name it. “or” gives another choice, “also” a second hold, “: pin” its job.
              </p>
            </form>
          )}
          {move && arrival.length > 0 && <p className="mt-2">Sure to be held on arrival, as far as steps are written: {arrival.join('; ')}.</p>}
          {written.length === 0 && <p className="mt-2 text-soft">{move ? 'No step is written yet.' : 'Nothing is said to be held here.'} Type the first hold, or press a limb.</p>}
          <DeskProblems findings={findings} dismissals={tree.dismissals ?? []} onStep={setAt} onEdit={onEdit} />
          {hazards.length > 0 && (
            <div className="mt-3 border-l-[3px] border-red pl-2">
              <h3 className="text-[15px]">Care</h3>
              <p>{hazards.join(' ')}</p>
              <p className="text-soft">Your gym’s rules and the event’s current rule book come first.</p>
            </div>
          )}
        </div>
      </div>
      {steps.length > 0 && (
        <div className="mt-3">
          <StepTable
            steps={steps}
            at={step}
            roles={roles}
            onAt={setAt}
            pictureOf={(i) => (
              <BodyPair plain contacts={steps[i - 1]!.contacts} fresh={freshAt(steps, i)} view={viewAt(i)} caption={`Step ${i}`} />
            )}
          />
        </div>
      )}
      {move && along.survivals.length > 0 && steps.length > 1 && (
        <p className="mt-2 text-soft">
          Survives longest: {along.survivals.slice(0, 2).map((item) => `${sayContact(item.contact)}, ${plural(item.steps, 'step')}`).join('; ')}.
          {along.load.length > 0 && ` Busiest: ${along.load.slice(0, 3).map((item) => `${sayLimb(item)}, ${plural(item.trades, 'trade')}`).join('; ')}.`}
        </p>
      )}
      {!looking && (
        <div className="mt-5 grid grid-cols-2 gap-x-8 gap-y-5 border-t-2 border-ink pt-3 max-md:grid-cols-1 print:hidden">
          {move && <MoveRules tree={tree} move={move} onChange={onMove} />}
          {move && <MoveGrips move={move} onChange={onMove} />}
          <Cloth steps={written} onSteps={(label, change) => void onSteps(label, change)} />
          <OtherSide tree={tree} subject={subject} onEdit={onEdit} />
        </div>
      )}
    </article>
  );
} // prettier-ignore
