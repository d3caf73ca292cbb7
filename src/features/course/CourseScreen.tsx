'use client';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { format, parseISO } from 'date-fns';
import { dayProblem, timeProblem } from '@/client/days';
import { screenLinks } from '@/client/screenLinks';
import { idToAddress } from '@/contracts/address';
import { dayAfter, type HeldClass } from '@/core/classes';
import type { GymBook } from '@/core/people';
import { RANGES, type TreeDocument } from '@/core/tree';
import { plural } from '@/core/words';
import type { ClassDocument } from '@/documents/class/schema';
import type { CourseDocument } from '@/documents/course/schema';
import { AppStrip } from '@/ui/AppStrip';
import { buttonClass } from '@/ui/Field';
import { NumberField } from '@/ui/NumberField';
import { PageLink } from '@/ui/PageLink';
import { Select } from '@/ui/Select';
import { TextLine } from '@/ui/TextLine';
import { BalanceTicks } from './BalanceTicks';
import { DueList } from './DueList';
import { balanceOf, bothSidesShare, courseWeeks, wantedFor, type CourseClass, type CourseWeek, type CourseWanted } from './courseModel';
import { useCoursePlanner } from './useCoursePlanner';

interface Props {
  readonly tree: TreeDocument;
  readonly book: GymBook;
  readonly classes: readonly ClassDocument[];
  readonly held: readonly HeldClass[];
  /** How weeks were planned last. */
  readonly courses: readonly CourseDocument[];
  /** 'YYYY-MM-DD' */
  readonly today: string;
}
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const STANDING = { ahead: '', held: 'held', missed: 'not written down' };

function ClassLine({ tree, item }: { tree: TreeDocument; item: CourseClass }) {
  const { plan, standing, titles, isHard } = item;
  return (
    <li className="flex gap-3 py-1 max-sm:block">
      <span className="w-24 shrink-0 font-figure text-[15px] max-sm:mr-2">
        {format(parseISO(plan.date), 'EEE d MMM')}
        {plan.time && <span className="block text-soft max-sm:inline"> {plan.time}</span>}
      </span>
      <span className="min-w-0">
        <PageLink
          className="font-figure text-[16px] font-semibold hover:underline"
          href={`/class/${idToAddress(tree.id)}?class=${encodeURIComponent(plan.id)}`}
        >
          {plan.name}
        </PageLink>{' '}
        <span className="text-[13px] text-soft">
          {plan.slotMinutes} minutes, {isHard ? 'hard' : 'easy'}
          {plan.fromCourse !== true && ', yours'}
        </span>
        {standing !== 'ahead' && <span className={standing === 'missed' ? 'text-red' : 'text-soft'}> {STANDING[standing]}</span>}
        <span className="block text-[13px] text-soft">{titles.join(' · ')}</span>
      </span>
    </li>
  );
}

/** The weeks as a ladder: the first at the bottom, a rung each, broken where an evening was missed. */
function Weeks({ tree, weeks }: { tree: TreeDocument; weeks: readonly CourseWeek[] }) {
  return (
    <ol reversed aria-label="The weeks, the first at the bottom" className="list-none">
      {weeks.toReversed().map(({ monday, classes }) => {
        const isBroken = classes.some(({ standing }) => standing === 'missed');
        return (
          <li key={monday} className="flex gap-4 max-sm:gap-3">
            <span className="relative block w-24 shrink-0 border-x-4 border-red max-sm:w-16">
              <span
                aria-hidden
                className={`absolute inset-x-0 bottom-0 ${isBroken ? 'border-b-2 border-dashed border-red' : 'h-1.5 bg-ink'}`}
              />
              <span className="flex h-full flex-col items-center justify-center font-figure text-[15px]">
                <span className="text-[13px] text-soft">week of</span>
                <span className="font-semibold">{format(parseISO(monday), 'd MMM')}</span>
              </span>
            </span>
            <ul className="min-w-0 flex-1 border-b border-hair py-2">
              {classes.map((item) => (
                <ClassLine key={item.plan.id} {...{ tree, item }} />
              ))}
            </ul>
          </li>
        );
      })}
    </ol>
  );
}

/** Where the minutes of the weeks go. */
function Balance({ tree, classes }: { tree: TreeDocument; classes: readonly ClassDocument[] }) {
  const { shares, without } = balanceOf(tree, classes);
  const both = bothSidesShare(tree, classes);
  if (shares.length === 0) return null;
  return (
    <section aria-label="What these weeks hold">
      <h2 className="text-[19px]">What these weeks hold</h2>
      <ul className="mt-1">
        {shares.slice(0, 8).map(({ name, part }) => (
          <li key={name} className="border-t border-hair py-1">
            <span className="flex justify-between gap-2">
              <span>{name}</span>
              <span className="shrink-0 font-figure">{Math.round(part * 100)} in 100 minutes</span>
            </span>
            <span aria-hidden className="block h-1.5 bg-hair">
              <span className="block h-full bg-ink" style={{ width: `${part * 100}%` }} />
            </span>
          </li>
        ))}
      </ul>
      {both !== null && <p className="mt-2 text-soft">{Math.round(both * 100)} of 100 minutes of work are on both sides.</p>}
      {without.length > 0 && (
        <p className="mt-1 text-soft">
          No unit begins at {without.slice(0, 6).join(', ')}
          {without.length > 6 ? ` and ${without.length - 6} more guards` : ''}.
        </p>
      )}
    </section>
  );
}

