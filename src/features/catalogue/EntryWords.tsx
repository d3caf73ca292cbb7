import { ownField } from '@/core/base';
import {
  getCatalogue,
  type Catalogue,
  type CataloguePosition,
  type CatalogueTransition,
  type PositionChange,
  type TransitionChange,
  type GymEntryEdit,
} from '@/core/catalogue';
import { sayShown } from '@/core/words';
import { ListLine, TextLine } from '@/ui/TextLine';

type OnEntry = (edit: GymEntryEdit) => void;

interface WordsProps {
  readonly catalogue: Catalogue;
  readonly entry: CataloguePosition;
  /** What the gym says of it so far. */
  readonly change: PositionChange | undefined;
  readonly onEntry: OnEntry;
}

/** A gym's own words for an entry. What is not changed here follows the shipped catalogue, also the next one. */
export function EntryWords({ catalogue, entry, change = {}, onEntry }: WordsProps) {
  const { position, feeder } = entry;
  const { id } = position;
  const isShipped = getCatalogue().positions.some((item) => item.position.id === id);
  const put = (next: PositionChange) => onEntry({ put: [{ kind: 'changedPosition', id, change: { ...change, ...next } }], remove: [] });
  const own = catalogue.transitions.filter(({ transition }) => transition.from === id || transition.to === id);
  return (
    <details className="mt-4 border-t border-hair pt-2">
      <summary className="min-h-8 font-figure text-[15px] font-medium">In the words of your gym</summary>
      <div className="grid max-w-xl gap-2">
        <TextLine label="Name" value={position.name} maxLength={160} onChange={(name) => name !== '' && put({ name })} />
        <ListLine label="More names" values={change.moreAliases ?? []} onChange={(moreAliases) => put({ moreAliases })} />
        <TextLine label="Why" value={position.tempoReason ?? ''} onChange={(tempoReason) => put({ tempoReason })} />
        <TextLine label="The chance is gone" value={position.windowCloses ?? ''} onChange={(windowCloses) => put({ windowCloses })} />
        <TextLine label="The legs" value={position.legRelation} onChange={(legRelation) => put({ legRelation })} />
        <ListLine label="Care" mark=";" values={position.hazards ?? []} onChange={(hazards) => put({ hazards })} />
        <TextLine label="The feeder" value={feeder} onChange={(text) => put({ feeder: text })} />
        {position.reads.flatMap((read) =>
          read.values.map((value) => (
            <div key={value.id} className="grid gap-1 border-l border-hair pl-2">
              <TextLine
                label={sayShown(read, '…')}
                value={value.name}
                maxLength={160}
                onChange={(name) =>
                  name !== '' && put({ values: { ...change.values, [value.id]: { ...ownField(change.values, value.id), name } } })
                }
              />
              <TextLine
                label="What one sees"
                value={value.cue ?? ''}
                onChange={(cue) => put({ values: { ...change.values, [value.id]: { ...ownField(change.values, value.id), cue } } })}
              />
            </div>
          )),
        )}
        {Object.keys(change).length > 0 && (
          <button
            type="button"
            className="min-h-9 justify-self-start underline"
            onClick={() => onEntry({ put: [], remove: [{ kind: 'changedPosition', id }] })}
          >
            Back to the words it came with
          </button>
        )}
        {!isShipped && (
          <button
            type="button"
            className="min-h-9 justify-self-start text-red underline"
            onClick={() =>
              onEntry({
                put: [],
                remove: [
                  { kind: 'position', id },
                  { kind: 'changedPosition', id },
                  ...own.map(({ transition }) => ({ kind: 'transition' as const, id: transition.id })),
                ],
              })
            }
          >
            Take it out of the catalogue
          </button>
        )}
      </div>
    </details>
  );
}

interface TransitionProps {
  readonly entry: CatalogueTransition;
  readonly change: TransitionChange | undefined;
  readonly onEntry: OnEntry;
}

/** A gym's own words for one move of the catalogue. */
export function TransitionWords({ entry, change = {}, onEntry }: TransitionProps) {
  const { transition, feeder } = entry;
  const { id } = transition;
  const put = (next: TransitionChange) => onEntry({ put: [{ kind: 'changedTransition', id, change: { ...change, ...next } }], remove: [] });
  return (
    <details className="pl-3">
      <summary className="min-h-6 text-[13px] text-soft">
        {Object.keys(change).length > 0 ? 'your gym’s words' : 'change the wording'}
      </summary>
      <div className="grid max-w-xl gap-1">
        <TextLine label="Words" value={transition.name} maxLength={160} onChange={(name) => name !== '' && put({ name })} />
        <ListLine label="Care" mark=";" values={transition.hazards ?? []} onChange={(hazards) => put({ hazards })} />
        <TextLine label="How the feeder does it" value={feeder} onChange={(text) => put({ feeder: text })} />
        {Object.keys(change).length > 0 && (
          <button
            type="button"
            className="min-h-8 justify-self-start underline"
            onClick={() => onEntry({ put: [], remove: [{ kind: 'changedTransition', id }] })}
          >
            Back to the words it came with
          </button>
        )}
      </div>
    </details>
  );
}
