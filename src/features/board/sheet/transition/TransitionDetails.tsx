import { KIND_WORDS, CONTEXT_WORDS, sayMoveParts, sayPlace, FIELD_WORDS } from '@/core/words';
import { athleteOf, kindsFor, type Mistake, type Transition, type TreeDocument } from '@/core/tree';
import { ListLine, TextLine } from '@/ui/TextLine';
import { PositionSelect } from '../PositionSelect';
import { ReadPart } from '../ReadPart';
import { Select } from '@/ui/Select';

interface Props {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly onChange: (label: string, patch: Partial<Transition>) => void;
}

/** Ticks of a small set; none ticked = it holds for all of them. */
function Ticks({
  legend,
  options,
  chosen,
  onChange,
}: {
  legend: string;
  options: readonly (readonly [string, string])[];
  chosen: readonly string[];
  onChange: (chosen: string[]) => void;
}) {
  if (options.length === 0) return null;
  return (
    <fieldset>
      <legend className="text-[13px] text-soft">{legend}</legend>
      <div className="flex flex-wrap gap-x-4">
        {options.map(([key, word]) => (
          <label key={key} className="flex min-h-7 items-center gap-1.5 font-figure text-[15px]">
            <input
              type="checkbox"
              checked={chosen.includes(key)}
              onChange={(event) =>
                onChange(options.map(([item]) => item).filter((item) => (item === key ? event.target.checked : chosen.includes(item))))
              }
            />
            {word}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

const orNone = <T,>(list: readonly T[]): readonly T[] | undefined => (list.length > 0 ? list : undefined);

function Mistakes({ transition, onChange }: Omit<Props, 'tree'>) {
  const mistakes = transition.mistakes ?? [];
  const set = (at: number, patch: Partial<Mistake>) => {
    const next = mistakes.map((item, i) => (i === at ? { ...item, ...patch } : item)).filter((item) => item.error !== '');
    onChange('mistakes', { mistakes: orNone(next) });
  };
  return (
    <>
      {mistakes.map((mistake, i) => (
        <div key={i} className="grid gap-1 border-l border-hair pl-2">
          <TextLine label="Usual mistake (empty it to remove)" value={mistake.error} onChange={(error) => set(i, { error })} />
          <TextLine
            label="Then"
            value={mistake.consequence ?? ''}
            onChange={(text) => set(i, { consequence: text === '' ? undefined : text })}
          />
          <TextLine
            label="Instead"
            value={mistake.correction ?? ''}
            onChange={(text) => set(i, { correction: text === '' ? undefined : text })}
          />
        </div>
      ))}
      <TextLine
        label={mistakes.length === 0 ? 'Usual mistake' : 'Another mistake'}
        value=""
        hint="lets go too early"
        onChange={(error) => error !== '' && onChange('mistakes', { mistakes: [...mistakes, { error }] })}
      />
    </>
  );
}

/** What is said of a move once: kind, schools, cloth, tags for rule cards, facts, mistakes, cautions, where it comes from. */
export function TransitionDetails({ tree, transition, onChange }: Props) {
  const text = (field: 'source' | 'notes' | 'reason') => (value: string) =>
    onChange(FIELD_WORDS[field], { [field]: value === '' ? undefined : value });
  return (
    <div>
      <ReadPart title="Why, and what to look for" says={sayMoveParts.why(transition)}>
        {() => (
          <>
            <TextLine
              label="Why this and not another"
              value={transition.reason ?? ''}
              hint="his far arm is busy"
              onChange={text('reason')}
            />
            <ListLine
              label="Look for, at the mat (; between)"
              mark=";"
              values={transition.checkpoints ?? []}
              hint="hips low; head on his chest"
              onChange={(checkpoints) => onChange('checkpoints', { checkpoints: orNone(checkpoints) })}
            />
            <ListLine
              label="Care"
              mark=";"
              hint="for him: neck crank, tap early"
              values={transition.hazards ?? []}
              onChange={(hazards) => onChange('care', { hazards: orNone(hazards) })}
            />
          </>
        )}
      </ReadPart>
      <ReadPart title="Where it fits, and if it fails" says={sayMoveParts.fits(tree, transition)}>
        {() => (
          <>
            <ListLine
              label="Cannot be done if (; between)"
              mark=";"
              values={transition.preventedBy ?? []}
              hint="far; his knee is across my hip"
              onChange={(preventedBy) => onChange('what prevents it', { preventedBy: orNone(preventedBy) })}
            />
            <PositionSelect
              tree={tree}
              label="If it fails I am in"
              none="what he shows decides"
              value={transition.onFail}
              onChange={(onFail) => onChange('if it fails', { onFail })}
            />
            <ListLine
              label="Also works from these leg positions"
              values={transition.fits?.legRelations ?? []}
              hint="knee across my chest"
              onChange={(legRelations) => {
                const { legRelations: _legs, ...rest } = transition.fits ?? {};
                const fits = legRelations.length > 0 ? { ...rest, legRelations } : rest;
                onChange('fits', { fits: Object.keys(fits).length > 0 ? fits : undefined });
              }}
            />
          </>
        )}
      </ReadPart>
      <ReadPart title="Usual mistakes" says={sayMoveParts.mistakes(transition)}>
        {() => (
          <>
            <Mistakes transition={transition} onChange={onChange} />
          </>
        )}
      </ReadPart>
      <ReadPart title="Kind, schools and cloth" says={sayMoveParts.kind(transition)}>
        {() => (
          <>
            <Select
              label="Kind of move"
              value={transition.kind}
              options={kindsFor(athleteOf(tree, transition.actor)).map((kind) => [kind, KIND_WORDS[kind]] as const)}
              onChange={(kind) => kind && onChange('kind', { kind })}
            />
            <Ticks
              legend="Of these schools only"
              options={tree.schools.map((school) => [school, school])}
              chosen={transition.schools ?? []}
              onChange={(schools) => onChange('schools', { schools: orNone(schools) })}
            />
            <Ticks
              legend="With this cloth only"
              options={tree.contexts.map((context) => [context, CONTEXT_WORDS[context]])}
              chosen={transition.contexts ?? []}
              onChange={(contexts) => onChange('cloth', { contexts: orNone(contexts) as Transition['contexts'] })}
            />
            <ListLine
              label="Tags, for rule cards"
              values={transition.tags ?? []}
              hint="heel hook"
              onChange={(tags) => onChange('tags', { tags: orNone(tags) })}
            />
            <label className="flex min-h-8 items-center gap-2">
              <input
                type="checkbox"
                checked={transition.announced ?? false}
                onChange={(event) => onChange('announced', { announced: event.target.checked || undefined })}
              />
              Named, not taught yet
            </label>
            <label className="flex min-h-8 items-center gap-2">
              <input
                type="checkbox"
                checked={transition.unsure ?? false}
                onChange={(event) => onChange('wording', { unsure: event.target.checked || undefined })}
              />
              Not sure of the words yet
            </label>
          </>
        )}
      </ReadPart>
      <ReadPart title="What it needs and makes" says={sayMoveParts.facts(transition)}>
        {() => (
          <>
            <ListLine
              label="Needs first"
              values={transition.needs ?? []}
              hint="foot off the hip"
              onChange={(needs) => onChange('needs', { needs: orNone(needs) })}
            />
            <ListLine label="Makes" values={transition.makes ?? []} onChange={(makes) => onChange('makes', { makes: orNone(makes) })} />
            <ListLine
              label="Undoes"
              values={transition.undoes ?? []}
              onChange={(undoes) => onChange('undoes', { undoes: orNone(undoes) })}
            />
          </>
        )}
      </ReadPart>
      <ReadPart title="Notes" says={sayPlace.notes(transition)}>
        {() => (
          <>
            <TextLine
              label="Where it comes from"
              value={transition.source ?? ''}
              hint="own idea, a colleague, a class"
              onChange={text('source')}
            />
            <TextLine label="Notes" value={transition.notes ?? ''} onChange={text('notes')} />
          </>
        )}
      </ReadPart>
    </div>
  );
}
