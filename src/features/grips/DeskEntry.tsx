import { PictureList } from '@/client/pictures/PictureList';
import { withoutStep } from '@/core/grips';
import type { Contact, OwnerRole, Step } from '@/core/tree';
import { plural } from '@/core/words';
import { buttonClass } from '@/ui/Field';
import { StripButton } from '@/ui/StripButton';
import { TextLine } from '@/ui/TextLine';
import { HoldLine } from './HoldLine';
import type { Subject } from './subject';
import type { ChangeSteps, Typing } from './useDesk';

interface Props {
  readonly typing: Typing;
  readonly subject: Subject;
  readonly step: number;
  readonly role: OwnerRole;
  readonly now: readonly Contact[];
  /** Whole lines that are likely here. */
  readonly offers: readonly string[];
  /** The steps that the catalogue has for this move. */
  readonly known: readonly Step[];
  readonly onSteps: ChangeSteps;
  readonly onStep: (by: 1 | -1) => void;
}

/** What is done to one step besides its holds: who turns, its words, and taking it out. */
function StepMarks({ subject, step, role, onSteps }: Pick<Props, 'subject' | 'step' | 'role' | 'onSteps'>) {
  const here = subject.steps[step - 1];
  const patch = (label: string, change: (step: Step) => Step) =>
    onSteps(`step ${step}: ${label}`, (steps) => steps.map((item, i) => (i === step - 1 ? change(item) : item)));
  const other = role === 'below' ? ('top' as const) : ('below' as const);
  const pictures = here?.pictures ?? [];
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-4">
        <div className="w-56">
          <TextLine
            label={`Words for step ${step}`}
            value={here?.note ?? ''}
            hint="step over"
            maxLength={160}
            onChange={(note) => patch('words', (item) => ({ ...item, note: note === '' ? undefined : note }))}
          />
        </div>
        <StripButton onClick={() => patch('who is on top', (item) => ({ ...item, ownerRole: item.ownerRole ? undefined : other }))}>
          {here?.ownerRole ? 'Nobody turns here' : role === 'below' ? 'I come on top here' : 'I go below here'}
        </StripButton>
        <button
          type="button"
          className="min-h-9 text-red underline"
          onClick={() => onSteps(`step ${step} removed`, (steps) => withoutStep(steps, step))}
        >
          Remove step {step}
        </button>
      </div>
      <details>
        <summary className="min-h-8 py-1 text-[13px] text-soft">
          Pictures of step {step}: {pictures.length}
        </summary>
        <div className="max-w-80">
          <PictureList
            of={here?.note ?? `step ${step}`}
            pictures={pictures}
            onChange={(label, next) => patch(label, (item) => ({ ...item, pictures: next }))}
          />
        </div>
      </details>
    </>
  );
}

/** The line to type on and what can be done to the step. */
export function DeskEntry({ typing, subject, step, role, now, offers, known, onSteps, onStep }: Props) {
  const isTransition = subject.transition !== null;
  const count = subject.steps.length;
  return (
    <form
      className="grid gap-1 print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        void typing.enter();
      }}
    >
      <HoldLine
        label={
          isTransition
            ? `Step ${step}: who holds what. A limb holds one thing; “left hand free” lets go.`
            : 'Who holds what here. “left hand free” lets go.'
        }
        value={typing.typed}
        now={now}
        offers={offers}
        inputRef={typing.input}
        onChange={typing.setTyped}
        onEnter={() => void typing.enter()}
        onStep={onStep}
      />
      {typing.wrong.map((sentence) => (
        <p key={sentence} role="alert" className="text-red">
          {sentence}
        </p>
      ))}
      <div className="mt-1 flex flex-wrap items-center gap-x-4">
        <button type="submit" className={buttonClass}>
          Put it in
        </button>
        {isTransition && (
          <button type="button" className={buttonClass} onClick={typing.add} disabled={count >= 200}>
            {count === 0 ? 'First step' : 'Next step, copied forward'}
          </button>
        )}
      </div>
      {(offers.length > 0 || (count === 0 && known.length > 0)) && (
        <div role="group" aria-label="Likely here" className="flex flex-wrap gap-x-4">
          {isTransition && count === 0 && known.length > 0 && (
            <button
              type="button"
              className="min-h-9 font-medium underline"
              onClick={() => onSteps('steps as the catalogue has them', (steps) => (steps.length === 0 ? known : steps))}
            >
              All {plural(known.length, 'step')} as the catalogue has them
            </button>
          )}
          {offers.map((line) => (
            <button
              key={line}
              type="button"
              className="min-h-9 text-left text-soft underline hover:text-ink"
              onClick={() => typing.put(line)}
            >
              {line}
            </button>
          ))}
        </div>
      )}
      <p className="text-[13px] text-soft">
        Enter puts the line in{isTransition ? ', Enter on an empty line is the next step, PageUp and PageDown walk the steps' : ''}; press a
        limb of the drawing to name it. “or” gives another choice, “also” a second hold, “: pin” its job.
      </p>
      {isTransition && count > 0 && <StepMarks key={step} subject={subject} step={step} role={role} onSteps={onSteps} />}
    </form>
  );
}
