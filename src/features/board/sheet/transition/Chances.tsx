import { ChanceSelect } from '@/client/ChanceSelect';
import { defaultsOf, RANGES, type Transition, type TreeDocument } from '@/core/tree';
import { OFF_CHOICES, sayByDefault, WORKS_CHOICES } from '@/core/words';
import { NumberField } from '@/ui/NumberField';

interface Props {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly onChange: (label: string, patch: Partial<Transition>) => void;
}

/** How likely a move works, how long it takes, and which of several comes first. */
export function Chances({ tree, transition, onChange }: Props) {
  const defaults = defaultsOf(tree);
  return (
    <>
      {transition.actor === 'owner' && (
        <>
          <ChanceSelect
            label="Works when it fits"
            value={transition.works}
            byDefault={sayByDefault(defaults.works)}
            choices={WORKS_CHOICES}
            onChange={(works) => onChange('works', { works })}
          />
          <ChanceSelect
            label="Works when it does not fit what he shows"
            value={transition.offCue}
            byDefault={sayByDefault(defaults.offCue)}
            choices={OFF_CHOICES}
            onChange={(offCue) => onChange('works off its cue', { offCue })}
          />
          <ChanceSelect
            label="Works even when he does what stops it"
            value={transition.stopped}
            byDefault={sayByDefault(defaults.stopped)}
            choices={OFF_CHOICES}
            onChange={(stopped) => onChange('works when stopped', { stopped })}
          />
        </>
      )}
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="Seconds"
          {...RANGES.seconds}
          none={`${defaults.seconds} by default`}
          className="w-full"
          value={transition.seconds ?? null}
          onChange={(seconds) => onChange('seconds', { seconds: seconds ?? undefined })}
        />
        <NumberField
          label="Comes first (larger wins)"
          {...RANGES.priority}
          none="0"
          className="w-full"
          value={transition.priority ?? null}
          onChange={(priority) => onChange('priority', { priority: priority || undefined })}
        />
      </div>
    </>
  );
}
