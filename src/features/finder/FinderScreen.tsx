'use client';
import { idToAddress } from '@/contracts/address';
import { PageLink } from '@/ui/PageLink';
import { useMemo, useState } from 'react';
import { catalogueFor, getCatalogue, SIGN_GROUPS, withGymEntries, type GymEntry, type Seen, type Sign } from '@/core/catalogue';
import { DISTANCE_WORDS, NO_ANSWER, STANCE_WORDS, TEMPO_WORDS } from '@/core/words';
import type { Distance, Stance, TreeDocument } from '@/core/tree';
import { AppStrip } from '@/ui/AppStrip';
import { screenLinks } from '@/client/screenLinks';
import { answersFor, type Answer } from './viewModel';

const EMPTY: Seen = { signs: [] };
const DISTANCES: readonly Distance[] = ['far', 'middle', 'close', 'tight'];
const STANCES: readonly Stance[] = ['standing', 'kneeling', 'combat', 'seated', 'lying'];

function Tick({ words, on, onPress }: { words: string; on: boolean; onPress: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onPress}
      className={`min-h-11 border px-3 py-1 text-left font-figure text-[17px] leading-tight ${
        on ? 'border-2 border-red bg-tint font-semibold text-ink' : 'border-soft hover:bg-tint'
      }`}
    >
      {words}
    </button>
  );
}

function Group({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <fieldset className="mb-3">
      <legend className="mb-1 font-figure text-[15px] tracking-wide text-soft uppercase">{title}</legend>
      <div className="flex flex-wrap gap-1.5">{children}</div>
    </fieldset>
  );
}

/** One place that fits, and what to do there now. */
function Found({ answer, ticked, open, tree }: { answer: Answer; ticked: number; open: boolean; tree: TreeDocument }) {
  const { position, match, advice } = answer;
  return (
    <details open={open} className="border-t border-hair py-2" data-place={position.id}>
      <summary className="flex min-h-11 cursor-pointer items-baseline gap-3">
        <span className="font-figure text-[19px] font-semibold">{answer.name}</span>
        <span className="text-[13px] text-soft">
          {match.matches} of {ticked} seen, {match.matches} of its {match.declared} signs
          {match.contradictions > 0 ? `, ${match.contradictions} against` : ''}
        </span>
      </summary>
      <p>
        <strong className={position.tempo === 'actNow' || position.tempo === 'danger' ? 'font-semibold text-red' : 'font-semibold'}>
          {TEMPO_WORDS[position.tempo]}
        </strong>{' '}
        {position.tempoReason}
      </p>
      <dl className="mt-1 grid gap-x-4 font-figure text-[17px] sm:grid-cols-[auto_1fr]">
        {advice.map((item) => (
          <div key={item.shown} className="contents">
            <dt className={item.answers.length > 0 ? 'text-his' : 'text-red'}>{item.shown}</dt>
            <dd className={`mb-1 pl-3 sm:pl-0 ${item.answers.length > 0 ? 'font-medium' : 'text-red'}`}>
              {item.answers.length > 0 ? item.answers.join(' / ') : NO_ANSWER}
            </dd>
          </div>
        ))}
      </dl>
      {advice.length === 0 && <p className="text-soft">{position.ends ? 'The climb ends here.' : 'Nothing is drawn here yet.'}</p>}
      {(position.hazards ?? []).length > 0 && <p className="border-l-[3px] border-red pl-2">{position.hazards!.join(' ')}</p>}
      <p className="mt-1">
        {answer.from === 'tree' ? (
          <PageLink className="underline" href={`/board/${idToAddress(tree.id)}?show=hub&at=${encodeURIComponent(position.id)}`}>
            Show it on the board
          </PageLink>
        ) : (
          <PageLink className="underline" href={`/catalogue/${idToAddress(tree.id)}?at=${encodeURIComponent(position.id)}`}>
            See it in the catalogue
          </PageLink>
        )}
      </p>
    </details>
  );
}

