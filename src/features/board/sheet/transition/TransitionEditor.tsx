'use client';
import { idToAddress } from '@/contracts/address';
import { PageLink } from '@/ui/PageLink';
import { useMemo, type Dispatch } from 'react';
import { findUsage } from '@/core/structure';
import { defaultsOf, withoutTransition, withTransition, type Transition, type TreeDocument, RANGES } from '@/core/tree';
import { plural, OFF_CHOICES, WORKS_CHOICES, sayByDefault } from '@/core/words';
import { InlineName } from '@/ui/InlineName';
import type { BoardAction } from '../../boardState';
import { ChanceSelect } from '@/client/ChanceSelect';
import { Remove } from '../Remove';
import { FitList } from './FitList';
import { TransitionDetails } from './TransitionDetails';
import { MidwayList } from './MidwayList';
import { OutcomeList } from './OutcomeList';
import { ParameterList } from './ParameterList';
import { ProvokesList } from './ProvokesList';
import { NumberField } from '@/ui/NumberField';

interface Props {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly dispatch: Dispatch<BoardAction>;
}

/** Rename, re-link, weigh or remove one transition. */
export function TransitionEditor({ tree, transition, dispatch }: Props) {
  const defaults = defaultsOf(tree);
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
      {transition.actor === 'owner' && (
        <ChanceSelect
          label="Works when it fits"
          value={transition.works}
          byDefault={sayByDefault(defaults.works)}
          choices={WORKS_CHOICES}
          onChange={(works) => edit('works', { works })}
        />
      )}
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="Seconds"
          {...RANGES.seconds}
          none={`${defaults.seconds} by default`}
          className="w-full"
          value={transition.seconds ?? null}
          onChange={(seconds) => edit('seconds', { seconds: seconds ?? undefined })}
        />
        <NumberField
          label="Comes first (larger wins)"
          {...RANGES.priority}
          none="0"
          className="w-full"
          value={transition.priority ?? null}
          onChange={(priority) => edit('priority', { priority: priority || undefined })}
        />
      </div>
      <FitList tree={tree} transition={transition} dispatch={dispatch} />
      <OutcomeList
        tree={tree}
        transition={transition}
        onChange={(list) => edit('where else it leads', { outcomes: list.length > 0 ? list : undefined })}
      />
      <details>
        <summary className="min-h-8 text-soft">More about this move</summary>
        <div className="grid gap-3">
          {transition.actor === 'owner' && (
            <>
              <ChanceSelect
                label="Works when it does not fit what he shows"
                value={transition.offCue}
                byDefault={sayByDefault(defaults.offCue)}
                choices={OFF_CHOICES}
                onChange={(offCue) => edit('works off its cue', { offCue })}
              />
              <ChanceSelect
                label="Works even when he does what stops it"
                value={transition.stopped}
                byDefault={sayByDefault(defaults.stopped)}
                choices={OFF_CHOICES}
                onChange={(stopped) => edit('works when stopped', { stopped })}
              />
              <ProvokesList
                tree={tree}
                transition={transition}
                onChange={(provokes) => edit('to make him', { provokes: provokes.length > 0 ? provokes : undefined })}
              />
              <ParameterList
                tree={tree}
                transition={transition}
                onChange={(list) => edit('choices', { parameters: list.length > 0 ? list : undefined })}
              />
            </>
          )}
          <MidwayList
            tree={tree}
            transition={transition}
            onChange={(list) => edit('on the way', { midway: list.length > 0 ? list : undefined })}
          />
          <TransitionDetails tree={tree} transition={transition} onChange={edit} />
        </div>
      </details>
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
