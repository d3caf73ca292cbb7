'use client';
import { useMemo, useState } from 'react';
import { bareTree, isOneSided, mirrorPart, mirrorSteps } from '@/core/lens';
import { catalogueStepsOf, findGripFight, findGripFindings, gripsAlong, offeredHolds } from '@/core/grips';
import { holdFact, sayContact, sayLimb } from '@/core/contacts';
import { type Contact, type OwnerRole, type Step, type Transition, type TreeDocument, withTransition } from '@/core/tree';
import { plural, sayOutside } from '@/core/words';
import { useCatalogue } from '@/client/useCatalogue';
import { StripButton } from '@/ui/StripButton';
import { turnedSaysMore, type PairView } from './bodies';
import { BodyPair } from './BodyPair';
import { Cloth, Vanished } from './Cloth';
import { DeskEntry } from './DeskEntry';
import { DeskProblems } from './DeskProblems';
import { TransitionGrips, TransitionRules } from './TransitionRules';
import { OtherSide } from './OtherSide';
import { StepTable } from './StepTable';
import { roleAt, subjectOf, withSubjectSteps, type Subject, type SubjectId } from './subject';
import { useArrival, usePlay, useTyping } from './useDesk';

/** How the desk is looked at; it stays so from move to move. */
export interface Look {
  /** For the other side. */
  readonly isFlipped: boolean;
  /** Without the cloth. */
  readonly isBare: boolean;
  /** The drawn pair turned by 180°; null = from the end that says more. */
  readonly isTurned: boolean | null;
}
interface Props {
  readonly tree: TreeDocument;
  readonly subject: Subject;
  readonly look: Look;
  readonly onLook: (look: Look) => void;
  readonly onEdit: (label: string, change: (tree: TreeDocument) => TreeDocument) => void;
}

/** The tree as it is looked at: this for the other side, all of it without the uniform. Derived, nothing is stored. */
function treeAtDesk(tree: TreeDocument, { kind, id }: SubjectId, isFlipped: boolean, isBare: boolean): TreeDocument {
  const part = { positions: new Set(kind === 'position' ? [id] : []), transitions: new Set(kind === 'transition' ? [id] : []) };
  const sided = isFlipped ? mirrorPart(tree, part).tree : tree;
  return isBare ? bareTree(sided) : sided;
}

/** In a grip fight: whose hand is outside, and after which changes. */
function Outside({ steps }: { steps: readonly Step[] }) {
  const said = sayOutside(findGripFight(steps));
  return said === '' ? null : <p className="mt-2">{said}</p>;
}

/** What came with a step (from 1); nothing is new at the first. */
function freshAt(steps: readonly Step[], step: number): ReadonlySet<Contact> {
  const before = new Set((steps[step - 2]?.contacts ?? []).map(holdFact));
  return new Set(step === 1 ? [] : (steps[step - 1]?.contacts ?? []).filter((contact) => !before.has(holdFact(contact))));
}

const viewOf = (role: OwnerRole, isFlipped: boolean): PairView => ({
  lies: role === 'below' ? 'owner' : 'opponent',
  near: isFlipped ? 1 : -1,
});

/** The table of a subject; made anew only when it or the step changes, not at every key. */
function tableOf(
  tree: TreeDocument,
  id: SubjectId,
  step: number,
  isFlipped: boolean,
  troubled: ReadonlySet<number>,
  onAt: (step: number) => void,
) {
  const subject = subjectOf(tree, id);
  if (!subject) return null;
  const { steps } = subject;
  const roles = steps.map((_, i) => roleAt(tree, subject, i + 1));
  return (
    <StepTable
      steps={steps}
      at={step}
      single={!subject.transition}
      roles={roles}
      troubled={troubled}
      onAt={onAt}
      pictureOf={(i) => (
        <BodyPair
          plain
          contacts={steps[i - 1]!.contacts}
          fresh={freshAt(steps, i)}
          view={viewOf(roles[i - 1]!, isFlipped)}
          caption={`Step ${i}`}
        />
      )}
    />
  );
}

