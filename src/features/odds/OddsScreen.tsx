'use client';
import { useMemo, useState } from 'react';
import { questionAgainst, type OddsQuestion, type StartOdds } from '@/core/odds';
import { filterTree, isFiltering, opponentsIn, type Filter } from '@/core/lens';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { clock, sayAgainst, sayDefaults, sayElsewhere, sayMargin, sayTimesARound } from '@/core/words';
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
import { BigFigure } from './BigFigure';
import { Dilemmas } from './Dilemmas';
import { HangsOn } from './HangsOn';
import { PlaceOdds } from './PlaceOdds';
import { Played } from './Played';
import { questionFor, QuestionRow, type Asked } from './QuestionRow';
import { StartTable } from './StartTable';
import { spokenTree } from './spokenTree';
import { WhatIf } from './WhatIf';
import { WorkOn } from './WorkOn';
import { endingBars, visitList } from './viewModel';
import { Select } from '@/ui/Select';

/** Positions up to which all chances are drawn again and again; of who knows the game each second has a mix of its own. */
const MOST_TRIED = { opponent: 500, knowing: 150 } as const;
/** Positions up to which what takes long is tried without being asked for. */
const UNASKED = 500;
const ROUNDS = [60, 120, 180, 240, 300, 360, 480, 600];

