'use client';
import { idToAddress } from '@/contracts/address';
import { screenLinks } from '@/client/screenLinks';
import { useTree } from '@/client/useTree';
import { Working } from '@/client/Working';
import type { Stale } from '@/core/classes';
import type { GymBook } from '@/core/people';
import { indexOf, type Position, type PositionId, type TreeDocument } from '@/core/tree';
import { plural } from '@/core/words';
import { AppStrip } from '@/ui/AppStrip';
import { LocalTime } from '@/ui/LocalTime';
import { PageLink } from '@/ui/PageLink';
import { useAnswer } from '@/workers/useAnswer';
import { BrokenRungs } from './BrokenRungs';
import { Part } from './Part';
import { placeAddress } from './placeAddress';
import { Unconfirmed } from './Unconfirmed';
import { WentStale } from './WentStale';

export interface WeekProps {
  readonly treeId: string;
  readonly name: string;
  readonly revision: number;
  /** Other trees of the gym, last worked on first. */
  readonly others: readonly { readonly treeId: string; readonly name: string }[];
  /** Latest first. */
  readonly changes: readonly {
    readonly revision: number;
    readonly label: string;
    readonly madeAt: string;
    readonly madeBy: string | null;
    readonly at: readonly PositionId[];
  }[];
  readonly classes: readonly {
    readonly id: string;
    readonly name: string;
    readonly date: string | undefined;
    readonly minutes: number;
    readonly units: number;
  }[];
  /** Of what was taught, what is forgotten most. */
  readonly stale: readonly Stale[];
  readonly book: GymBook;
}

const AS_IT_IS = { filter: {}, swapped: false };
const LINE = 'min-h-11 py-2 underline decoration-hair underline-offset-4 hover:decoration-ink';

type LatelyProps = Pick<WeekProps, 'treeId' | 'changes'> & { readonly tree: TreeDocument | null };
/** The first of some places that is still there. */
const placeOf = (tree: TreeDocument | null, at: readonly PositionId[]): Position | undefined =>
  at.flatMap((id) => (tree && indexOf(tree).positions.get(id)) ?? [])[0];

/** The place of the last change, or the board. */
function Stopped({ treeId, tree, changes }: LatelyProps) {
  const [last] = changes;
  const place = last && placeOf(tree, last.at);
  return (
    <Part title="Where you stopped">
      <p>
        <PageLink
          href={place ? placeAddress(treeId, place.id) : `/board/${idToAddress(treeId)}`}
          className="inline-block min-h-11 py-1 font-figure text-[19px] font-medium underline"
        >
          {place?.name ?? 'The board'}
        </PageLink>
        <span className="ml-4 text-soft">
          {last ? (
            <>
              {last.label}, <LocalTime iso={last.madeAt} />
            </>
          ) : (
            'Nothing was changed yet.'
          )}
        </span>
      </p>
    </Part>
  );
}

/** The changes before the last: each leads to its place, where that is still there. */
function Changes({ treeId, tree, changes }: LatelyProps) {
  if (changes.length < 2) return null;
  return (
    <Part title="Changes before that">
      <ul>
        {changes.slice(1).map(({ revision, label, madeAt, madeBy, at }) => {
          const place = placeOf(tree, at);
          return (
            <li key={revision} className="border-b border-hair py-1.5">
              <PageLink
                href={place ? placeAddress(treeId, place.id) : `/history/${idToAddress(treeId)}`}
                className="inline-block min-h-6 underline"
              >
                {label}
              </PageLink>
              <span className="block text-[13px] text-soft">
                <LocalTime iso={madeAt} />
                {madeBy !== null && `, ${madeBy}`}
              </span>
            </li>
          );
        })}
      </ul>
      <PageLink href={`/history/${idToAddress(treeId)}`} className={`inline-block ${LINE}`}>
        All changes
      </PageLink>
    </Part>
  );
}

/** The first page: where one stopped, what is broken, what waits. Every line opens the place where it is mended. */
export function WeekScreen({ treeId, name, revision, others, changes, classes, stale, book }: WeekProps) {
  const { known, problem, again } = useTree(treeId, revision);
  return (
    <div className="min-h-dvh">
      <AppStrip title={name} links={screenLinks(treeId, 'This week')} />
      <main
        id="content"
        tabIndex={-1}
        className="mx-auto grid max-w-6xl gap-x-10 gap-y-6 p-6 outline-none [overflow-wrap:anywhere] lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]"
      >
        <h1 className="text-[29px] lg:col-span-2">This week</h1>
        <div className="lg:col-span-2">
          <Stopped treeId={treeId} tree={known?.tree ?? null} changes={changes} />
        </div>
        <div>
          {known ? (
            <Asked tree={known.tree} revision={known.revision} book={book} />
          ) : problem === null ? (
            <p role="status" className="text-soft">
              Fetching the tree …
            </p>
          ) : (
            <p role="alert">
              {problem}{' '}
              <button type="button" className="min-h-9 underline" onClick={again}>
                Try again
              </button>
            </p>
          )}
        </div>
        <div>
          <Part title="Next class">
            {classes.length === 0 && <p>No class is being prepared.</p>}
            {classes.map((item) => (
              <p key={item.id}>
                <PageLink href={`/class/${idToAddress(treeId)}?class=${encodeURIComponent(item.id)}`} className={`inline-block ${LINE}`}>
                  {item.name}
                </PageLink>
                {item.date !== undefined && `, ${item.date}`}: {item.minutes} minutes, {plural(item.units, 'unit')}.
              </p>
            ))}
            <p className="flex flex-wrap gap-x-4">
              {classes.length === 0 && (
                <PageLink href={`/class/${idToAddress(treeId)}`} className={`inline-block ${LINE}`}>
                  Prepare one
                </PageLink>
              )}
              <PageLink href={`/course/${idToAddress(treeId)}`} className={`inline-block ${LINE}`}>
                The weeks ahead
              </PageLink>
            </p>
          </Part>
          <WentStale treeId={treeId} tree={known?.tree ?? null} stale={stale} />
          <Changes treeId={treeId} tree={known?.tree ?? null} changes={changes} />
          <Part title="Other trees">
            <ul>
              {others.slice(0, 5).map((other) => (
                <li key={other.treeId}>
                  <PageLink href={`/board/${idToAddress(other.treeId)}`} className={`inline-block ${LINE}`}>
                    {other.name}
                  </PageLink>
                </li>
              ))}
            </ul>
            <PageLink href="/files" className={`inline-block ${LINE}`}>
              {others.length > 5 ? `All ${others.length + 1} trees, and a new one` : 'Begin another, or import one'}
            </PageLink>
          </Part>
        </div>
      </main>
    </div>
  );
}

/** What the tree itself says. */
function Asked({ tree, revision, book }: { readonly tree: TreeDocument; readonly revision: number; readonly book: GymBook }) {
  const subject = { tree, revision, book };
  const answer = useAnswer<'sheet'>(subject, { kind: 'sheet', look: AS_IT_IS });
  const { value, of } = answer;
  if (!value || !of) return <Working what="Looking through the tree" answer={answer} />;
  return (
    <>
      <BrokenRungs subject={subject} tree={of} sheet={value} />
      <Unconfirmed tree={of} sheet={value} />
    </>
  );
}
