import { useMemo } from 'react';
import { idToAddress } from '@/contracts/address';
import { Working } from '@/client/Working';
import { ODDS_QUESTION } from '@/core/odds';
import type { TreeDocument } from '@/core/tree';
import { findingText, sayPoints } from '@/core/words';
import { PageLink } from '@/ui/PageLink';
import type { TreeSheet } from '@/workers/sheet';
import { useAnswer, type Subject } from '@/workers/useAnswer';
import { Part } from './Part';
import { placeAddress } from './placeAddress';

const LISTED = 8;

interface Props {
  readonly subject: Subject;
  /** The tree that the sheet is of. */
  readonly tree: TreeDocument;
  readonly sheet: TreeSheet;
}

/** What has no answer, what costs most first. */
export function BrokenRungs({ subject, tree, sheet }: Props) {
  const broken = useMemo(() => {
    const aside = new Set((tree.dismissals ?? []).map(({ finding }) => finding));
    return sheet.findings.list.filter((finding) => finding.kind === 'unanswered').filter(({ key }) => !aside.has(key));
  }, [tree, sheet]);
  const gaps = useMemo(() => broken.map(({ position, read, value }) => ({ position, read, value })), [broken]);
  // A tree that is too large to be played through at every look stays in its own order.
  const isPriced = sheet.visits !== null && tree.starts.length > 0 && gaps.length > 0;
  const answer = useAnswer<'prices'>(
    subject,
    isPriced ? { kind: 'prices', look: { filter: {}, swapped: false }, question: ODDS_QUESTION, gaps } : null,
  );
  const prices = isPriced && answer.isCurrent ? answer.value : null;
  const lines = useMemo(() => {
    const found = (prices ?? []).map(({ gap, price }) => ({
      finding: broken.find((item) => item.position === gap.position && item.read === gap.read && item.value === gap.value)!,
      price: sayPoints(price),
    }));
    const dear = new Set(found.map(({ finding }) => finding));
    return [...found, ...broken.filter((item) => !dear.has(item)).map((finding) => ({ finding, price: '' }))];
  }, [broken, prices]);
  const isWaiting = isPriced && answer.pending;
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
          {prices || isWaiting
            ? 'What he shows that has no answer, what costs most first: how many more of 100 rounds you would finish if he could not show it. From typed and default chances; every guard counts alike.'
            : 'What he shows that has no answer, in the order of the tree.'}
        </p>
      )}
      {isWaiting && <Working what="Pricing each" answer={{ ...answer, value: null }} />}
      <ul>
        {(isWaiting ? [] : lines.slice(0, LISTED)).map(({ finding, price }) => {
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
                {price !== '' && <span className="font-figure text-[17px] font-semibold whitespace-nowrap">{price}</span>}
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
