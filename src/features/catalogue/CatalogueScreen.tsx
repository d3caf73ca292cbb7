'use client';
import { familyFacts, type TreeDocument } from '@/core/tree';
import { FAMILY_WORDS, sayHis, sayMine, plural } from '@/core/words';
import {
  catalogueFor,
  findTakeable,
  findTaken,
  findUnconfirmed,
  searchCatalogue,
  searchTransitions,
  withConfirmed,
  withEntry,
  withTakenTransition,
  type CataloguePosition,
  type GymsWords,
} from '@/core/catalogue';
import { groupBy } from '@/core/base';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { idToAddress } from '@/contracts/address';
import { buttonClass } from '@/ui/Field';
import { screenLinks } from '@/client/screenLinks';
import { StoredStrip } from '@/ui/StoredStrip';
import { useGymCatalogue } from '@/client/useGymCatalogue';
import { EntrySheet } from './EntrySheet';
import { HeldTargets } from './HeldTargets';
import { OwnPositions } from './OwnPositions';
import { worstOf } from '@/client/store/documentState';
import { UndoButtons } from '@/client/UndoButtons';
import { StaleDialog } from '@/client/store/StaleDialog';
import { useDocument } from '@/client/store/useDocument';

/** Ways offered before the rest is asked for. */
const LISTED = 8;

interface Props {
  readonly tree: TreeDocument;
  readonly revision: number;
  readonly at: string | null;
  /** What this gym changed in the catalogue and added. */
  readonly words: { readonly document: GymsWords; readonly revision: number };
}

