'use client';
import type { Dispatch } from 'react';
import { PictureView } from '@/client/pictures/PictureView';
import {
  asSentence,
  cautionsAt,
  clock,
  ENDING_WORDS,
  plural,
  sayForeseen,
  sayWorth,
  sayAttempt,
  sayUndrawn,
  sayWaysInAll,
  TEMPO_WORDS,
} from '@/core/words';
import { heightOf, indexOf, LINES, withPosition, type Contact, type Position, type TreeDocument } from '@/core/tree';
import type { Odds } from '@/core/odds';
import { withConfirmed, type Catalogue } from '@/core/catalogue';
import type { HiddenBy } from '@/core/lens';
import type { PositionAnswer } from '@/workers/position';
import type { BoardAction, Caret } from '../boardState';
import { CoverageTable } from './position/CoverageTable';
import { CaretLine } from '../caret/CaretLine';
import { TickList } from './TickList';
import { RecognitionCard } from './position/RecognitionCard';
import { GripsHere } from './position/GripsHere';
import { InlineName } from '@/ui/InlineName';
import { later } from '@/client/later';
import { PositionNotes } from './position/PositionNotes';
import { ShowsList } from './position/ShowsList';
import { shutByMyGrips, type Shut } from '../shut';

const PositionDetails = later(async () => (await import('./position/PositionDetails')).PositionDetails);

interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  /** What the whole tree says of the place; null = not known yet. */
  readonly said: PositionAnswer | null;
  readonly odds: Odds | null;
  readonly pending: boolean;
  readonly hidden: ReadonlyMap<string, HiddenBy>;
  readonly shut: ReadonlyMap<string, Shut>;
  readonly gripsOn: readonly Contact[];
  /** The tree under the filter, whose grips count: without the jacket there are fewer. */
  readonly shown: TreeDocument;
  readonly catalogue: Catalogue | null;
  /** The caret, if it is to be typed here rather than on the board. */
  readonly caret: Caret | null;
  readonly skipped: ReadonlySet<string>;
  /** The show or move that was looked for. */
  readonly asked: string | null;
  readonly dispatch: Dispatch<BoardAction>;
}

/** A small ladder: press a line to say that it is held here. */
function LadderToggle({ position, onChange }: { position: Position; onChange: (lines: Position['lines']) => void }) {
  return (
    <fieldset>
      <legend className="sr-only">Lines cleared here</legend>
      {LINES.toReversed().map((line) => {
        const held = position.lines.includes(line);
        return (
          <button
            key={line}
            type="button"
            aria-pressed={held}
            className="flex min-h-6 w-28 items-center gap-2 font-figure text-[15px]"
            onClick={() => onChange(LINES.filter((item) => (item === line ? !held : position.lines.includes(item))))}
          >
            <span aria-hidden className="flex h-6 w-9 items-center border-x-[3px] border-red">
              <span className={`h-[7px] w-full border-y ${held ? 'border-ink bg-ink' : 'border-route'}`} />
            </span>
            <span className={held ? 'font-medium' : 'text-soft'}>{line}</span>
          </button>
        );
      })}
    </fieldset>
  );
}

function OddsLine({ position, odds, pending }: Pick<Props, 'position' | 'odds' | 'pending'>) {
  const start = odds?.starts.find((item) => item.position === position.id);
  const here = odds?.positions.find((item) => item.position === position.id);
  if (!odds || !here || position.ends) return null;
  return (
    <p className={`mt-2 font-figure text-[15px] ${pending ? 'text-soft' : ''}`} aria-live="polite" data-odds={here.value}>
      Finish from here: <strong className="font-semibold">{sayWorth(here)}</strong>
      {start && sayForeseen(start) !== '' && `, ${sayForeseen(start)}`}
      <span className="block text-[13px] text-soft">
        round clock {clock(odds.question.roundSeconds)}, from typed and default chances; {sayUndrawn(here.undrawn)}
      </span>
    </p>
  );
}

