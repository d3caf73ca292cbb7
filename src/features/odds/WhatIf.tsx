import { useMemo, useState } from 'react';
import type { Filter } from '@/core/lens';
import type { Change, OddsQuestion, StartOdds } from '@/core/odds';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { inHundred, sayGameItem, sayPoints, sayValue, SHARE_CHOICES, WORKS_CHOICES } from '@/core/words';
import { ChanceSelect } from '@/client/ChanceSelect';
import { optionsAmong } from '@/client/optionsAmong';
import { Working } from '@/client/Working';
import { PickOne } from '@/ui/PickOne';
import { useAnswer, type Subject } from '@/workers/useAnswer';

interface Props {
  readonly subject: Subject;
  readonly filter: Filter;
  readonly question: OddsQuestion;
  readonly start: StartOdds;
  /** As it is spoken of. */
  readonly tree: TreeDocument;
}
type About = { readonly transition: string } | { readonly position: string; readonly read: string; readonly value: string };

function nameOf(tree: TreeDocument, about: About): string {
  if ('transition' in about) return sayGameItem(tree, about.transition);
  const position = positionOf(indexOf(tree), about.position);
  return `${position.name}: ${sayValue(position, about.value)}`;
}

/** One chance as if it were another: what the figure would be. Nothing in the tree is changed. */
export function WhatIf({ subject, filter, question, start, tree }: Props) {
  const [about, setAbout] = useState<About | null>(null);
  const [chance, setChance] = useState(0.75);
  const change = useMemo(
    (): Change | null =>
      about === null
        ? null
        : 'transition' in about
          ? { kind: 'move', ...about, works: chance }
          : { kind: 'share', ...about, share: chance },
    [about, chance],
  );
  const asked = useMemo(
    () => (change ? { kind: 'whatIf' as const, look: { filter, swapped: false }, question, change } : null),
    [change, filter, question],
  );
  const answer = useAnswer<'whatIf'>(subject, asked);
  const there = !answer.isCurrent ? undefined : answer.value?.starts.find(({ position }) => position === start.position);
  const items = () => {
    const moves = tree.transitions.filter(({ announced }) => announced !== true).map(({ id }): About => ({ transition: id }));
    const shows = tree.positions.flatMap((position) =>
      position.reads.flatMap((read) => read.values.map(({ id }): About => ({ position: position.id, read: read.id, value: id }))),
    );
    return [...moves, ...shows].map((item) => ({ key: JSON.stringify(item), name: nameOf(tree, item) }));
  };
  const isMove = about !== null && 'transition' in about;
  return (
    <section aria-label="What if" className="mt-5">
      <h2 className="text-[19px]">What if</h2>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <PickOne
          label="What would be otherwise"
          shown={about ? nameOf(tree, about) : 'a move or a show …'}
          optionsFor={(typed) => optionsAmong(items(), typed)}
          onPick={(key) => {
            const next = JSON.parse(key) as About;
            setAbout(next);
            setChance('transition' in next ? 0.75 : 0.35);
          }}
        />
        {about && (
          <ChanceSelect
            label={isMove ? 'works' : 'is shown'}
            value={chance}
            byDefault={null}
            choices={isMove ? WORKS_CHOICES : SHARE_CHOICES}
            onChange={(next) => next !== undefined && setChance(next)}
          />
        )}
      </div>
      {about && !answer.isCurrent && <Working what="Trying it" answer={{ ...answer, value: null }} />}
      {there && (
        <p className="mt-2">
          From {positionOf(indexOf(tree), start.position).name}: {inHundred(there.before)} →{' '}
          <strong className="font-semibold">{inHundred(there.after)}</strong>{' '}
          <span className="text-soft">
            ({Math.abs(there.after - there.before) < 0.0005 ? 'hardly any difference' : `${sayPoints(there.after - there.before)} in 100`}).
            The tree stays as it is.
          </span>
        </p>
      )}
    </section>
  );
}
