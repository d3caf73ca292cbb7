'use client';
import { useState } from 'react';
import { ask } from '@/client/api';
import { dayProblem } from '@/client/days';
import { idToAddress } from '@/contracts/address';
import { pairsHeld, pairsOf, recurringMistakes, WENT, type DrillUnit, type Expected, type HeldClass, type Went } from '@/core/classes';
import { indexOf, type TreeDocument } from '@/core/tree';
import { plural, sayHeld, sayMove, sayUnit } from '@/core/words';
import type { ClassDocument } from '@/documents/class/schema';
import { buttonClass } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { TextLine } from '@/ui/TextLine';

interface Props {
  readonly tree: TreeDocument;
  readonly plan: ClassDocument;
  readonly units: readonly DrillUnit[];
  /** Who was expected. */
  readonly expected: readonly Expected[];
  readonly held: readonly HeldClass[];
  readonly today: string;
  /** How often two have worked together in the last weeks. */
  readonly before: ReadonlyMap<string, number>;
  /** Of all athletes, by id. */
  readonly names: ReadonlyMap<string, string>;
  readonly onHeld: (held: HeldClass) => void;
}

const WORDS: Record<Went, string> = { well: 'went well', partly: 'began, not there yet', not: 'left out' };
const HEAD = 'mt-3 border-t border-hair pt-2 text-[15px] tracking-wide uppercase';

