'use client';
import { idToAddress } from '@/contracts/address';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { compareTrees, type Sides } from '@/core/structure';
import { filterTree } from '@/core/lens';
import { LINES, type TreeDocument } from '@/core/tree';
import { plural, sayNamedEnding } from '@/core/words';
import { AppStrip } from '@/ui/AppStrip';
import { screenLinks } from '@/client/screenLinks';
import { Select } from '@/ui/Select';
import { LongList } from '@/ui/LongList';

interface Props {
  readonly first: TreeDocument;
  readonly second: TreeDocument;
  /** Schools that the two sides are filtered by; null = all of it. */
  readonly school: string | null;
  readonly against: string | null;
  readonly trees: readonly { readonly treeId: string; readonly name: string }[];
}

const under = (tree: TreeDocument, school: string | null): TreeDocument => (school === null ? tree : filterTree(tree, { school }).tree);
const titleOf = (tree: TreeDocument, school: string | null): string => (school === null ? tree.name : `${tree.name}, ${school}`);

function Column({ items, empty }: { items: readonly string[]; empty: string }) {
  return items.length === 0 ? (
    <p className="text-soft">{empty}</p>
  ) : (
    <LongList about={32} rows={items.map((item) => ({ key: item, drawn: () => <p className="border-b border-hair py-1">{item}</p> }))} />
  );
}

function Kind({ title, sides }: { title: string; sides: Sides<string> }) {
  return (
    <section aria-label={title} className="mt-6 border-t-2 border-ink pt-2">
      <h2 className="text-[19px]">
        {title} <span className="text-[15px] font-normal text-soft">in both {sides.both.length}</span>
      </h2>
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-6">
        <Column items={sides.onlyFirst} empty="nothing of its own" />
        <Column items={sides.onlySecond} empty="nothing of its own" />
      </div>
    </section>
  );
}

/** Two schools of a tree, or two trees: what one has and the other does not, and how far each line is. */
export function CompareScreen({ first, second, school, against, trees }: Props) {
  const router = useRouter();
  const found = useMemo(() => compareTrees(under(first, school), under(second, against)), [first, second, school, against]);
  const go = (patch: { with?: string; school?: string | null; against?: string | null }) => {
    const next = { with: second.id, school, against, ...patch };
    const query = new URLSearchParams(Object.entries(next).flatMap(([key, value]) => (value ? [[key, value]] : [])));
    router.push(`/compare/${idToAddress(first.id)}?${query.toString()}`);
  };
  const schoolField = (label: string, tree: TreeDocument, value: string | null, onChange: (value: string | null) => void) => (
    <Select
      label={label}
      none="all schools"
      value={value ?? undefined}
      options={tree.schools.map((item) => [item, item] as const)}
      onChange={(school) => onChange(school ?? null)}
    />
  );
  const steps = (value: number | null): string => (value === null ? 'never' : plural(value, 'step'));
  return (
    <div className="min-h-dvh">
      <AppStrip title={first.name} links={screenLinks(first.id, 'Compare')} />
      <main id="content" tabIndex={-1} className="outline-none [overflow-wrap:anywhere] mx-auto max-w-5xl p-6">
        <h1 className="text-[29px]">Side by side</h1>
        <div className="mt-2 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-6">
          <div>
            <p className="font-figure text-[19px] font-semibold">{titleOf(first, school)}</p>
            {schoolField('School', first, school, (value) => go({ school: value }))}
          </div>
          <div>
            <p className="font-figure text-[19px] font-semibold">{titleOf(second, against)}</p>
            <div className="flex flex-wrap gap-3">
              <Select
                label="Tree"
                value={second.id}
                options={trees.map((tree) => [tree.treeId, tree.name] as const)}
                onChange={(id) => id !== undefined && go({ with: id, against: null })}
              />
              {schoolField('School', second, against, (value) => go({ against: value }))}
            </div>
          </div>
        </div>
        <section aria-label="Steps to each line" className="mt-6 border-t-2 border-ink pt-2">
          <h2 className="text-[19px]">Fewest steps from a start to each line</h2>
          <table className="w-full border-collapse text-left">
            <thead>
              <tr className="text-[13px] text-soft">
                <td />
                <th scope="col" className="font-normal">
                  {titleOf(first, school)}
                </th>
                <th scope="col" className="font-normal">
                  {titleOf(second, against)}
                </th>
              </tr>
            </thead>
            <tbody>
              {LINES.toReversed().map((line) => (
                <tr key={line} className="border-b border-hair">
                  <th scope="row" className="w-24 py-1 font-figure text-[17px] font-medium text-red">
                    {line}
                  </th>
                  <td className="py-1 font-figure text-[17px]">{steps(found.steps.first[line])}</td>
                  <td className="py-1 font-figure text-[17px]">{steps(found.steps.second[line])}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <Kind
          title="Endings"
          sides={{
            both: found.endings.both,
            onlyFirst: found.endings.onlyFirst.map(sayNamedEnding),
            onlySecond: found.endings.onlySecond.map(sayNamedEnding),
          }}
        />
        <Kind title="Places" sides={found.positions} />
        <Kind title="Ways" sides={found.transitions} />
      </main>
    </div>
  );
}