/** Weeks ahead for a group: planned evening by evening, planned again when one is missed or changed. */
export function CourseScreen({ tree, book, classes, held, courses, today }: Props) {
  const router = useRouter();
  const groups = book.groups ?? [];
  const [asked, setAsked] = useState<CourseWanted>(() => wantedFor(courses, groups[0]?.id, today));
  const set = (patch: Partial<CourseWanted>) => setAsked({ ...asked, ...patch });
  const planner = useCoursePlanner(tree, today, () => router.refresh());
  const weeks = useMemo(() => courseWeeks(tree, classes, held, today, asked.group), [tree, classes, held, today, asked.group]);
  const all = weeks.flatMap((week) => week.classes);
  const missed = all.filter(({ standing }) => standing === 'missed');
  const { share, problems, answer } = planner;
  return (
    <div className="flex min-h-dvh flex-col">
      <AppStrip title={tree.name} links={screenLinks(tree.id, 'Course')}>
        <a href={`/api/trees/${idToAddress(tree.id)}/calendar`} className="ml-auto underline">
          Calendar file
        </a>
      </AppStrip>
      <main
        id="content"
        tabIndex={-1}
        className="grid grow grid-cols-[minmax(0,1fr)] gap-6 p-5 outline-none [overflow-wrap:anywhere] lg:grid-cols-[280px_minmax(0,1fr)_280px]"
      >
        <h1 className="sr-only">{tree.name}: course</h1>
        <fieldset className="grid content-start gap-2">
          <legend className="font-figure text-[19px] font-semibold">Weeks ahead</legend>
          {groups.length > 0 && (
            <Select
              label="Group"
              value={asked.group}
              none="nobody in particular"
              options={groups.map(({ id, name }) => [id, name] as const)}
              onChange={(group) => {
                const isKept = courses.some((course) => course.group === group);
                setAsked(isKept ? wantedFor(courses, group, today) : { ...asked, group });
              }}
            />
          )}
          <div role="group" aria-label="On which days" className="flex flex-wrap gap-x-3">
            {DAYS.map((day, i) => (
              <label key={day} className="flex min-h-8 items-center gap-1">
                <input
                  type="checkbox"
                  checked={asked.weekdays.includes(i)}
                  onChange={(event) =>
                    set({ weekdays: event.target.checked ? [...asked.weekdays, i] : asked.weekdays.filter((item) => item !== i) })
                  }
                />
                {day}
              </label>
            ))}
          </div>
          <div className="grid grid-cols-2 gap-2">
            <TextLine label="From" value={asked.from} check={dayProblem} onChange={(from) => set({ from })} />
            <TextLine label="Begins at" value={asked.time} check={timeProblem} onChange={(time) => set({ time })} />
            <NumberField label="Weeks" min={1} max={12} value={asked.weeks} onChange={(weeks) => weeks !== null && set({ weeks })} />
            <NumberField
              label="Length"
              {...RANGES.slotMinutes}
              value={asked.slotMinutes}
              onChange={(slotMinutes) => slotMinutes !== null && set({ slotMinutes })}
            />
            <NumberField
              label="New units a class"
              min={0}
              max={20}
              none="any number"
              value={asked.mostNew}
              onChange={(mostNew) => set({ mostNew })}
            />
            <NumberField
              label="Days between the same"
              min={0}
              max={60}
              value={asked.gapDays}
              onChange={(gapDays) => gapDays !== null && set({ gapDays })}
            />
          </div>
          <BalanceTicks tree={tree} balance={asked.balance ?? []} onChange={(balance) => set({ balance })} />
          <DueList tree={tree} due={asked.due ?? []} usual={dayAfter(asked.from, 7 * asked.weeks)} onChange={(due) => set({ due })} />
          <label className="flex min-h-8 items-center gap-1">
            <input
              type="checkbox"
              checked={asked.polish ?? false}
              onChange={(event) => set({ polish: event.target.checked || undefined })}
            />
            look longer, up to a minute
          </label>
          <p className="flex gap-3">
            <button
              type="button"
              className={buttonClass}
              disabled={share !== null || asked.weekdays.length === 0}
              onClick={() => void planner.plan(asked)}
            >
              {all.some(({ standing }) => standing === 'ahead') ? 'Plan them again' : 'Plan them'}
            </button>
            {share !== null && (
              <button type="button" className="min-h-9 underline" onClick={planner.stop}>
                Stop
              </button>
            )}
          </p>
          <p role="status" className="text-soft">
            {share !== null && `Trying courses: ${Math.round(share * 100)} in 100 …`}
            {share === null && answer?.said}
          </p>
          {answer?.notMet.map((sentence) => (
            <p key={sentence} className="text-red">
              {sentence}
            </p>
          ))}
          {problems.length > 0 && (
            <p role="alert" className="text-red">
              {problems.join(' ')}
            </p>
          )}
          <p className="text-[13px] text-soft">
            The evenings are planned together: what one teaches counts as taught on the next, and comes again before it is forgotten. What
            you changed by hand stays; the others are planned again.
          </p>
        </fieldset>
        <div>
          {missed.length > 0 && (
            <p className="mb-3 border-l-[3px] border-red pl-3">
              {plural(missed.length, 'class', 'classes')} {missed.length === 1 ? 'was' : 'were'} not written down. If{' '}
              {missed.length === 1 ? 'it was' : 'they were'} held, say so under “After class”; if not, plan the weeks again, and what was
              missed comes back by itself.
            </p>
          )}
          {weeks.length === 0 ? (
            <p className="max-w-md text-soft">No class has a day yet. Say on which days this group trains, and plan the weeks ahead.</p>
          ) : (
            <Weeks {...{ tree, weeks }} />
          )}
        </div>
        <Balance tree={tree} classes={all.map(({ plan }) => plan)} />
      </main>
    </div>
  );
}
