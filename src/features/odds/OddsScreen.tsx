'use client';
import { useMemo, useState } from 'react';
import { ODDS_QUESTION, type Choice, type Odds, type StartOdds } from '@/core/odds';
import { filterTree, isFiltering, type Filter, viewTree } from '@/core/lens';
import { indexOf, positionOf, type Position, type TreeDocument } from '@/core/tree';
import { asSentence, choiceText, clock, GOAL_WORDS, inHundred, sayAtBest, sayMargin, sayUndrawn } from '@/core/words';
import { treeInGym, type GymBook } from '@/core/people';
import { FilterDifference } from '@/client/FilterDifference';
import { FilterRow } from '@/client/FilterRow';
import { queryOf } from '@/contracts/filterQuery';
import { AppStrip } from '@/ui/AppStrip';
import { BarChart } from '@/ui/BarChart';
import { screenLinks } from '@/client/screenLinks';
import { StripButton } from '@/ui/StripButton';
import { useAnswer } from '@/workers/useAnswer';
import { Working } from '@/client/Working';
import { endingBars, visitList } from './viewModel';
import { Select } from '@/ui/Select';

const ROUNDS = [60, 120, 180, 240, 300, 360, 480, 600];

function StartTable({ tree, odds, chosen, onChoose }: { tree: TreeDocument; odds: Odds; chosen: string; onChoose: (id: string) => void }) {
  return (
    <table className="w-full border-collapse text-left">
      <caption className="pb-2 text-left text-soft">
        Chance of finishing ({GOAL_WORDS[tree.owner]}) before the round ends, against this opponent.
      </caption>
      <thead className="font-figure text-[13px] text-soft">
        <tr>
          <th className="py-1 font-medium">The round starts in</th>
          <th className="text-right font-medium">finish</th>
          <th className="text-right font-medium">at best</th>
          <th className="text-right font-medium">time</th>
        </tr>
      </thead>
      <tbody className="font-figure text-[17px]">
        {odds.starts.map((start) => (
          <tr
            key={start.position}
            className={`border-t border-hair ${start.position === chosen ? 'bg-tint' : ''}`}
            data-start={start.position}
          >
            <td>
              <button
                type="button"
                aria-pressed={start.position === chosen}
                className="min-h-9 px-1 font-medium hover:underline"
                onClick={() => onChoose(start.position)}
              >
                {positionOf(indexOf(tree), start.position).name}
              </button>
            </td>
            <td className="text-right font-semibold whitespace-nowrap">{inHundred(start.value)}</td>
            <td className="text-right whitespace-nowrap text-soft">{sayAtBest(start)}</td>
            <td className="pr-1 text-right whitespace-nowrap text-soft">{clock(start.expectedSeconds)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Endings({ start, name }: { start: StartOdds; name: string }) {
  const bars = useMemo(() => endingBars(start), [start]);
  return (
    <section aria-label={`How a round from ${name} ends`}>
      <h2 className="text-[19px]">How it ends from {name}</h2>
      <BarChart bars={bars} />
      <ul className="sr-only">
        {bars.map((bar) => (
          <li key={bar.label}>
            {bar.label}: {bar.text}
          </li>
        ))}
      </ul>
      <p className="text-soft">
        On average it is over after {clock(start.expectedSeconds)}. “Lost the exchange” is a failed attempt whose price is not drawn.{' '}
        {sayMargin(start)}
      </p>
    </section>
  );
}

function ChoiceRow({ tree, position, choice }: { tree: TreeDocument; position: Position; choice: Choice }) {
  const text = choiceText(tree, position, choice);
  return (
    <li className="border-t border-hair py-2">
      <p className="flex justify-between gap-3 font-figure text-[15px]">
        <span className="font-medium text-his">{text.shown}</span>
        <span className="shrink-0 text-soft">{inHundred(choice.share)}</span>
      </p>
      <p>
        <strong className="font-semibold">{text.best}</strong> <span className="text-soft">{text.worth}</span>
      </p>
      {text.others && <p className="text-soft">{text.others}</p>}
      {text.instead && <p className="text-red">{text.instead}</p>}
      {text.changes && <p className="text-soft">{text.changes}</p>}
    </li>
  );
}

interface Props {
  readonly tree: TreeDocument;
  readonly revision: number;
  readonly book: GymBook;
  /** The start to begin with. */
  readonly at: string | null;
  readonly filter: Filter;
}

/** Best option for each thing he can show, and what the figures rest on. */
export function OddsScreen({ tree: bare, revision, book, at, filter: opened }: Props) {
  const whole = useMemo(() => treeInGym(bare, book), [bare, book]);
  const [filter, setFilter] = useState(opened);
  const [looking, setLooking] = useState(isFiltering(opened));
  const tree = useMemo(() => (isFiltering(filter) ? filterTree(whole, filter).tree : whole), [whole, filter]);
  const [roundSeconds, setRoundSeconds] = useState(ODDS_QUESTION.roundSeconds);
  const [chosen, setChosen] = useState(at ?? tree.starts[0]?.position ?? '');
  const [shownAt, showAt] = useState(chosen);
  const subject = useMemo(() => ({ tree: bare, revision, book }), [bare, revision, book]);
  const answer = useAnswer<'odds'>(subject, { kind: 'odds', look: { filter, swapped: false }, roundSeconds });
  const { value: odds, pending, tookMs, cancel } = answer;
  // Figures are put into words with the tree that they were made of.
  const { asked, of } = answer;
  const spoken = useMemo(
    () => (asked && of ? viewTree(treeInGym(of, book), asked.look.filter, false).shown : tree),
    [asked, of, book, tree],
  );
  const index = indexOf(spoken);
  const start = odds?.starts.find((item) => item.position === chosen);
  const here = odds?.positions.find((item) => item.position === shownAt);
  const position = index.positions.get(shownAt);
  const choose = (id: string) => {
    setChosen(id);
    showAt(id);
  };
  return (
    <div className="flex min-h-dvh flex-col">
      <AppStrip
        title={tree.name}
        links={screenLinks(tree.id, 'Odds', queryOf(filter))}
        // A list that opens has no place in a menu that closes.
        always={
          <Select
            label="Length of the round"
            labelled="heard"
            value={String(roundSeconds)}
            options={ROUNDS.map((seconds) => [String(seconds), `round clock ${clock(seconds)}`] as const)}
            onChange={(seconds) => setRoundSeconds(Number(seconds))}
          />
        }
      >
        <span className="text-soft">Against this opponent</span>
        <span role="status" className="text-[13px] text-soft">
          {pending ? 'computing …' : odds ? `${odds.status}, ${Math.round(tookMs)} ms` : 'stopped'}
        </span>
        {pending && <StripButton onClick={cancel}>Stop</StripButton>}
        <StripButton aria-expanded={looking} onClick={() => setLooking(!looking)}>
          For whom
        </StripButton>
      </AppStrip>
      {(looking || isFiltering(filter)) && <FilterRow tree={whole} filter={filter} onFilter={setFilter} />}
      <main id="content" tabIndex={-1} className="outline-none grow outline-none">
        <h1 className="sr-only">{tree.name}: odds</h1>
        {tree.starts.length === 0 ? (
          <p className="p-6">
            There is no guard to start from yet. Draw one on the board; as soon as a branch ends in a pin, its chances are shown here.
          </p>
        ) : (
          <div
            className="grid flex-1 grid-cols-[minmax(0,1fr)] gap-6 p-5 [overflow-wrap:anywhere] lg:grid-cols-[minmax(300px,400px)_minmax(0,1fr)_340px]"
            aria-busy={pending}
          >
            {(!odds || answer.failed !== null) && <Working what="Computing the odds" answer={answer} />}
            {odds && (
              <div>
                <FilterDifference {...{ subject, filter }} onPosition={showAt} />
                <StartTable tree={spoken} odds={odds} chosen={chosen} onChoose={choose} />
              </div>
            )}
            <div>
              {start && <Endings start={start} name={positionOf(index, start.position).name} />}
              {start && (
                <section aria-label="Where the time goes" className="mt-5">
                  <h2 className="text-[19px]">Where the round is fought</h2>
                  <p className="text-soft">Expected number of exchanges at each place. Press one to see what to do there.</p>
                  <ul className="mt-1 columns-2 font-figure text-[15px]">
                    {visitList(spoken, start).map((item) => (
                      <li key={item.id} className="flex justify-between gap-2 pr-4">
                        <button type="button" className="min-h-8 text-left hover:underline" onClick={() => showAt(item.id)}>
                          {item.name}
                        </button>
                        <span className="whitespace-nowrap text-soft">{item.visits}</span>
                      </li>
                    ))}
                  </ul>
                </section>
              )}
            </div>
            {here && position && (
              <section aria-label={`What to do at ${position.name}`} className="border-l-2 border-ink pl-4">
                <h2 className="text-[24px]">{position.name}</h2>
                <p>
                  Finish from here: <strong className="font-semibold">{inHundred(here.value)}</strong>, with a full round left.{' '}
                  <span className="text-soft">{asSentence(sayUndrawn(here.undrawn))}</span>
                </p>
                {here.choices.length === 0 && <p>The climb ends here.</p>}
                <ul className="mt-2">
                  {here.choices.map((choice, i) => (
                    <ChoiceRow key={i} tree={spoken} position={position} choice={choice} />
                  ))}
                </ul>
              </section>
            )}
          </div>
        )}
        <p className="px-5 pb-3 text-[13px] text-soft">
          All chances come from the tree: the coach’s guesses where typed, the gym’s defaults elsewhere (works 60, off cue 20, stopped 5 in
          100; 10 seconds). No round has been observed yet: no data. They compare choices; they do not predict a match. Whether a move is
          allowed is for the event’s current rule book to say.
        </p>
      </main>
    </div>
  );
}