/** Tick what you see; get the place and what to do now. The answers stand at thumb height on a phone. */
export function FinderScreen({ tree, entries }: { tree: TreeDocument; entries: readonly GymEntry[] }) {
  const [seen, setSeen] = useState<Seen>(EMPTY);
  const catalogue = useMemo(() => catalogueFor(withGymEntries(getCatalogue(), entries).catalogue, tree.owner), [entries, tree.owner]);
  const answers = useMemo(() => answersFor(tree, catalogue, seen), [tree, catalogue, seen]);
  const ticked = seen.signs.length + (seen.stance ? 1 : 0) + (seen.distance ? 1 : 0);
  const toggle = (sign: Sign) =>
    setSeen({ ...seen, signs: seen.signs.includes(sign) ? seen.signs.filter((item) => item !== sign) : [...seen.signs, sign] });
  const own = answers.filter((answer) => answer.from === 'tree');
  const others = answers.filter((answer) => answer.from === 'catalogue');
  const tied = own.filter((answer) => answer.match.rank === 1).length;
  return (
    <div className="flex h-dvh flex-col">
      <AppStrip title={tree.name} links={screenLinks(tree.id, 'Finder')} />
      <main
        id="content"
        tabIndex={-1}
        className="outline-none grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)_minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_minmax(0,480px)] lg:grid-rows-1"
      >
        <section aria-label="What you see" className="overflow-y-auto p-4">
          <h1 className="sr-only">What do you see?</h1>
          {SIGN_GROUPS.map(({ group, signs }) => (
            <Group key={group} title={group}>
              {Object.entries(signs).map(([sign, words]) => (
                <Tick key={sign} words={words} on={seen.signs.includes(sign as Sign)} onPress={() => toggle(sign as Sign)} />
              ))}
            </Group>
          ))}
          <Group title="I am">
            {STANCES.map((stance) => (
              <Tick
                key={stance}
                words={STANCE_WORDS[stance]}
                on={seen.stance === stance}
                onPress={() => setSeen({ ...seen, stance: seen.stance === stance ? undefined : stance })}
              />
            ))}
          </Group>
          <Group title="Distance">
            {DISTANCES.map((distance) => (
              <Tick
                key={distance}
                words={DISTANCE_WORDS[distance]}
                on={seen.distance === distance}
                onPress={() => setSeen({ ...seen, distance: seen.distance === distance ? undefined : distance })}
              />
            ))}
          </Group>
        </section>
        <section
          aria-label="What it is"
          aria-live="polite"
          className="overflow-y-auto border-t-2 border-ink p-4 lg:border-t-0 lg:border-l-2"
        >
          <div className="flex items-baseline justify-between">
            <h2 className="text-[22px]">{ticked === 0 ? 'What do you see?' : tied > 1 ? `${tied} places fit equally` : 'Best matches'}</h2>
            {ticked > 0 && (
              <button type="button" className="min-h-11 px-2 underline" onClick={() => setSeen(EMPTY)}>
                Clear
              </button>
            )}
          </div>
          {ticked === 0 && (
            <p className="text-soft">Two or three ticks are enough. Places of your tree come first, then the catalogue’s.</p>
          )}
          {own.map((answer, i) => (
            <Found key={answer.key} answer={answer} ticked={ticked} open={i === 0} tree={tree} />
          ))}
          {ticked > 0 && own.length === 0 && <p className="border-t border-hair py-2">No place of your tree looks like this.</p>}
          {others.length > 0 && <h3 className="mt-3 text-[15px] tracking-wide text-soft uppercase">In the catalogue</h3>}
          {others.map((answer, i) => (
            <Found key={answer.key} answer={answer} ticked={ticked} open={own.length === 0 && i === 0} tree={tree} />
          ))}
          {ticked > 0 && (
            <p className="mt-3 text-[13px] text-soft">What is allowed is for your gym and the event’s current rule book to say.</p>
          )}
        </section>
      </main>
    </div>
  );
}