function Endings({ start, name }: { start: StartOdds; name: string }) {
  const bars = useMemo(() => endingBars(start), [start]);
  return (
    <section aria-label={`How a round from ${name} ends`}>
      <h2 className="mt-3 text-[19px]">How it ends from {name}</h2>
      <BarChart bars={bars} />
      <ul className="sr-only">
        {bars.map((bar) => (
          <li key={bar.label}>
            {bar.label}: {bar.text}
          </li>
        ))}
      </ul>
      <p className="text-soft">
        On average it is over after {clock(start.expectedSeconds)}. “He turns it” is a failure whose price is not drawn.{' '}
        {start.recoveries >= 0.05 && `He gets his guard back ${sayTimesARound(start.recoveries)}. `}
        {sayMargin(start)}
      </p>
    </section>
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
  const [question, setQuestion] = useState<OddsQuestion>(() => questionAgainst(opponentsIn(whole, opened)));
  const [asked, setAsked] = useState<Asked>(question.ask);
  const ask = (next: Asked) => {
    setAsked(next);
    if (next !== 'observed') setQuestion(questionFor(next, question.roundSeconds));
  };
  /** Who knows the game is asked about as one who does. */
  const lookAt = (next: Filter) => {
    const against = (of: Filter) => opponentsIn(whole, of);
    const isAnother = JSON.stringify(against(next).map(({ id }) => id)) !== JSON.stringify(against(filter).map(({ id }) => id));
    setFilter(next);
    if (!isAnother || asked === 'observed') return;
    const natural = questionAgainst(against(next));
    setAsked(natural.ask);
    setQuestion({ ...natural, roundSeconds: question.roundSeconds });
  };
  const [chosen, setChosen] = useState(at ?? tree.starts[0]?.position ?? '');
  const [shownAt, showAt] = useState(chosen);
  const subject = useMemo(() => ({ tree: bare, revision, book }), [bare, revision, book]);
  const answer = useAnswer<'odds'>(subject, asked === 'observed' ? null : { kind: 'odds', look: { filter, swapped: false }, question });
  const { pending, isCurrent, tookMs, cancel } = answer;
  // Figures of another question are shown only while this one is being computed, not when it was stopped.
  const odds = pending || isCurrent ? answer.value : null;
  const start = odds?.starts.find((item) => item.position === chosen);
  // One after the other, the figure first: whoever changes the question waits for nothing that is finer.
  const isAnswered = odds !== null && isCurrent;
  const mostTried = MOST_TRIED[question.ask];
  const isTriable = bare.positions.length <= mostTried;
  const isLarge = bare.positions.length > UNASKED;
  const look = useMemo(() => ({ filter, swapped: false }), [filter]);
  const advice = useAnswer<'advice'>(subject, isAnswered && start ? { kind: 'advice', look, question } : null);
  const isAdvised = isAnswered && advice.isCurrent;
  // Figures are put into words with the tree that they were made of.
  const { asked: answered, of } = answer;
  const spoken = useMemo(() => (answered && of ? spokenTree(of, book, answered.look.filter) : tree), [answered, of, book, tree]);
  const index = indexOf(spoken);
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
            value={String(question.roundSeconds)}
            options={ROUNDS.map((seconds) => [String(seconds), `round clock ${clock(seconds)}`] as const)}
            onChange={(seconds) => setQuestion({ ...question, roundSeconds: Number(seconds) })}
          />
        }
      >
        <span role="status" className="text-[13px] text-soft">
          {asked === 'observed' ? 'no data' : pending ? 'computing …' : odds ? `${odds.status}, ${Math.round(tookMs)} ms` : 'stopped'}
        </span>
        {pending && <StripButton onClick={cancel}>Stop</StripButton>}
        <StripButton aria-expanded={looking} onClick={() => setLooking(!looking)}>
          For whom
        </StripButton>
      </AppStrip>
      {(looking || isFiltering(filter)) && <FilterRow tree={whole} filter={filter} onFilter={lookAt} />}
      <main id="content" tabIndex={-1} className="grow outline-none">
        <h1 className="sr-only">{tree.name}: odds</h1>
        <QuestionRow {...{ asked, question }} onAsk={ask} onQuestion={setQuestion} />
        {tree.starts.length === 0 ? (
          <p className="p-6">
            There is no guard to start from yet. Draw one on the board; as soon as a branch ends in a pin, its chances are shown here.
          </p>
        ) : asked === 'observed' ? (
          <p className="max-w-xl p-6">
            No rounds recorded yet: no data. What happened on the mat will be counted here; until then the other two questions stand on
            typed and default chances.
          </p>
        ) : (
          <div
            className="grid flex-1 grid-cols-[minmax(0,1fr)] gap-6 p-5 [overflow-wrap:anywhere] lg:grid-cols-[minmax(300px,400px)_minmax(0,1fr)_340px]"
            aria-busy={pending}
          >
            {(!odds || answer.failed !== null) && <Working what="Computing the odds" answer={{ ...answer, value: odds }} />}
            {odds && (
              <div>
                <FilterDifference {...{ subject, filter }} onPosition={showAt} />
                <StartTable tree={spoken} odds={odds} against={sayAgainst(whole, filter)} chosen={chosen} onChoose={choose} />
              </div>
            )}
            <div>
              {start && (
                <BigFigure
                  {...{ subject, filter, question, start }}
                  tree={spoken}
                  starts={odds!.starts}
                  isReady={isAdvised && isTriable}
                  isDrawn={odds?.positions.find((item) => item.position === start.position)?.isDrawn ?? true}
                  name={positionOf(index, start.position).name}
                />
              )}
              {start && <Endings start={start} name={positionOf(index, start.position).name} />}
              {start && !isTriable && (
                <p className="mt-1 text-soft">
                  This tree has more than {mostTried} places: how sure its figures are is not tried, since each of 500 tries takes long.
                </p>
              )}
              {start && <WorkOn {...{ subject, filter, question }} answer={advice} isReady={isAdvised && isTriable} />}
              {start && <Dilemmas {...{ subject, filter, question }} isReady={isAdvised} isAskedFor={isLarge} />}
              {start && <HangsOn kind="loads" {...{ subject, filter, question }} isReady={isAdvised} isAskedFor={isLarge} />}
              {start && <HangsOn kind="defences" {...{ subject, filter, question }} isReady={isAdvised} isAskedFor={isLarge} />}
              {start && <WhatIf {...{ subject, filter, question, start }} tree={spoken} />}
              {start && <Played key={start.position} {...{ subject, filter, question, start }} tree={spoken} />}
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
            {here && position && <PlaceOdds {...{ subject, filter, question, position, here }} tree={spoken} />}
          </div>
        )}
        <p className="px-5 pb-3 text-[13px] text-soft">
          All chances come from the tree: the coach’s guesses where typed, defaults elsewhere ({sayDefaults(whole)}). No round has been
          observed yet: no data. {odds && sayElsewhere(spoken, odds)}
          They compare choices; they do not predict a match. Whether a move is allowed is for the event’s current rule book to say.
        </p>
      </main>
    </div>
  );
}
