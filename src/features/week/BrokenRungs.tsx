import { idToAddress } from '@/contracts/address';
import { weightOf } from '@/core/findings';
import type { TreeDocument } from '@/core/tree';
import { findingText, sayTimesARound } from '@/core/words';
import { PageLink } from '@/ui/PageLink';
import type { TreeSheet } from '@/workers/sheet';
import { Part } from './Part';
import { placeAddress } from './placeAddress';

const LISTED = 8;

/** What has no answer, what is met most often first. */
export function BrokenRungs({ tree, sheet }: { readonly tree: TreeDocument; readonly sheet: TreeSheet }) {
  const aside = new Set((tree.dismissals ?? []).map(({ finding }) => finding));
  const broken = sheet.findings.list.filter((finding) => finding.kind === 'unanswered').filter(({ key }) => !aside.has(key));
  const { visits } = sheet;
  return (
    <Part title={broken.length === 0 ? 'Nothing is broken' : 'What is broken'}>
      {broken.length === 0 ? (
        <p>
          {tree.positions.length === 0
            ? 'Nothing is drawn yet. Draw the first guard on the board; what has no answer will be listed here.'
            : 'Everything he shows has an answer.'}
        </p>
      ) : (
        <p className="text-soft">
          {visits === null
            ? 'What he shows that has no answer, in the order of the tree.'
            : 'What he shows that has no answer, what is met most often first: by how often he shows it, and how often a round comes there. From typed and default chances; every guard counts alike.'}
        </p>
      )}
      <ul>
        {broken.slice(0, LISTED).map((finding) => {
          const { place, what, why } = findingText(tree, finding);
          return (
            <li key={finding.key} className="border-b border-hair">
              <PageLink
                href={placeAddress(tree.id, finding.position, finding.value)}
                className="grid min-h-12 grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-4 py-2 hover:bg-tint"
              >
                <span>
                  <span className="font-figure text-[17px] font-semibold">{place}</span>:{' '}
                  <span className="font-figure text-[17px] text-red">{what}</span>
                  <span className="block text-soft">{why}</span>
                </span>
                {visits !== null && (
                  <span className="font-figure text-[15px] whitespace-nowrap">{sayTimesARound(weightOf(tree, finding, visits))}</span>
                )}
              </PageLink>
            </li>
          );
        })}
      </ul>
      {broken.length > LISTED && (
        <PageLink href={`/board/${idToAddress(tree.id)}`} className="inline-block min-h-11 py-2 underline">
          All {broken.length}, and what else needs you
        </PageLink>
      )}
    </Part>
  );
}