export function RungSheet({
  tree,
  hidden,
  shut,
  gripsOn,
  shown,
  catalogue,
  position,
  said,
  odds,
  pending,
  caret,
  skipped,
  asked,
  dispatch,
}: Props) {
  const index = indexOf(tree);
  const transitions = index.from.get(position.id)!;
  const edit = (label: string, patch: Partial<Position>) =>
    dispatch({ type: 'edit', label: `${position.name}: ${label}`, tree: withPosition(tree, { ...position, ...patch }) });
  const hisShut = shutByMyGrips(said?.shutByMine ?? []);
  const ways = transitions.filter((transition) => transition.actor === 'owner').length;
  const watch = transitions.flatMap((transition) => (transition.actor === 'owner' ? (transition.mistakes ?? []) : []));
  const cautions = cautionsAt(tree, position);
  return (
    <section aria-label={position.name}>
      <h2 className="sr-only">{position.name}</h2>
      <InlineName
        key={position.id}
        label="Name of the position"
        value={position.name}
        onChange={(name) => edit('renamed', { name })}
        className="text-[29px]"
      />
      <p>
        <strong className="font-semibold">{TEMPO_WORDS[position.tempo]}</strong> {position.tempoReason}
      </p>
      {position.unfinished && !position.ends && (
        <p className="font-figure text-[17px] font-medium">{asSentence(sayAttempt(LINES[heightOf(position.lines)]))}</p>
      )}
      <div className="mt-3 flex gap-4">
        <LadderToggle position={position} onChange={(lines) => edit('lines', { lines })} />
        <p className="text-soft">
          {plural((index.to.get(position.id) ?? []).length, 'way in', 'ways in')},
          <br />
          {plural(ways, 'way on', 'ways on')}, {plural(transitions.filter((transition) => transition.actor === 'opponent').length, 'fall')}
          {position.legRelation && (
            <>
              <br />
              {position.legRelation}
            </>
          )}
        </p>
      </div>
      {position.reason && <p className="mt-2">Why here: {position.reason}</p>}
      {position.bySchool?.map(
        ({ school, reason }) =>
          reason && (
            <p key={school} className="mt-2">
              Why “{school}” does it so: {reason}
            </p>
          ),
      )}
      {position.waysInAll !== undefined && <p className="mt-2 text-soft">{sayWaysInAll(position.waysInAll, ways)}.</p>}
      {(position.checkpoints ?? []).length > 0 && (
        <section key={`settling ${position.id}`} aria-label="Settling list" className="mt-2">
          <TickList title={position.ends ? 'Settled when' : 'Look for'} items={[...new Set(position.checkpoints)]} />
        </section>
      )}
      <RecognitionCard key={`known ${position.id}`} tree={tree} position={position} onChange={edit} />
      {(position.pictures ?? []).length > 0 && (
        <div className="mt-2 grid grid-cols-2 gap-2">
          {position.pictures!.map((picture) => (
            <figure key={picture.hash}>
              <PictureView picture={picture} />
              <figcaption className="text-[13px] text-soft">{picture.caption}</figcaption>
            </figure>
          ))}
        </div>
      )}
      {(position.fromCatalogue ?? transitions.find((transition) => transition.fromCatalogue)) && (
        <p className="mt-2 text-soft">
          {position.fromCatalogue ? 'From the catalogue, not confirmed yet.' : 'Some ways are from the catalogue, not confirmed yet.'}{' '}
          <button
            type="button"
            className="min-h-8 underline"
            onClick={() => dispatch({ type: 'edit', label: `${position.name} confirmed`, tree: withConfirmed(tree, position.id) })}
          >
            I have read it
          </button>
        </p>
      )}
      <OddsLine position={position} odds={odds} pending={pending} />
      {caret && <CaretLine {...{ tree, caret, catalogue, skipped, dispatch }} />}
      {position.ends && (
        <p className="mt-3 font-figure text-[17px] font-medium text-red">The climb ends here: {ENDING_WORDS[position.ends]}.</p>
      )}
      <ShowsList {...{ tree, hidden, shut, position, odds, asked, dispatch }} mine={said?.mine ?? null} hisShut={hisShut} />
      <CoverageTable tree={tree} position={position} dispatch={dispatch} />
      <GripsHere
        tree={shown}
        position={indexOf(shown).positions.get(position.id) ?? position}
        arrival={said?.arrival ?? null}
        lettingGo={said?.lettingGo ?? []}
        on={gripsOn}
        dispatch={dispatch}
      />
      {said && <PositionNotes tree={tree} position={position} said={said} dispatch={dispatch} />}
      {watch.length > 0 && (
        <>
          <h3 className="mt-4 border-t border-hair pt-3 text-[15px] tracking-wide uppercase">Watch</h3>
          {watch.map((mistake) => (
            <p key={mistake.error}>
              {mistake.error}
              {mistake.correction && <span className="text-soft">: {mistake.correction}</span>}.
            </p>
          ))}
        </>
      )}
      {cautions.length > 0 && (
        <div className="mt-4 border-l-[3px] border-red pl-2">
          <h3 className="text-[15px]">Care</h3>
          {cautions.map((caution) => (
            <p key={caution}>{caution}</p>
          ))}
          <p className="text-soft">Your gym’s rules and the event’s rule book come first.</p>
        </div>
      )}
      <h3 className="mt-4 pt-2 text-[15px] tracking-wide uppercase">About this place</h3>
      <PositionDetails key={`about ${position.id}`} tree={tree} position={position} onChange={edit} dispatch={dispatch} />
    </section>
  );
}
