'use client';
import {
  feederOf,
  KIND_FACTS,
  resistanceOf,
  sideOf,
  sidesOf,
  unitKey,
  type DrillUnit,
  type PlannedUnit,
  type Repeated,
} from '@/core/classes';
import {
  feederSentence,
  minutesText,
  sayLeaveOut,
  sayMinutes,
  sayPreference,
  sayUnit,
  UNIT_WORDS,
  unitTitle,
  unitWhat,
} from '@/core/words';
import { indexOf, type TreeDocument, RANGES } from '@/core/tree';
import { sayMove } from '@/core/words';
import { MatsFields } from './MatsFields';
import type { ClassPlan } from '@/documents/class/schema';
import { NumberField } from '@/ui/NumberField';
import { Select } from '@/ui/Select';

interface Props {
  readonly tree: TreeDocument;
  readonly plan: ClassPlan;
  readonly unit: DrillUnit;
  /** The others of the class. */
  readonly others: readonly DrillUnit[];
  readonly minutes: number;
  readonly wrong: readonly string[];
  readonly repetitions: readonly Repeated[];
  readonly onChange: (label: string, patch: Partial<PlannedUnit>) => void;
  readonly onPlan: (label: string, patch: Partial<ClassPlan>) => void;
  readonly onMove: (by: 1 | -1) => void;
  /** Takes the unit for the other side in, after it; absent = it has none, or it is there. */
  readonly onOther?: (() => void) | undefined;
  readonly onDrop: () => void;
}

/** What the coach decided over the unit. */
const plannedOf = ({ units }: ClassPlan, { key }: DrillUnit): PlannedUnit | undefined => units.find((item) => unitKey(item) === key);

const HEAD = 'mt-3 border-t border-hair pt-2 text-[15px] tracking-wide uppercase';
const LINK = 'min-h-8 underline';

/** How hard the feeder is, stage by stage. */
function Stages({ unit, onChange }: Pick<Props, 'unit' | 'onChange'>) {
  const [low, high] = resistanceOf(unit);
  const set = (next: readonly [number, number]) => onChange('resistance', { resistance: [Math.min(...next), Math.max(...next)] });
  return (
    <div className="mt-2 flex flex-wrap items-start gap-4">
      <NumberField label="Resistance from %" min={0} max={100} value={low} onChange={(value) => value !== null && set([value, high])} />
      <NumberField label="to %" min={0} max={100} value={high} onChange={(value) => value !== null && set([low, value])} />
    </div>
  );
}

function Minutes({ plan, unit, minutes, onChange }: Pick<Props, 'plan' | 'unit' | 'minutes' | 'onChange'>) {
  const [own, facts] = [plannedOf(plan, unit), KIND_FACTS[unit.kind]];
  return (
    <>
      <div className="mt-2 flex flex-wrap items-start gap-4">
        <NumberField
          key={`${unit.key} shown`}
          label="Showing it"
          {...RANGES.demonstrationMinutes}
          value={unit.demonstrationMinutes}
          onChange={(value) => onChange('minutes of showing', { demonstration: value ?? undefined })}
        />
        <NumberField
          key={`${unit.key} work`}
          label={unit.kind === 'solo' ? 'At work' : unit.spec.mirrored ? 'Each partner' : 'Each partner, each side'}
          {...RANGES.workMinutes}
          value={unit.workMinutes}
          onChange={(value) => onChange('minutes of work', { work: value ?? undefined })}
        />
        {unit.kind !== 'solo' && !unit.spec.mirrored && (
          <Select
            label="Sides"
            value={own?.sides === undefined ? '' : String(own.sides)}
            none={facts.sides === 1 ? 'one, as usual' : `as the class: ${sidesOf({ sides: facts.sides }, plan)}`}
            options={[
              ['1', 'one side'],
              ['2', 'both sides'],
            ]}
            onChange={(value) => onChange('sides', { sides: value === undefined ? undefined : value === '1' ? 1 : 2 })}
          />
        )}
      </div>
      <p className="mt-1 text-soft">
        {minutesText(minutes)} minutes in all: {sayMinutes(unit, plan)}.
      </p>
    </>
  );
}

