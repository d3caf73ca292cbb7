import { useState } from 'react';
import { groupBy } from '@/core/base';
import { findBrokenRules, findDoubleBookings, findHandOvers, findUnknownSpots, handLoad, isCloth, limbKey, mirrorSteps, sayContact, sayLimb, sayTarget, withNewStep, withoutStep, withoutUniform, withTyped, type HandOver } from '@/core/grips'; // prettier-ignore
import { sayMove, type Contact, type Step, type Transition } from '@/core/tree';
import { buttonClass } from '@/ui/Field';
import { plural } from '@/ui/figures';
import { StripButton } from '@/ui/StripButton';

interface Props {
  readonly move: Transition;
  readonly place: string;
  /** The change is made on the steps as they are stored by then. */
  readonly onSteps: (label: string, change: (steps: readonly Step[]) => readonly Step[]) => void;
}

const OVER_WORDS: Record<HandOver['kind'], string> = { trade: 'traded', relocation: 'carried', taken: 'taken', released: 'let go' };

/** What does not add up in these steps, each with its step and limb. */
function problemsOf(move: Transition, steps: readonly Step[]): string[] {
  const rules = findBrokenRules(steps, move.contactRules ?? []);
  return [
    ...findDoubleBookings(steps).map(({ step, contacts }) => `Step ${step}: ${sayLimb(contacts[0]!)} holds ${contacts.map((contact) => sayTarget(contact)).join(' and ')} at once.`),
    ...rules.map(({ rule, steps: at }) => `Step ${at.join(', ')}: “${rule.name ?? rule.kind}” is not kept.`),
    ...steps.flatMap((step, i) => (step.contacts.length === 0 ? [`Step ${i + 1}: nobody holds anything.`] : [])),
    ...steps.flatMap((step, i) => findUnknownSpots(step.contacts).map(({ contact, word }) => `Step ${i + 1}: ${sayLimb(contact)} holds “${word}”, which is no known spot.`)),
  ]; // prettier-ignore
}

/** The steps as they are looked at: for the other side, without the uniform. Derived, nothing is stored. */
function shownSteps(steps: readonly Step[], isFlipped: boolean, isBare: boolean): readonly Step[] {
  const sided = isFlipped ? mirrorSteps(steps) : steps;
  return isBare ? withoutUniform(sided) : sided;
}

/** What vanishes without the uniform, and what stands in its place. */
function Vanishing({ steps }: { steps: readonly Step[] }) {
  const gone = steps.flatMap((step, i) =>
    step.contacts.filter((contact) => isCloth(contact.target)).map((contact) => ({ step: i + 1, contact })),
  );
  if (gone.length === 0) return <p className="mt-3 text-soft">No hold here needs the cloth.</p>;
  return (
    <section aria-label="Without the cloth" className="mt-3">
      <h3 className="text-[17px]">Without the cloth</h3>
      {gone.map(({ step, contact }, i) => (
        <p key={i}>
          Step {step}: {sayContact(contact)} →{' '}
          {contact.substitute ? sayTarget({ ...contact, target: contact.substitute }) : <span className="text-red">no substitute</span>}
        </p>
      ))}
    </section>
  );
}

