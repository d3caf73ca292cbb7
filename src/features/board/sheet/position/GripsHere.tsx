import { idToAddress } from '@/contracts/address';
import type { Dispatch } from 'react';
import { PageLink } from '@/ui/PageLink';
import { contactKey, sayContact } from '@/core/contacts';
import type { OnArrival } from '@/core/grips';
import { indexOf, type Contact, type Position, type TreeDocument } from '@/core/tree';
import { sayLettingGo, sayLostAfter, sayMove } from '@/core/words';
import type { PositionAnswer } from '@/workers/position';
import type { BoardAction } from '../../boardState';
import { theirGripsAt } from '../../shut';

interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  /** What is held where one arrives; null = not known yet. */
  readonly arrival: OnArrival | null;
  readonly lettingGo: PositionAnswer['lettingGo'];
  readonly on: readonly Contact[];
  readonly dispatch: Dispatch<BoardAction>;
}

/** The grips that matter at a place, and which of his are on now: what they shut is greyed, with what to break. */
export function GripsHere({ tree, position, arrival, lettingGo, on, dispatch }: Props) {
  const here = theirGripsAt(tree, position);
  const listed = new Set(here.map(contactKey));
  const isOn = new Set(on.map(contactKey));
  const elsewhere = on.filter((contact) => !listed.has(contactKey(contact)));
  const { sure, unsure } = arrival ?? { sure: [], unsure: [] };
  const put = (contact: Contact, ticked: boolean) =>
    dispatch({
      type: 'gripsOn',
      grips: ticked ? [...on, contact] : on.filter((item) => contactKey(item) !== contactKey(contact)),
    });
  const mine = (position.holds ?? []).map(sayContact);
  return (
    <section aria-label="Grips here" className="mt-4 border-t border-hair pt-3">
      <h3 className="text-[15px] tracking-wide uppercase">Grips here</h3>
      {mine.length > 0 && <p>I hold: {mine.join('; ')}.</p>}
      {sure.length > 0 && <p className="text-soft">Held on every way here, as far as steps are written: {sure.join('; ')}.</p>}
      {unsure.map((lost) => (
        <p key={lost.hold}>
          Not on every way: {lost.hold}. <span className="text-soft">It is not held after: {sayLostAfter(tree, lost)}.</span>
        </p>
      ))}
      {lettingGo.map(({ hold, lets }) => (
        <p key={hold} data-letting-go={hold}>
          {sayLettingGo(
            hold,
            lets.flatMap((id) => {
              const move = indexOf(tree).transitions.get(id);
              return move ? [sayMove(move)] : [];
            }),
          )}
        </p>
      ))}
      {here.length > 0 && (
        <fieldset>
          <legend className="text-[13px] text-soft">His grips on now</legend>
          {here.map((contact) => (
            <label key={contactKey(contact)} className="flex min-h-7 items-center gap-1.5 font-figure text-[15px] text-his">
              <input type="checkbox" checked={isOn.has(contactKey(contact))} onChange={(event) => put(contact, event.target.checked)} />
              {sayContact(contact)}
            </label>
          ))}
        </fieldset>
      )}
      {elsewhere.length > 0 && <p className="text-soft">Also on: {elsewhere.map(sayContact).join('; ')}.</p>}
      {on.length > 0 && (
        <button type="button" className="mr-4 min-h-8 underline" onClick={() => dispatch({ type: 'gripsOn', grips: [] })}>
          None of them is on
        </button>
      )}
      {arrival && mine.length + sure.length + here.length === 0 && <p className="text-soft">Who holds what here is not said yet.</p>}
      <PageLink
        className="inline-block min-h-8 py-1 underline"
        href={`/grips/${idToAddress(tree.id)}?place=${encodeURIComponent(position.id)}`}
      >
        Say what is held
      </PageLink>
    </section>
  );
}