/** Classes that were held of this tree, and mistakes that come again. */
function Before({ tree, held, names }: Pick<Props, 'tree' | 'held' | 'names'>) {
  const { transitions } = indexOf(tree);
  const again = recurringMistakes(held).slice(0, 5);
  return (
    <>
      {again.length > 0 && <h3 className={HEAD}>Mistakes that come again</h3>}
      {again.map(({ transition, error, count, last }) => (
        <p key={`${transition} ${error}`}>
          {transitions.has(transition) ? sayMove(transitions.get(transition)!) : 'a move that is gone'}: {error}{' '}
          <span className="text-soft">
            {plural(count, 'time')}, last on {last}
          </span>
        </p>
      ))}
      <h3 className={HEAD}>Held</h3>
      {held.length === 0 && <p className="text-soft">No class was written down yet: no data.</p>}
      {held
        .toSorted((a, b) => (a.date < b.date ? 1 : -1))
        .slice(0, 8)
        .map((one) => (
          <details key={one.id} className="border-t border-hair">
            <summary className="min-h-8">
              {one.date}: {one.name}{' '}
              <span className="text-soft">
                {plural(one.people, 'person', 'people')}, {plural(one.units.filter(({ went }) => went !== 'not').length, 'unit')}
              </span>
            </summary>
            {/* To be read out or sent on to those who missed it. */}
            {sayHeld(tree, one, names).map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
          </details>
        ))}
    </>
  );
}

/** A minute after class: who came, how far each unit came, mistakes seen. Written down once; staleness and proposals follow from it. */
export function AfterClass({ tree, plan, units, expected, held, today, before, names, onHeld }: Props) {
  const [went, setWent] = useState<Readonly<Record<string, Went>>>({});
  const [stayed, setStayed] = useState<ReadonlySet<string>>(new Set());
  /** Mistakes that were seen, with whose: '' = of nobody in particular. */
  const [seen, setSeen] = useState<ReadonlyMap<string, string>>(new Map());
  const [date, setDate] = useState(plan.date ?? today);
  const [problem, setProblem] = useState<string | null>(null);
  const [pending, setPending] = useState(false);
  const [id, setId] = useState(() => crypto.randomUUID());
  const { transitions } = indexOf(tree);
  const own = (unit: DrillUnit) => unit.transitions.filter((move) => transitions.get(move)!.actor === 'owner');
  const mistakes = [...new Map(units.flatMap((unit) => own(unit)).map((move) => [move, transitions.get(move)!])).values()].flatMap((move) =>
    (move.mistakes ?? []).map(({ error }) => ({ transition: move.id, error, key: JSON.stringify([move.id, error]) })),
  );
  const toggle = (set: ReadonlySet<string>, key: string, on: boolean) =>
    new Set(on ? [...set, key] : [...set].filter((item) => item !== key));
  const came = expected.filter((athlete) => !stayed.has(athlete.id)).map((athlete) => athlete.id);
  const isWritten = held.some((one) => one.class === plan.id && one.date === date);
  const write = async () => {
    setPending(true);
    const worked = units.filter(({ kind }) => kind !== 'solo');
    const isDone = worked.map(({ key }) => went[key] !== 'not');
    const pairs = pairsHeld(pairsOf(plan, expected, worked.length, before), new Set(came), isDone);
    const body: Omit<HeldClass, 'tree'> = {
      id,
      class: plan.id,
      name: plan.name,
      date,
      came,
      people: expected.length > 0 ? came.length : plan.people,
      units: units.map((unit) => ({ unit: unit.spec, moves: own(unit), went: went[unit.key] ?? 'well' })),
      ...(pairs.flat().length > 0 ? { pairs } : {}),
      mistakes: mistakes.flatMap(({ key, transition, error }) => {
        const athlete = seen.get(key);
        return athlete === undefined ? [] : [{ transition, error, ...(athlete === '' ? {} : { athlete }) }];
      }),
    };
    const got = await ask(`/api/trees/${idToAddress(tree.id)}/held`, { method: 'POST', body });
    setPending(false);
    if (!got.ok) return setProblem(got.problems.join(' '));
    setProblem(null);
    setSeen(new Map());
    setId(crypto.randomUUID());
    onHeld({ ...body, tree: tree.id });
  };
  return (
    <div>
      <h2 className="text-[19px]">After class</h2>
      <p className="text-soft">What is written down here is only added to: what has gone stale and what is proposed follow from it.</p>
      {units.length === 0 && <p className="mt-2">There is nothing in this class yet.</p>}
      {units.length > 0 && (
        <>
          <TextLine label="Held on" value={date} check={dayProblem} onChange={setDate} />
          <h3 className={HEAD}>What was done</h3>
          {units.map((unit) => (
            <div key={unit.key} className="border-t border-hair py-1">
              {sayUnit(tree, unit)}
              <Select
                label={`How it went: ${sayUnit(tree, unit)}`}
                labelled="heard"
                value={went[unit.key] ?? 'well'}
                options={WENT.map((item) => [item, WORDS[item]] as const)}
                onChange={(item) => setWent({ ...went, [unit.key]: item ?? 'well' })}
              />
            </div>
          ))}
          {expected.length > 0 && (
            <details>
              <summary className="min-h-8">{plural(came.length, 'person', 'people')} came</summary>
              {expected.map(({ id: athlete, name }) => (
                <label key={athlete} className="flex min-h-8 items-center gap-2">
                  <input
                    type="checkbox"
                    checked={!stayed.has(athlete)}
                    onChange={(event) => setStayed(toggle(stayed, athlete, !event.target.checked))}
                  />
                  {name}
                </label>
              ))}
            </details>
          )}
          {mistakes.length > 0 && <h3 className={HEAD}>Mistakes seen</h3>}
          {mistakes.map(({ key, error, transition }) => (
            <div key={key}>
              <label className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  checked={seen.has(key)}
                  onChange={(event) =>
                    setSeen(event.target.checked ? new Map([...seen, [key, '']]) : new Map([...seen].filter(([item]) => item !== key)))
                  }
                />
                <span>
                  {error} <span className="text-soft">{sayMove(transitions.get(transition)!)}</span>
                </span>
              </label>
              {seen.has(key) && expected.length > 0 && (
                <Select
                  label={`Whose: ${error}`}
                  labelled="heard"
                  value={seen.get(key) || undefined}
                  none="of several"
                  options={expected.map((one) => [one.id, one.name] as const)}
                  onChange={(athlete) => setSeen(new Map([...seen, [key, athlete ?? '']]))}
                />
              )}
            </div>
          ))}
          {isWritten && (
            <p className="mt-2 border-l-[3px] border-red pl-2">This class is written down on {date}: once more would count twice.</p>
          )}
          <button type="button" className={`${buttonClass} mt-2`} disabled={pending} onClick={() => void write()}>
            {isWritten ? 'Write it down once more' : 'Write it down'}
          </button>
          {problem !== null && (
            <p role="alert" className="text-red">
              {problem} It is not written down; try again.
            </p>
          )}
        </>
      )}
      <Before {...{ tree, held, names }} />
    </div>
  );
}