/** Steps across, limbs down, both athletes; what is typed at a step is copied forward. */
export function StepTable({ move, place, onSteps }: Props) {
  const [isFlipped, setFlipped] = useState(false);
  const [isBare, setBare] = useState(false);
  const written = move.steps ?? [];
  const steps = shownSteps(written, isFlipped, isBare);
  const looking = isFlipped || isBare;
  const [at, setAt] = useState(1);
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const step = Math.min(at, Math.max(1, steps.length));
  const limbs = groupBy(steps.flatMap((item) => item.contacts), limbKey); // prettier-ignore
  const overs = findHandOvers(steps);
  const load = handLoad(steps);
  const problems = problemsOf(move, steps);
  const cell = (limb: string, i: number): Contact[] => steps[i]!.contacts.filter((contact) => limbKey(contact) === limb);
  const over = (limb: string, i: number): string[] =>
    overs.filter((item) => item.toStep === i + 1 && limbKey('to' in item ? item.to : item.from) === limb).map((item) => OVER_WORDS[item.kind]); // prettier-ignore
  const add = () => {
    onSteps(`step ${steps.length + 1}`, (now) => withNewStep(now, now.length));
    setAt(steps.length + 1);
  };
  const enter = () => {
    const put = (now: readonly Step[]) => withTyped(now.length === 0 ? withNewStep([], 0) : now, step, typed);
    const next = put(written);
    setWrong(next.ok ? [] : next.error);
    if (!next.ok || typed.trim() === '') return;
    onSteps(`grips of step ${step}`, (now) => {
      const stored = put(now);
      return stored.ok ? stored.value : now;
    });
    setTyped('');
  };
  return (
    <article aria-label={sayMove(move)}>
      <h2 className="text-[24px]">{sayMove(move)}</h2>
      <p className="text-soft">from {place}</p>
      {written.length > 0 && (
        <div role="group" aria-label="Look at it" className="mt-1 flex gap-4">
          <StripButton chosen={isFlipped} onClick={() => setFlipped(!isFlipped)}>
            Other side
          </StripButton>
          <StripButton chosen={isBare} onClick={() => setBare(!isBare)}>
            Without the cloth
          </StripButton>
        </div>
      )}
      {steps.length > 0 && (
        <table className="mt-3 border-collapse text-left">
          <thead>
            <tr className="border-b-2 border-ink align-bottom">
              <td />
              {steps.map((_, i) => (
                <th key={i} scope="col" className="px-2 font-figure text-[15px]">
                  <button
                    type="button"
                    aria-pressed={step === i + 1}
                    className={`min-h-9 min-w-24 text-left ${step === i + 1 ? 'font-semibold underline decoration-red decoration-2 underline-offset-4' : 'text-soft'}`}
                    onClick={() => setAt(i + 1)}
                  >
                    step {i + 1}
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {[...limbs].map(([limb, [first]]) => (
              <tr key={limb} className="border-b border-hair align-top">
                <th scope="row" className={`py-1 pr-3 font-figure text-[15px] font-medium ${first!.athlete === 'owner' ? '' : 'text-his'}`}>
                  {sayLimb(first!)}
                </th>
                {steps.map((_, i) => {
                  const held = cell(limb, i);
                  return (
                    <td key={i} className={`px-2 py-1 ${step === i + 1 ? 'bg-tint' : ''} ${held.length > 1 ? 'text-red' : ''}`}>
                      {over(limb, i).map((word) => (
                        <span key={word} className="block text-[13px] text-soft">
                          {word}
                        </span>
                      ))}
                      {held.map((contact, n) => (
                        <span key={n} className="block" title={sayContact(contact)}>
                          {sayTarget(contact)}
                          {isCloth(contact.target) && <span className="text-[13px] text-soft"> cloth</span>}
                        </span>
                      ))}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {isBare && <Vanishing steps={isFlipped ? mirrorSteps(written) : written} />}
      {looking && <p className="mt-3 text-soft">Derived from what is written; to change it, look at it as it is written.</p>}
      <form
        hidden={looking}
        className="mt-4 grid max-w-2xl gap-1 [&[hidden]]:hidden"
        onSubmit={(event) => {
          event.preventDefault();
          enter();
        }}
      >
        <label className="grid gap-0.5">
          <span className="text-[13px] text-soft">Step {step}: who holds what. A limb holds one thing; “left hand free” lets go.</span>
          <input
            value={typed}
            placeholder="e.g. right hand far lapel, left hand same-side knee outside"
            maxLength={1000}
            autoComplete="off"
            onChange={(event) => setTyped(event.target.value)}
            className="min-h-9 w-full border-b-2 border-red bg-paper font-figure text-[15px] outline-none placeholder:text-soft"
          />
        </label>
        {wrong.map((sentence) => (
          <p key={sentence} role="alert" className="text-red">
            {sentence}
          </p>
        ))}
        <div className="mt-1 flex flex-wrap gap-4">
          <button type="submit" className={buttonClass}>
            Put it in
          </button>
          <button type="button" className={buttonClass} onClick={add} disabled={steps.length >= 200}>
            Next step, copied forward
          </button>
          {steps.length > 0 && (
            <button
              type="button"
              className="min-h-9 text-red underline"
              onClick={() => onSteps(`step ${step} removed`, (now) => withoutStep(now, step))}
            >
              Remove step {step}
            </button>
          )}
        </div>
      </form>
      {problems.length > 0 && (
        <section aria-label="What does not add up" className="mt-4 border-l-[3px] border-red pl-3">
          <h3 className="text-[17px] text-red">Does not add up</h3>
          {problems.map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
        </section>
      )}
      {(move.hazards ?? []).length > 0 && (
        <div className="mt-4 border-l-[3px] border-red pl-2">
          <h3 className="text-[15px]">Care</h3>
          <p>{move.hazards!.join(' ')}</p>
          <p className="text-soft">Your gym’s rules and the event’s current rule book come first.</p>
        </div>
      )}
      {load.length > 0 && (
        <p className="mt-3 text-soft">Busiest: {load.map((item) => `${sayLimb(item)}, ${plural(item.trades, 'trade')}`).join('; ')}.</p>
      )}
    </article>
  );
}