/** Everything the program knows of the sport, to look up and to take into the tree. */
export function CatalogueScreen({ tree: opened, revision, at, words }: Props) {
  const own = useGymCatalogue(words);
  const { document: tree, state, stored, edit, session, ...steps } = useDocument<TreeDocument>('tree', { document: opened, revision });
  const router = useRouter();
  const { leftOver } = own;
  const catalogue = catalogueFor(own.catalogue, tree.owner);
  const [typed, setTyped] = useState('');
  const [all, setAll] = useState(false);
  const [shown, setShown] = useState(at ?? catalogue.positions[0]!.position.id);
  const entry = catalogue.positions.find((item) => item.position.id === shown) ?? catalogue.positions[0]!;
  const list = typed.trim() === '' ? catalogue.positions : searchCatalogue(catalogue, typed, 30);
  const moves = searchTransitions(catalogue, typed, 30);
  const groups = groupBy(list, (item) => item.position.family);
  const offered = findTakeable(tree, catalogue);
  const unconfirmed = findUnconfirmed(tree);
  const take = (item: CataloguePosition) =>
    edit(
      `${item.position.name} from the catalogue`,
      (now) => withEntry(now, item, { start: familyFacts(item.position.family).isGuard && item.position.lines.length === 0 }).tree,
    );
  return (
    <div className="flex h-dvh flex-col">
      <StoredStrip
        title={tree.name}
        links={screenLinks(tree.id, 'Catalogue')}
        stored={worstOf([stored, own.words.stored])}
        onRead={() => [session, own.words.session].forEach((one) => one.dispatch({ type: 'read' }))}
      >
        <UndoButtons {...steps} />
      </StoredStrip>
      <main
        id="content"
        tabIndex={-1}
        className="outline-none grid min-h-0 flex-1 grid-cols-[300px_minmax(0,1fr)_300px] max-lg:auto-rows-max max-lg:grid-cols-1 max-lg:overflow-auto"
      >
        <h1 className="sr-only">Catalogue</h1>
        <nav aria-label="Entries" className="overflow-y-auto border-r-2 border-ink p-4 max-lg:max-h-72 max-lg:border-r-0">
          <input
            type="search"
            aria-label="Find in the catalogue"
            placeholder="find: knee shield, drag …"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            className="min-h-9 w-full border-b-2 border-red bg-paper font-figure text-[15px]"
          />
          {list.length === 0 && moves.length === 0 && (
            <p className="mt-2">Nothing by that name, not even with a letter wrong. Draw it on the board.</p>
          )}
          {[...groups].map(([family, items]) => (
            <div key={family}>
              <h2 className="mt-3 text-[15px] tracking-wide text-soft uppercase">{FAMILY_WORDS[family].title}</h2>
              <ul>
                {items.map((item) => (
                  <li key={item.position.id}>
                    <button
                      type="button"
                      aria-current={item === entry}
                      className={`flex min-h-8 w-full items-baseline justify-between gap-2 text-left font-figure text-[15px] ${item === entry ? 'bg-tint font-semibold' : 'hover:underline'}`}
                      onClick={() => setShown(item.position.id)}
                    >
                      {item.position.name}
                      {findTaken(tree, item) !== null && <span className="text-[13px] text-soft">in the tree</span>}
                    </button>
                  </li>
                ))}
              </ul>
            </div>
          ))}
          {moves.length > 0 && <h2 className="mt-3 text-[15px] tracking-wide text-soft uppercase">Moves and signs</h2>}
          <ul>
            {moves.map(({ position: { position }, actor, name }) => (
              <li key={`${position.id} ${actor} ${name}`}>
                <button
                  type="button"
                  className="min-h-8 w-full text-left font-figure text-[15px] hover:underline"
                  onClick={() => setShown(position.id)}
                >
                  <span className={actor === 'owner' ? '' : 'text-his'}>
                    {actor === 'owner' ? sayMine(name) : name.includes(': ') ? name : sayHis(name)}
                  </span>{' '}
                  <span className="text-[13px] text-soft">{position.name}</span>
                </button>
              </li>
            ))}
          </ul>
        </nav>
        <div className="overflow-y-auto p-5">
          <EntrySheet
            tree={tree}
            own={own}
            catalogue={catalogue}
            entry={entry}
            onEntry={own.edit}
            onTake={() => take(entry)}
            onConfirm={(id) => edit('confirmed', (now) => withConfirmed(now, id))}
            onShow={setShown}
          />
        </div>
        <aside aria-label="Side sheet" className="overflow-y-auto border-l-2 border-ink p-4 max-lg:border-t-2 max-lg:border-l-0">
          <h2 className="text-[19px]">Ways between your places</h2>
          <p className="text-soft">
            {offered.length === 0
              ? 'Every way that the catalogue knows between the places of your tree is drawn. Add another place to get more.'
              : `The catalogue knows ${plural(offered.length, 'way')} between places of your tree that you have not drawn.`}
          </p>
          <ul>
            {(all ? offered : offered.slice(0, LISTED)).map((item) => (
              <li key={item.transition.id} className="border-t border-hair py-1.5">
                <p className={`font-figure text-[15px] font-medium ${item.transition.actor === 'owner' ? '' : 'text-his'}`}>
                  {item.transition.actor === 'owner' ? 'I' : 'he'} {item.transition.name}
                </p>
                <p className="text-[13px] text-soft">
                  {tree.positions.find((position) => position.id === item.from)?.name} →{' '}
                  {tree.positions.find((position) => position.id === item.to)?.name}
                </p>
                <button
                  type="button"
                  className="min-h-8 underline"
                  onClick={() => edit(`${item.transition.name} from the catalogue`, (now) => withTakenTransition(now, catalogue, item))}
                >
                  Add it
                </button>
              </li>
            ))}
          </ul>
          {offered.length > LISTED && !all && (
            <button type="button" className="mr-4 min-h-9 underline" onClick={() => setAll(true)}>
              Show the other {offered.length - LISTED}
            </button>
          )}
          {offered.length > 1 && (
            <button
              type="button"
              className={`${buttonClass} mt-2`}
              onClick={() =>
                edit('ways from the catalogue', (now) =>
                  findTakeable(now, catalogue).reduce((next, item) => withTakenTransition(next, catalogue, item), now),
                )
              }
            >
              Add all {offered.length}
            </button>
          )}
          <OwnPositions
            tree={tree}
            catalogue={catalogue}
            leftOver={leftOver}
            onEntry={(change, id) => {
              own.edit(change);
              if (id !== null) setShown(id);
            }}
          />
          {unconfirmed.positions.length + unconfirmed.transitions.length > 0 && (
            <p className="mt-4 border-t border-hair pt-2 text-soft">
              From the catalogue and not confirmed yet: {plural(unconfirmed.positions.length, 'place')},{' '}
              {plural(unconfirmed.transitions.length, 'way')}.
            </p>
          )}
          <HeldTargets />
        </aside>
      </main>
      <StaleDialog what="tree" state={state} session={session} onCopied={(id) => router.push(`/catalogue/${idToAddress(id)}`)} />
      <StaleDialog what="catalogue" state={own.words.state} session={own.words.session} />
    </div>
  );
}