/** Units that have to come first, beside those that it is made of. */
function Needs({ tree, plan, unit, others, onChange }: Pick<Props, 'tree' | 'plan' | 'unit' | 'others' | 'onChange'>) {
  const own = plannedOf(plan, unit)?.needs ?? [];
  const free = others.filter(({ key }) => !unit.prerequisites.includes(key));
  const needed = others.filter(({ key }) => unit.prerequisites.includes(key));
  if (needed.length + free.length === 0) return null;
  return (
    <>
      <h3 className={HEAD}>Builds on</h3>
      {needed.map((other) => (
        <p key={other.key} className="flex justify-between gap-2">
          <span>{sayUnit(tree, other)}</span>
          {own.includes(other.key) && (
            <button type="button" className={LINK} onClick={() => onChange('builds on', { needs: own.filter((key) => key !== other.key) })}>
              Not so
            </button>
          )}
        </p>
      ))}
      {free.length > 0 && (
        <Select
          label="Comes after, too"
          value=""
          none="nothing more"
          options={free.map((other) => [other.key, sayUnit(tree, other)] as const)}
          onChange={(key) => key && onChange('builds on', { needs: [...own, key] })}
        />
      )}
    </>
  );
}

export function UnitSheet({ tree, plan, unit, others, minutes, wrong, repetitions, onChange, onPlan, onMove, onOther, onDrop }: Props) {
  const feeder = feederOf(unit);
  const said = sideOf(tree, unit.spec);
  const { transitions } = indexOf(said);
  return (
    <section aria-label={unitTitle(tree, unit)} className="[overflow-wrap:anywhere]">
      <p className="text-[13px] text-soft">{UNIT_WORDS[unit.kind]}</p>
      <h2 className="text-[24px]">{unitTitle(tree, unit)}</h2>
      <p className="text-soft">{unitWhat(tree, unit)}</p>
      {wrong.map((sentence) => (
        <p key={sentence} className="mt-1 border-l-[3px] border-red pl-2">
          {sentence}
        </p>
      ))}
      <Minutes {...{ plan, unit, minutes, onChange }} />
      <Stages {...{ unit, onChange }} />
      {unit.kind === 'round' && <MatsFields {...{ plan, unit, onPlan }} />}
      {unit.kind === 'chain' && unit.transitions.length > 2 && (
        <label className="mt-2 flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            checked={plannedOf(plan, unit)?.backward === true}
            onChange={(event) => onChange('the way it is built up', { backward: event.target.checked || undefined })}
          />
          from its end: the last moves first
        </label>
      )}
      {feeder.length > 0 && <h3 className={HEAD}>The feeder</h3>}
      <ol className="list-none">
        {feeder.map((line, i) => (
          <li key={i} className="py-0.5">
            {feederSentence(said, line)}
          </li>
        ))}
      </ol>
      {sayLeaveOut(said, feeder) !== '' && <p className="text-soft">{sayLeaveOut(said, feeder)}</p>}
      {unit.checkpoints.length + unit.choices.length + unit.mistakes.length > 0 && <h3 className={HEAD}>Walk round and look for</h3>}
      {[...unit.checkpoints, ...unit.choices.map((choice) => sayPreference(said, choice))].map((text) => (
        <p key={text}>{text}</p>
      ))}
      {unit.mistakes.map((mistake) => (
        <p key={mistake.error} className="text-red">
          {mistake.error}
          {mistake.correction && <span className="text-ink">: {mistake.correction}</span>}
        </p>
      ))}
      {unit.cautions.map((text) => (
        <p key={text} className="mt-2 border-l-[3px] border-red pl-2">
          {text}
        </p>
      ))}
      {repetitions.length > 0 && <h3 className={HEAD}>Repetitions of each who works</h3>}
      {repetitions.map(({ transition, left, right }) => (
        <p key={transition} className="flex justify-between gap-2">
          <span>{sayMove(transitions.get(transition)!)}</span>
          <span className="shrink-0 font-figure">
            {left > 0 && right > 0 ? `${Math.round(left)} left, ${Math.round(right)} right` : Math.round(left + right)}
          </span>
        </p>
      ))}
      <Needs {...{ tree, plan, unit, others, onChange }} />
      <p className="mt-3 flex flex-wrap gap-x-4 border-t border-hair pt-1 font-figure text-[15px]">
        <button type="button" className={LINK} onClick={() => onMove(-1)}>
          Earlier
        </button>
        <button type="button" className={LINK} onClick={() => onMove(1)}>
          Later
        </button>
        {onOther && (
          <button type="button" className={LINK} onClick={onOther}>
            Take it in mirrored, too
          </button>
        )}
        <button type="button" className={`${LINK} text-red`} onClick={onDrop}>
          Take it out, and what builds on it
        </button>
      </p>
    </section>
  );
}
