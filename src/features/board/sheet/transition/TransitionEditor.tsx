'use client';
import { idToAddress } from '@/contracts/address';
import { PageLink } from '@/ui/PageLink';
import { useMemo, type Dispatch } from 'react';
import { findUsage } from '@/core/structure';
import { withoutTransition, withTransition, type Transition, type TreeDocument } from '@/core/tree';
import { plural, sayMoveParts } from '@/core/words';
import { InlineName } from '@/ui/InlineName';
import type { BoardAction } from '../../boardState';
import { ReadPart } from '../ReadPart';
import { Remove } from '../Remove';
import { Chances } from './Chances';
import { FitList } from './FitList';
import { TransitionDetails } from './TransitionDetails';
import { MidwayList } from './MidwayList';
import { OutcomeList } from './OutcomeList';
import { ParameterList } from './ParameterList';
import { ProvokesList } from './ProvokesList';

interface Props {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly dispatch: Dispatch<BoardAction>;
}

/** Rename, re-link, weigh or remove one transition. */
export function TransitionEditor({ tree, transition, dispatch }: Props) {
  const removed = useMemo(() => ({ transition: transition.id }), [transition.id]);
  const edit = (label: string, patch: Partial<Transition>) =>
    dispatch({ type: 'edit', label: `${transition.name}: ${label}`, tree: withTransition(tree, { ...transition, ...patch }) });
  const starts = useMemo(() => findUsage(tree).transitions.get(transition.id)?.length ?? 0, [tree, transition.id]);
  return (
    <div className="mb-2 grid gap-2 border-l-2 border-hair pl-2">
      {starts > 1 && (
        <p className="text-[13px] text-soft">On the ways of {plural(starts, 'start')}: a new wording is new in all of them.</p>
      )}
      <InlineName label="Words for this move" value={transition.name} onChange={(name) => edit('renamed', { name })} />
      <div>
        <ReadPart title="When it fits" says={sayMoveParts.when(tree, transition)}>
          {() => <FitList tree={tree} transition={transition} dispatch={dispatch} />}
        </ReadPart>
        <ReadPart title="How likely, how long" says={sayMoveParts.chances(tree, transition)}>
          {() => <Chances tree={tree} transition={transition} onChange={edit} />}
        </ReadPart>
        <ReadPart title="Where else it leads" says={sayMoveParts.leads(tree, transition)}>
          {() => (
            <OutcomeList
              tree={tree}
              transition={transition}
              onChange={(list) => edit('where else it leads', { outcomes: list.length > 0 ? list : undefined })}
            />
          )}
        </ReadPart>
        <ReadPart title="On the way" says={sayMoveParts.onTheWay(tree, transition)}>
          {() => (
            <MidwayList
              tree={tree}
              transition={transition}
              onChange={(list) => edit('on the way', { midway: list.length > 0 ? list : undefined })}
            />
          )}
        </ReadPart>
        {transition.actor === 'owner' && (
          <>
            <ReadPart title="To make him" says={sayMoveParts.provokes(tree, transition)}>
              {() => (
                <ProvokesList
                  tree={tree}
                  transition={transition}
                  onChange={(provokes) => edit('to make him', { provokes: provokes.length > 0 ? provokes : undefined })}
                />
              )}
            </ReadPart>
            <ReadPart title="Choices within it" says={sayMoveParts.choices(tree, transition)}>
              {() => (
                <ParameterList
                  tree={tree}
                  transition={transition}
                  onChange={(list) => edit('choices', { parameters: list.length > 0 ? list : undefined })}
                />
              )}
            </ReadPart>
          </>
        )}
        <TransitionDetails tree={tree} transition={transition} onChange={edit} />
      </div>
      <div className="flex gap-4">
        <button
          type="button"
          className="min-h-9 underline"
          onClick={() =>
            dispatch({
              type: 'caret',
              caret: {
                kind: 'landing',
                actor: transition.actor,
                position: transition.from,
                read: null,
                value: null,
                move: { name: transition.name, whatever: false, toMakeHim: null },
                transition: transition.id,
              },
            })
          }
        >
          Lands elsewhere …
        </button>
        <PageLink className="min-h-9 py-1.5 underline" href={`/grips/${idToAddress(tree.id)}?at=${encodeURIComponent(transition.id)}`}>
          Grips
        </PageLink>
      </div>
      <Remove
        tree={tree}
        removed={removed}
        words="Remove this move"
        onRemove={() => dispatch({ type: 'edit', label: `${transition.name} removed`, tree: withoutTransition(tree, transition.id) })}
      />
    </div>
  );
}