/** Who holds what with what, step by step: the drawn pair, the line to type on, the table, and what does not add up. */
export function Desk({ tree, subject, look, onLook, onEdit }: Props) {
  const { transition, position, steps: written } = subject;
  const { isFlipped, isBare } = look;
  const [at, setAt] = useState(1);
  const { kind, id } = subject;
  const looked = useMemo(() => treeAtDesk(tree, { kind, id }, isFlipped, isBare), [tree, kind, id, isFlipped, isBare]);
  const steps = subjectOf(looked, subject)?.steps ?? [];
  const looking = isFlipped || isBare;
  const stays = transition !== null && isOneSided(transition);
  const turned = isFlipped && !stays;
  const step = Math.min(at, Math.max(1, steps.length));
  const { playing, toggle } = usePlay(steps.length, step, setAt);
  const arrival = useArrival(looked, subject);
  const findings = useMemo(
    () =>
      findGripFindings(looked).filter((item) =>
        kind === 'transition' ? item.transition === id : item.transition === null && item.position === id,
      ),
    [looked, kind, id],
  );
  const now = steps[step - 1]?.contacts ?? [];
  const role = roleAt(tree, { position, steps }, step);
  const upright = viewOf(role, turned);
  // The whole move is looked at from one end.
  const isTurned =
    look.isTurned ??
    turnedSaysMore(
      steps.flatMap(({ contacts }) => contacts),
      upright,
    );
  const troubled = useMemo(() => {
    const aside = new Set((tree.dismissals ?? []).map((item) => item.finding));
    return new Set(findings.filter((item) => !aside.has(item.key)).flatMap(({ problem }) => problem.steps ?? [problem.step]));
  }, [findings, tree.dismissals]);
  const table = useMemo(() => tableOf(looked, { kind, id }, step, turned, troubled, setAt), [looked, kind, id, step, turned, troubled]);
  const along = gripsAlong([{ id: subject.id, steps }]);
  const hazards = transition?.hazards ?? position.hazards ?? [];

  const onSteps = (label: string, change: (steps: readonly Step[]) => readonly Step[]) =>
    onEdit(`${subject.title}: ${label}`, (current) => withSubjectSteps(current, subject, change));
  const onTransition = (label: string, patch: Partial<Transition>) =>
    transition &&
    onEdit(`${subject.title}: ${label}`, (current) =>
      withTransition(current, { ...(current.transitions.find((item) => item.id === transition.id) ?? transition), ...patch }),
    );
  const typing = useTyping({ subject, step, arrival, onSteps, onAt: setAt });
  const catalogue = useCatalogue(!looking, tree.owner);
  const known = useMemo(() => catalogueStepsOf(catalogue?.transitions ?? [], transition, position), [catalogue, transition, position]);
  const offers = useMemo(
    () => offeredHolds({ last: typing.last, place: position, known, step, now: written[step - 1]?.contacts ?? [] }),
    [typing.last, position, known, step, written],
  );
  const onStep = (by: 1 | -1) => setAt(Math.min(Math.max(1, step + by), Math.max(1, steps.length)));
  return (
    <article aria-label={subject.title} className="grips-sheet">
      <header className="flex flex-wrap items-baseline gap-x-5">
        <h2 className="text-[24px]">{subject.title}</h2>
        <p className="text-soft">{subject.where}</p>
        <div role="group" aria-label="Look at it" className="flex gap-4 print:hidden">
          <StripButton chosen={isFlipped} onClick={() => onLook({ ...look, isFlipped: !isFlipped })}>
            Other side
          </StripButton>
          <StripButton chosen={isBare} onClick={() => onLook({ ...look, isBare: !isBare })}>
            Without the cloth
          </StripButton>
          <StripButton chosen={isTurned} onClick={() => onLook({ ...look, isTurned: !isTurned })}>
            Turn it by 180°
          </StripButton>
          <StripButton onClick={() => window.print()}>Print</StripButton>
        </div>
        <p className="hidden print:block">{[isFlipped && 'the other side', isBare && 'without the cloth'].filter(Boolean).join(', ')}</p>
      </header>
      <div className="mt-2 grid grid-cols-[minmax(0,430px)_minmax(0,1fr)] gap-6 max-md:grid-cols-1 print:block">
        <div className="print:hidden">
          <BodyPair
            contacts={now}
            fresh={freshAt(steps, step)}
            view={{ ...upright, turned: isTurned }}
            caption={
              now.length === 0
                ? 'Two bodies seen from above; nobody holds anything yet.'
                : `Step ${step}: ${now.map(sayContact).join('; ')}.`
            }
            open={looking ? null : typing.limb}
            onLimb={looking ? undefined : (words) => typing.press(`${words} `)}
            onSpot={looking || !typing.limb ? undefined : (words) => typing.press(`${sayLimb(typing.limb!)} ${words}`)}
          />
          {transition && steps.length > 0 && (
            <div className="flex flex-wrap items-center gap-4 print:hidden">
              <StripButton disabled={step <= 1} onClick={() => onStep(-1)}>
                Step back
              </StripButton>
              <span className="font-figure text-[15px] font-semibold" aria-live="polite">
                step {step} of {steps.length}
              </span>
              <StripButton disabled={step >= steps.length} onClick={() => onStep(1)}>
                Step on
              </StripButton>
              <StripButton chosen={playing} disabled={steps.length < 2} onClick={toggle}>
                {playing ? 'Stop' : 'Play the steps'}
              </StripButton>
            </div>
          )}
        </div>
        <div className="min-w-0">
          {looking ? (
            <p className="text-soft print:hidden">Read-only. Switch this view off to edit.</p>
          ) : (
            <DeskEntry
              typing={typing}
              subject={subject}
              step={step}
              role={role}
              now={now}
              offers={offers}
              known={known}
              onSteps={onSteps}
              onStep={onStep}
            />
          )}
          {isFlipped && stays && <p>This move belongs to one side, so it stays as it is.</p>}
          {isBare && <Vanished steps={turned ? mirrorSteps(written) : written} />}
          <Outside steps={steps} />
          {transition && arrival.length > 0 && (
            <p className="mt-2">Sure to be held on arrival, as far as steps are written: {arrival.join('; ')}.</p>
          )}
          {written.length === 0 && (
            <p className="mt-2 text-soft">
              {transition ? 'No step is written yet.' : 'Nothing is said to be held here.'} Type the first hold, or press a limb.
            </p>
          )}
          <DeskProblems tree={tree} findings={findings} derived={looking} onStep={setAt} onEdit={onEdit} />
          {hazards.length > 0 && (
            <div className="mt-3 border-l-[3px] border-red pl-2">
              <h3 className="text-[15px]">Care</h3>
              <p>{hazards.join(' ')}</p>
              <p className="text-soft">Your gym’s rules and the event’s current rule book come first.</p>
            </div>
          )}
        </div>
      </div>
      {steps.length > 0 && <div className="mt-3">{table}</div>}
      {transition && along.survivals.length > 0 && steps.length > 1 && (
        <p className="mt-2 text-soft">
          Survives longest:{' '}
          {along.survivals
            .slice(0, 2)
            .map((item) => `${sayContact(item.contact)}, ${plural(item.steps, 'step')}`)
            .join('; ')}
          .
          {along.load.length > 0 &&
            ` Busiest: ${along.load
              .slice(0, 3)
              .map((item) => `${sayLimb(item)}, ${plural(item.trades, 'trade')}`)
              .join('; ')}.`}
        </p>
      )}
      {!looking && (
        <div className="mt-5 grid grid-cols-2 gap-x-8 gap-y-5 border-t-2 border-ink pt-3 max-md:grid-cols-1 print:hidden">
          {transition && <TransitionRules tree={tree} transition={transition} onChange={onTransition} />}
          {transition && <TransitionGrips transition={transition} onChange={onTransition} />}
          <Cloth steps={written} single={!transition} onSteps={(label, change) => onSteps(label, change)} />
          <OtherSide tree={tree} subject={subject} onEdit={onEdit} />
        </div>
      )}
    </article>
  );
}
