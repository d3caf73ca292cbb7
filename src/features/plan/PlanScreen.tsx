'use client';
import { useMemo, useState } from 'react';
import { idToAddress } from '@/contracts/address';
import { queryOf } from '@/contracts/filterQuery';
import { opponentsIn, unknownIn, withOpponent, type Filter } from '@/core/lens';
import { treeInGym, type GymBook } from '@/core/people';
import type { TreeDocument } from '@/core/tree';
import { planSheetOf, sayUnknown } from '@/core/words';
import { screenLinks } from '@/client/screenLinks';
import { Working } from '@/client/Working';
import { AppStrip } from '@/ui/AppStrip';
import { PageLink } from '@/ui/PageLink';
import { PrintButton } from '@/ui/PrintButton';
import { Select } from '@/ui/Select';
import { PlanArticle } from './PlanArticle';
import { SideBySide } from './SideBySide';
import { usePlan } from './usePlan';

interface Props {
  readonly tree: TreeDocument;
  readonly revision: number;
  readonly book: GymBook;
  readonly filter: Filter;
}

/** The plan against one opponent, on one page; and another beside him. */
export function PlanScreen({ tree, revision, book, filter: opened }: Props) {
  const subject = useMemo(() => ({ tree, revision, book }), [tree, revision, book]);
  const whole = useMemo(() => treeInGym(tree, book), [tree, book]);
  const people = whole.profiles ?? [];
  const named = opponentsIn(whole, opened)[0]?.id ?? book.opponents[0]?.id ?? null;
  const [chosen, setChosen] = useState(named);
  const gone = unknownIn(whole, opened);
  const [beside, setBeside] = useState<string>();
  const filter = useMemo(() => (chosen === null ? null : withOpponent(whole, opened, chosen)), [chosen, opened, whole]);
  const { plan, answer } = usePlan(subject, filter);
  const sheet = useMemo(() => plan && planSheetOf(plan.tree, plan.him, plan.guards, plan.roundSeconds), [plan]);
  const options = (['opponent', 'athlete'] as const).flatMap((of) =>
    people.filter((person) => person.of === of).map(({ id, name }) => [id, name] as const),
  );
  return (
    <div className="min-h-dvh">
      <div className="print:hidden">
        <AppStrip title={tree.name} links={screenLinks(tree.id, 'Game plan', filter ? queryOf(filter) : '')} />
      </div>
      <main id="content" tabIndex={-1} className="p-4 outline-none print:p-0">
        <h1 className="sr-only">{tree.name}: game plan</h1>
        {gone.length > 0 && (
          <p className="mx-auto mb-3 max-w-4xl text-red print:hidden">
            Not here, and left out: {gone.map(({ what, id }) => sayUnknown(what, id)).join(', ')}.
          </p>
        )}
        {filter === null ? (
          <p className="max-w-xl p-2">
            Nobody is scouted yet. Write down an opponent under{' '}
            <PageLink className="underline" href={`/rules/${idToAddress(tree.id)}`}>
              Rules and people
            </PageLink>
            : his guards, his habits, what he is strong against and what he knows. His plan is made of that.
          </p>
        ) : (
          <>
            <nav
              aria-label="Plan"
              className="mx-auto mb-4 flex max-w-4xl flex-wrap items-center gap-x-4 font-figure text-[15px] print:hidden"
            >
              <Select
                label="Against"
                labelled="beside"
                value={chosen!}
                options={options}
                onChange={(id) => id !== undefined && setChosen(id)}
              />
              <Select
                label="beside him"
                labelled="beside"
                none="nobody"
                value={beside}
                options={options.filter(([id]) => id !== chosen)}
                onChange={setBeside}
              />
              <PrintButton />
              <a href={`/api/trees/${idToAddress(tree.id)}/plan?${queryOf(filter)}`} className="underline">
                Save as PDF
              </a>
            </nav>
            <Working what="Computing the plan" answer={{ ...answer, value: plan }} />
            {/* A page is as wide as paper, also on a phone. */}
            {sheet && (
              <div role="region" aria-label="The plan" tabIndex={0} className="overflow-x-auto print:overflow-visible">
                <PlanArticle sheet={sheet} />
              </div>
            )}
            {beside !== undefined && beside !== chosen && (
              <SideBySide {...{ subject, first: filter, second: withOpponent(whole, opened, beside) }} />
            )}
          </>
        )}
      </main>
    </div>
  );
}
