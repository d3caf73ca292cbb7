import {
  FAMILY_NAMES,
  CONTEXT_WORDS,
  DISTANCE_WORDS,
  ENDING_WORDS,
  STANCE_WORDS,
  TEMPO_WORDS,
  plural,
  sayPlace,
  FIELD_WORDS,
} from '@/core/words';
import {
  DISTANCES,
  ENDINGS,
  FAMILIES,
  LINES,
  ownerRoleOf,
  STANCES,
  TEMPOS,
  type Context,
  type OwnerRole,
  type Position,
  type SchoolVariant,
  type Tempo,
  type TreeDocument,
} from '@/core/tree';
import { PictureList } from '@/client/pictures/PictureList';
import type { Dispatch } from 'react';
import { ListLine, TextLine } from '@/ui/TextLine';
import type { BoardAction } from '../../boardState';
import { Onward } from './Onward';
import { ReadPart } from '../ReadPart';
import { RemovePlace } from './RemovePlace';
import { SignTicks } from './SignTicks';
import { Tick } from './Tick';
import { Select } from '@/ui/Select';

interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  readonly onChange: (label: string, patch: Partial<Position>) => void;
  readonly dispatch: Dispatch<BoardAction>;
}

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly options: readonly T[];
  readonly words?: Readonly<Record<T, string>>;
  /** What is shown when nothing is chosen; without it something always is. */
  readonly none?: string;
  readonly onChange: (value: T | undefined) => void;
}
function Choice<T extends string>({ label, value, options, words, none, onChange }: ChoiceProps<T>) {
  return (
    <Select
      {...{ label, value, onChange }}
      options={options.map((option) => [option, words?.[option] ?? option] as const)}
      {...(none === undefined ? {} : { none })}
    />
  );
}

/** The fields that say something. */
const defined = <T extends object>(fields: T): Partial<T> =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as Partial<T>;

/** Where a school ends the climb that another walks on from, or clears other lines; both stand side by side. */
function BySchool({ tree, position, onChange }: Omit<Props, 'dispatch'>) {
  const variants = position.bySchool ?? [];
  return tree.schools.map((school) => {
    const variant = variants.find((item) => item.school === school);
    const put = (label: string, patch: Partial<SchoolVariant>) => {
      const { lines, ends, reason } = variant ?? {};
      const next: SchoolVariant = { school, ...defined({ lines, ends, reason, ...patch }) };
      const others = variants.filter((item) => item !== variant);
      const all = next.lines || next.ends || next.reason ? [...others, next] : others;
      onChange(`${label} for ${school}`, { bySchool: all.length > 0 ? all : undefined });
    };
    const held = variant?.lines ?? position.lines;
    return (
      <div key={school} className="grid gap-1 border-l border-hair pl-2">
        <Choice
          label={`For the school “${school}” it ends here as`}
          none="as for all"
          value={variant?.ends}
          options={['goesOn', ...ENDINGS]}
          words={{ goesOn: 'it goes on', ...ENDING_WORDS }}
          onChange={(ends) => put('ending', { ends })}
        />
        <TextLine
          label={`Why “${school}” does it so`}
          value={variant?.reason ?? ''}
          onChange={(reason) => put('why', { reason: reason === '' ? undefined : reason })}
        />
        <Tick checked={variant?.lines !== undefined} onChange={(on) => put('lines', { lines: on ? position.lines : undefined })}>
          Other lines are cleared here for “{school}”
        </Tick>
        {variant?.lines && (
          <div className="flex flex-wrap gap-x-4">
            {LINES.map((line) => (
              <Tick
                key={line}
                checked={held.includes(line)}
                onChange={(on) => put('lines', { lines: LINES.filter((item) => (item === line ? on : held.includes(item))) })}
              >
                {line}
              </Tick>
            ))}
          </div>
        )}
      </div>
    );
  });
}

