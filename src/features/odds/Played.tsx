import { useMemo, useState } from 'react';
import { idToAddress } from '@/contracts/address';
import { queryOf } from '@/contracts/filterQuery';
import { roundQuery } from '@/contracts/roundQuery';
import type { Filter } from '@/core/lens';
import { HALF_MINUTE, type OddsQuestion, type StartOdds } from '@/core/odds';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { clock, eventText, inHundred, sayCounted, sayRoundEnd } from '@/core/words';
import { Working } from '@/client/Working';
import { PageLink } from '@/ui/PageLink';
import { StripButton } from '@/ui/StripButton';
import { TimeChart } from '@/ui/TimeChart';
import { useAnswer, type Subject } from '@/workers/useAnswer';

interface Props {
  readonly subject: Subject;
  readonly filter: Filter;
  readonly question: OddsQuestion;
  readonly start: StartOdds;
  /** As it is spoken of. */
  readonly tree: TreeDocument;
}
const ROUNDS = 10_000;
const SEED = 2026;
const STALLED = 5;

/** Rounds that are played out: when they are finished, how high they stand, where they stall; and one of them, told. */
export function Played({ subject, filter, question, start, tree }: Props) {
  const [wanted, setWanted] = useState(false);
  const [seed, setSeed] = useState(1);
  const look = useMemo(() => ({ filter, swapped: false }), [filter]);
  const { position } = start;
  const many = useAnswer<'rounds'>(subject, wanted ? { kind: 'rounds', look, question, start: position, count: ROUNDS, seed: SEED } : null);
  const one = useAnswer<'round'>(subject, wanted ? { kind: 'round', look, question, start: position, seed } : null);
  const name = positionOf(indexOf(tree), position).name;
  const rounds = many.isCurrent ? many.value : null;
  const told = one.isCurrent ? one.value : null;
  const times = useMemo(() => rounds?.finishedBy.map((_, i) => clock(i * HALF_MINUTE)) ?? [], [rounds]);
  const finished = useMemo(() => rounds?.finishedBy.map((count) => (count / rounds.count) * 100) ?? [], [rounds]);
  const query = [roundQuery({ start: position, seed, question }), queryOf(filter), 'show=hub'].filter(Boolean).join('&');
  const walk = `/board/${idToAddress(subject.tree.id)}?${query}`;
  return (
    <section aria-label="Rounds played out" className="mt-5">
      <h2 className="text-[19px]">Rounds played out from {name}</h2>
      {!wanted && (
        <p>
          <button type="button" className="min-h-8 underline" onClick={() => setWanted(true)}>
            Play {ROUNDS / 1000},000 rounds
          </button>{' '}
          <span className="text-soft">as the chances have it, and tell one of them.</span>
        </p>
      )}
      {wanted && !many.isCurrent && <Working what="Playing rounds" answer={{ ...many, value: null }} />}
      {rounds && (
        <>
          <p>{sayCounted(rounds)}</p>
          <h3 className="mt-2 text-[15px] font-semibold">When it is finished, of 100 rounds in each half minute</h3>
          <TimeChart labels={times} values={finished} of="bars" />
          <h3 className="mt-2 text-[15px] font-semibold">Lines held by then, of rounds that still go on</h3>
          <TimeChart labels={times} values={rounds.heights} of="line" most={5} />
          <table className="sr-only">
            <caption>Finished in each half minute, and lines held at its beginning</caption>
            <tbody>
              {times.map((time, i) => (
                <tr key={time}>
                  <th scope="row">{time}</th>
                  <td>{finished[i]!.toFixed(1)} of 100</td>
                  <td>{rounds.heights[i]!.toFixed(1)} lines</td>
                </tr>
              ))}
            </tbody>
          </table>
          {rounds.stalled.length > 0 && (
            <>
              <h3 className="mt-2 text-[15px] font-semibold">Where time runs out</h3>
              <ul>
                {rounds.stalled.slice(0, STALLED).map((item) => (
                  <li key={item.position} className="flex justify-between gap-3 border-t border-hair py-0.5">
                    {positionOf(indexOf(tree), item.position).name}
                    <span className="font-figure text-soft">{inHundred(item.count / rounds.count)}</span>
                  </li>
                ))}
              </ul>
            </>
          )}
        </>
      )}
      {told && (
        <>
          <h3 className="mt-3 text-[15px] font-semibold">One of them, told</h3>
          <ol>
            {told.events.map((event, i) => {
              const text = eventText(tree, event);
              return (
                <li key={i} className="flex gap-3 border-t border-hair py-1">
                  <span className="w-9 shrink-0 font-figure text-[15px] text-soft">{text.at}</span>
                  <span>
                    <strong className="font-semibold">{text.place}.</strong> {text.said.join(' ')}
                  </span>
                </li>
              );
            })}
            <li className="border-t border-ink py-1 font-semibold">{sayRoundEnd(told)}</li>
          </ol>
          <p className="flex flex-wrap gap-x-4">
            <StripButton onClick={() => setSeed(seed + 1)}>Tell another</StripButton>
            <PageLink className="inline-flex min-h-8 items-center underline" href={walk}>
              Walk it on the board
            </PageLink>
          </p>
        </>
      )}
      {many.isCurrent && rounds === null && <p className="text-soft">They cannot be played: a place has more than 64 shows.</p>}
    </section>
  );
}
