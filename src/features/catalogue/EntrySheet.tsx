import { idToAddress } from '@/contracts/address';
import { PageLink } from '@/ui/PageLink';
import { aliasesOfWords, findTaken, type Catalogue, type CataloguePosition, type GymsCatalogue, type GymEntryEdit } from '@/core/catalogue';
import { asSentence, DISTANCE_WORDS, sayMove, sayShown, STANCE_WORDS, TEMPO_WORDS } from '@/core/words';
import type { TreeDocument } from '@/core/tree';
import { buttonClass } from '@/ui/Field';
import { EntryWords, TransitionWords } from './EntryWords';
import { WrittenSteps } from './HeldTargets';

interface Props {
  readonly tree: TreeDocument;
  readonly entry: CataloguePosition;
  /** As the owner of the tree reads it. */
  readonly catalogue: Catalogue;
  /** What the gym says of it. */
  readonly own: GymsCatalogue;
  readonly onEntry: (edit: GymEntryEdit) => void;
  readonly onTake: () => void;
  readonly onConfirm: (position: string) => void;
  readonly onShow: (entry: string) => void;
}

/** All that the catalogue knows of a position, and the way into the coach's tree. */
export function EntrySheet({ tree, catalogue, own, entry, onEntry, onTake, onConfirm, onShow }: Props) {
  const { origin } = own;
  const { position, feeder } = entry;
  const taken = findTaken(tree, entry);
  const mine = tree.positions.find((item) => item.id === taken);
  const nameOf = (id: string): string => catalogue.positions.find((item) => item.position.id === id)!.position.name;
  const transitions = catalogue.transitions.filter(({ transition }) => transition.from === position.id);
  const into = [
    ...new Set(
      catalogue.transitions
        .filter(({ transition }) => transition.to === position.id && transition.actor === 'owner')
        .map(({ transition }) => transition.from),
    ),
  ];
  const link = (id: string) => (
    <button key={id} type="button" className="min-h-8 underline" onClick={() => onShow(id)}>
      {nameOf(id)}
    </button>
  );
  return (
    <article aria-label={position.name}>
      <h2 className="text-[29px]">{position.name}</h2>
      {(position.aliases ?? []).length > 0 && <p className="text-soft">also: {position.aliases!.join(', ')}</p>}
      {origin.has(position.id) && (
        <p className="font-figure text-[15px] font-medium">
          {origin.get(position.id) === 'own' ? 'An entry of your gym.' : 'Changed by your gym; the rest follows the shipped catalogue.'}
        </p>
      )}
      <div className="my-3 flex flex-wrap items-center gap-4">
        {mine ? (
          <>
            <PageLink className="underline" href={`/board/${idToAddress(tree.id)}?show=hub&at=${encodeURIComponent(mine.id)}`}>
              In your tree{mine.name === position.name ? '' : ` as ${mine.name}`}
            </PageLink>
            {mine.fromCatalogue && (
              <button type="button" className={buttonClass} onClick={() => onConfirm(mine.id)}>
                I have read it: confirm
              </button>
            )}
          </>
        ) : (
          <button type="button" className={buttonClass} onClick={onTake}>
            Add to “{tree.name}”
          </button>
        )}
      </div>
      <p>
        <strong className="font-semibold">{TEMPO_WORDS[position.tempo]}</strong> {position.tempoReason}
        {position.windowCloses && ` It closes ${position.windowCloses}.`}
      </p>
      <p className="text-soft">
        I am {STANCE_WORDS[position.stance]}, {DISTANCE_WORDS[position.distance]}; {position.legRelation}.{' '}
        {position.lines.length > 0 ? `Cleared: ${position.lines.join(', ')}.` : 'No line cleared.'}
      </p>
      <h3 className="mt-4 border-t border-hair pt-2 text-[15px] tracking-wide uppercase">He shows</h3>
      <ul>
        {position.reads.flatMap((read) =>
          read.values.map((value) => (
            <li key={value.id}>
              <span className="font-figure text-[15px] font-medium text-his">{sayShown(read, value.name)}</span>{' '}
              <span className="text-soft">{value.cue}</span>
            </li>
          )),
        )}
      </ul>
      <h3 className="mt-4 border-t border-hair pt-2 text-[15px] tracking-wide uppercase">Ways on</h3>
      <ul className="grid gap-1.5">
        {transitions.map(({ transition, feeder: how }) => (
          <li key={transition.id}>
            <span className={`font-figure text-[15px] font-medium ${transition.actor === 'owner' ? '' : 'text-his'}`}>
              {sayMove(transition)}
            </span>{' '}
            → {link(transition.to)}
            <span className="block pl-3 text-[13px] text-soft">also: {aliasesOfWords(transition.name).join(', ')}</span>
            {transition.mistakes?.map((mistake) => (
              <span key={mistake.error} className="block pl-3 text-[13px] text-soft">
                {mistake.error} → {mistake.consequence} → {mistake.correction}
              </span>
            ))}
            {how !== '' && <span className="block pl-3 text-[13px] text-soft">feeder: {how}</span>}
            {transition.hazards && <span className="block border-l-2 border-red pl-2 text-[13px]">{transition.hazards.join(' ')}</span>}
            <WrittenSteps steps={transition.steps} />
            <TransitionWords entry={{ transition, feeder: how }} change={own.transitionChanges.get(transition.id)} onEntry={onEntry} />
          </li>
        ))}
        {transitions.length === 0 && <li className="text-soft">The climb ends here.</li>}
      </ul>
      {into.length > 0 && (
        <>
          <h3 className="mt-4 border-t border-hair pt-2 text-[15px] tracking-wide uppercase">Entered from</h3>
          <p className="flex flex-wrap gap-x-4">{into.map(link)}</p>
        </>
      )}
      {feeder !== '' && (
        <>
          <h3 className="mt-4 border-t border-hair pt-2 text-[15px] tracking-wide uppercase">The feeder</h3>
          <p>{asSentence(feeder)}</p>
        </>
      )}
      <div className="mt-4 border-l-[3px] border-red pl-2">
        <h3 className="text-[15px]">Care</h3>
        <p>{position.hazards?.join(' ')}</p>
        <p className="text-soft">Your gym’s rules and the event’s current rule book come first.</p>
      </div>
      <EntryWords key={position.id} catalogue={catalogue} entry={entry} change={own.positionChanges.get(position.id)} onEntry={onEntry} />
    </article>
  );
}