/** What is said of a place once: kind, time, ending, other names, reasons, what is seen, where it comes from. */
export function PositionDetails({ tree, position, onChange, dispatch }: Props) {
  const start = tree.starts.find((item) => item.position === position.id);
  const isStart = start !== undefined;
  const setStart = (on: boolean) => {
    const others = tree.starts.filter((item) => item.position !== position.id);
    dispatch({
      type: 'edit',
      label: `${position.name}: ${on ? 'a start' : 'no start'}`,
      tree: { ...tree, starts: on ? [...others, { position: position.id }] : others },
    });
  };
  // The role that goes without saying is left out.
  const setRole = (role: OwnerRole) =>
    onChange('role', { ownerRole: role === ownerRoleOf(tree, { ...position, ownerRole: undefined }) ? undefined : role });
  const setTempoIn = (context: Context, tempo: Tempo | undefined) => {
    const others = (position.tempoByContext ?? []).filter((item) => item.context !== context);
    const all = tempo ? [...others, { context, tempo }] : others;
    onChange(`time, ${CONTEXT_WORDS[context]}`, { tempoByContext: all.length > 0 ? all : undefined });
  };
  const text = (field: 'legRelation' | 'tempoReason' | 'windowCloses' | 'source' | 'notes' | 'reason') => (value: string) =>
    onChange(FIELD_WORDS[field], { [field]: value === '' ? undefined : value });
  const list = (field: 'aliases' | 'hazards' | 'checkpoints') => (values: string[]) =>
    onChange(FIELD_WORDS[field], { [field]: values.length > 0 ? values : undefined });
  return (
    <div>
      <ReadPart title="What it is" says={sayPlace.kind(tree, position)}>
        {() => (
          <>
            <Choice
              label="Kind of place"
              value={position.family}
              options={FAMILIES}
              words={FAMILY_NAMES}
              onChange={(family) => family && onChange('kind', { family })}
            />
            <Tick checked={isStart} onChange={setStart}>
              A round can start here
            </Tick>
            {start && (
              <ListLine
                label="What is given at the start"
                values={start.facts ?? []}
                hint="sleeve held"
                onChange={(facts) =>
                  dispatch({
                    type: 'edit',
                    label: `${position.name}: given at the start`,
                    tree: {
                      ...tree,
                      starts: tree.starts.map((item) =>
                        item === start ? { position: item.position, ...(facts.length > 0 ? { facts } : {}) } : item,
                      ),
                    },
                  })
                }
              />
            )}
            <Tick checked={ownerRoleOf(tree, position) === 'below'} onChange={(on) => setRole(on ? 'below' : 'top')}>
              I am below
            </Tick>
            <Choice
              label="The climb ends here as"
              none="it goes on"
              value={position.ends}
              options={ENDINGS}
              words={ENDING_WORDS}
              onChange={(ends) => onChange('ending', { ends })}
            />
            <Tick checked={position.unfinished ?? false} onChange={(on) => onChange('an attempt', { unfinished: on || undefined })}>
              Only an attempt so far: the next line is not cleared yet
            </Tick>
            <ListLine label="Other names" values={position.aliases ?? []} onChange={list('aliases')} />
            <Tick checked={position.wordingUnsure ?? false} onChange={(on) => onChange('wording', { wordingUnsure: on || undefined })}>
              Not sure of the name yet
            </Tick>
          </>
        )}
      </ReadPart>
      <ReadPart title="Time" says={sayPlace.time(position)}>
        {() => (
          <>
            <Choice
              label="Time here"
              value={position.tempo}
              options={TEMPOS}
              words={TEMPO_WORDS}
              onChange={(tempo) => tempo && onChange('time', { tempo })}
            />
            {tree.contexts.map((context) => (
              <Choice
                key={context}
                label={`Time here, ${CONTEXT_WORDS[context]}`}
                none="the same"
                value={position.tempoByContext?.find((item) => item.context === context)?.tempo}
                options={TEMPOS}
                words={TEMPO_WORDS}
                onChange={(tempo) => setTempoIn(context, tempo)}
              />
            ))}
            <TextLine
              label="Why"
              value={position.tempoReason ?? ''}
              hint="his leg is trapped between mine"
              onChange={text('tempoReason')}
            />
            <TextLine
              label="The chance is gone"
              value={position.windowCloses ?? ''}
              hint="when he faces me again"
              onChange={text('windowCloses')}
            />
          </>
        )}
      </ReadPart>
      <ReadPart title="Legs and distance" says={sayPlace.legs(position)}>
        {() => (
          <>
            <TextLine
              label="The legs"
              value={position.legRelation ?? ''}
              hint="his hook outside my lead leg"
              onChange={text('legRelation')}
            />
            <Choice
              label="I am"
              none="not said"
              value={position.stance}
              options={STANCES}
              words={STANCE_WORDS}
              onChange={(stance) => onChange('stance', { stance })}
            />
            <Choice
              label="Distance"
              none="not said"
              value={position.distance}
              options={DISTANCES}
              words={DISTANCE_WORDS}
              onChange={(distance) => onChange('distance', { distance })}
            />
            <details>
              <summary className="min-h-8">Seen at a glance, for the finder: {(position.signs ?? []).length}</summary>
              <SignTicks signs={position.signs ?? []} onChange={(signs) => onChange('seen', { signs })} />
            </details>
          </>
        )}
      </ReadPart>
      <ReadPart title="Why, and what to look for" says={sayPlace.why(position)}>
        {() => (
          <>
            <TextLine label="Why here and not elsewhere" value={position.reason ?? ''} hint="he cannot turn in" onChange={text('reason')} />
            <ListLine
              label={position.ends ? 'Settled when (; between)' : 'Look for, at the mat (; between)'}
              mark=";"
              values={position.checkpoints ?? []}
              hint="chest on chest; far hip blocked"
              onChange={list('checkpoints')}
            />
            <ListLine
              label="Care"
              mark=";"
              hint="for me: his legs can reach my neck"
              values={position.hazards ?? []}
              onChange={list('hazards')}
            />
          </>
        )}
      </ReadPart>
      {tree.schools.length > 0 && (
        <ReadPart title="By school" says={sayPlace.schools(position)}>
          {() => (
            <>
              <BySchool tree={tree} position={position} onChange={onChange} />
            </>
          )}
        </ReadPart>
      )}
      <ReadPart title="How it goes on" says={sayPlace.onward(position)}>
        {() => <Onward {...{ position, onChange }} />}
      </ReadPart>
      <ReadPart title="Pictures" says={(position.pictures ?? []).length === 0 ? '' : plural(position.pictures!.length, 'picture')}>
        {() => (
          <PictureList
            of={position.name}
            pictures={position.pictures ?? []}
            onChange={(label, pictures) => onChange(label, { pictures })}
          />
        )}
      </ReadPart>
      <ReadPart title="Notes" says={sayPlace.notes(position)}>
        {() => (
          <>
            <TextLine
              label="Where it comes from"
              value={position.source ?? ''}
              hint="own idea, a colleague, a class"
              onChange={text('source')}
            />
            <TextLine label="Notes" value={position.notes ?? ''} onChange={text('notes')} />
          </>
        )}
      </ReadPart>
      <RemovePlace tree={tree} position={position} dispatch={dispatch} />
    </div>
  );
}
