'use client';
import { pointsFor, CONTEXT_WORDS } from '@/core/words';
import { CONTEXTS, ENDINGS, TRANSITION_KINDS, type RuleSet } from '@/core/tree';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useFieldArray, useForm, useWatch, type FieldError } from 'react-hook-form';
import { buttonClass, Field, selectClass } from '@/ui/Field';
import { cardOf, formOf, levelsOf, ruleFormSchema, type RuleForm } from './ruleForm';
import { Select } from '@/ui/Select';

function Problem({ error }: { error: FieldError | undefined }) {
  return error ? (
    <p role="alert" className="text-red">
      {error.message}
    </p>
  ) : null;
}

interface Props {
  readonly card: RuleSet;
  /** Tags that the tree's transitions carry, to choose from. */
  readonly tags: readonly string[];
  readonly onSave: (card: RuleSet) => void;
  readonly onRemove: () => void;
}

const POINTS_FOR = [...new Set([...ENDINGS, ...TRANSITION_KINDS])];

/** One rule card: what it forbids to whom, what it gives, and where it comes from. */
export function RuleCard({ card, tags, onSave, onRemove }: Props) {
  const { register, control, handleSubmit, formState } = useForm<RuleForm>({
    resolver: zodResolver(ruleFormSchema),
    values: formOf(card),
  });
  const forbidden = useFieldArray({ control, name: 'forbidden' });
  const points = useFieldArray({ control, name: 'points' });
  const lines = useWatch({ control, name: 'forbidden' });
  // A level that is no longer on the card stays to be seen, with its complaint.
  const levels = [...new Set([...levelsOf(useWatch({ control, name: 'levels' })), ...lines.map((line) => line.belowLevel)])].filter(
    (level) => level !== '',
  );
  const { errors, isDirty } = formState;
  return (
    <form
      noValidate
      aria-label={card.name}
      className="grid grid-cols-[minmax(0,1fr)] gap-4"
      onSubmit={(event) => void handleSubmit((form) => onSave(cardOf(card.id, form)))(event)}
    >
      <Field label="Name of the card">
        <input className={`${selectClass} max-w-md`} {...register('name')} />
      </Field>
      <Problem error={errors.name} />
      <fieldset className="flex flex-wrap gap-x-5">
        <legend className="text-[13px] text-soft">For</legend>
        {CONTEXTS.map((context) => (
          <label key={context} className="flex min-h-9 items-center gap-2">
            <input type="checkbox" value={context} {...register('contexts')} /> {CONTEXT_WORDS[context]}
          </label>
        ))}
      </fieldset>
      <Field label="Levels, lowest first, with commas between">
        <input className={`${selectClass} max-w-md`} {...register('levels')} />
      </Field>
      <fieldset>
        <legend className="font-figure text-[19px] font-semibold">Forbidden</legend>
        <datalist id="rule-tags">
          {tags.map((tag) => (
            <option key={tag} value={tag} />
          ))}
        </datalist>
        {forbidden.fields.map((line, i) => (
          <div key={line.id} className="flex flex-wrap items-end gap-3 border-t border-hair py-1.5">
            <Field label="What">
              <input list="rule-tags" className={selectClass} {...register(`forbidden.${i}.tag`)} />
            </Field>
            <Field label="Only under age">
              <input inputMode="numeric" placeholder="any" className={`${selectClass} w-20`} {...register(`forbidden.${i}.underAge`)} />
            </Field>
            <Controller
              control={control}
              name={`forbidden.${i}.belowLevel`}
              render={({ field }) => (
                <Select
                  label="Only below level"
                  none="any"
                  value={field.value || undefined}
                  options={levels.map((level) => [level, level] as const)}
                  onChange={(level) => field.onChange(level ?? '')}
                />
              )}
            />
            <button type="button" className="min-h-9 underline" onClick={() => forbidden.remove(i)}>
              Remove
            </button>
            <Problem error={errors.forbidden?.[i]?.tag ?? errors.forbidden?.[i]?.underAge ?? errors.forbidden?.[i]?.belowLevel} />
          </div>
        ))}
        <button type="button" className="min-h-9 underline" onClick={() => forbidden.append({ tag: '', underAge: '', belowLevel: '' })}>
          Forbid something
        </button>
      </fieldset>
      <fieldset>
        <legend className="font-figure text-[19px] font-semibold">Points</legend>
        {points.fields.map((line, i) => (
          <div key={line.id} className="flex flex-wrap items-end gap-3 border-t border-hair py-1.5">
            <Controller
              control={control}
              name={`points.${i}.for`}
              render={({ field }) => (
                <Select
                  label="For"
                  value={field.value}
                  options={POINTS_FOR.map((what) => [what, pointsFor(what)] as const)}
                  onChange={field.onChange}
                />
              )}
            />
            <Field label="Points">
              <input inputMode="numeric" className={`${selectClass} w-20`} {...register(`points.${i}.points`)} />
            </Field>
            <button type="button" className="min-h-9 underline" onClick={() => points.remove(i)}>
              Remove
            </button>
            <Problem error={errors.points?.[i]?.points} />
          </div>
        ))}
        <button type="button" className="min-h-9 underline" onClick={() => points.append({ for: 'settled', points: '0' })}>
          Give points for something
        </button>
      </fieldset>
      <Field label="Where it comes from">
        <textarea rows={2} className={`${selectClass} max-w-xl p-1`} {...register('source')} />
      </Field>
      <Field label="As of">
        <input type="date" className={`${selectClass} w-44`} {...register('date')} />
      </Field>
      <Problem error={errors.date} />
      <p className="border-l-[3px] border-red pl-2">
        A card is a note, not the rules. Check the current rule book of the event, and what your gym allows.
      </p>
      <div className="flex gap-4">
        <button type="submit" className={buttonClass} disabled={!isDirty}>
          Keep this card
        </button>
        <button type="button" className="min-h-9 text-red underline" onClick={onRemove}>
          Remove the card
        </button>
      </div>
    </form>
  );
}
