import { RANGES, type Position } from '@/core/tree';
import { NumberField } from '@/ui/NumberField';
import { ContinuesIn } from './ContinuesIn';
import { Tick } from './Tick';

interface Props {
  readonly position: Position;
  readonly onChange: (label: string, patch: Partial<Position>) => void;
}

/** How a place goes on: how many ways there are, in which other tree, who sees whom first. */
export function Onward({ position, onChange }: Props) {
  return (
    <>
      <NumberField
        key={`ways ${position.id}`}
        label="How many ways on there are in all"
        {...RANGES.waysInAll}
        none="not said"
        value={position.waysInAll ?? null}
        onChange={(waysInAll) => onChange('ways in all', { waysInAll: waysInAll ?? undefined })}
      />
      <ContinuesIn position={position} onChange={onChange} />
      <Tick checked={position.heSeesItFirst ?? false} onChange={(on) => onChange('who sees first', { heSeesItFirst: on || undefined })}>
        He sees my choice before I make it
      </Tick>
      <NumberField
        key={`reading ${position.id}`}
        label="How often I see in time here what he shows, %"
        min={0}
        max={100}
        none="as it is asked"
        value={position.readSkill === undefined ? null : Math.round(position.readSkill * 1000) / 10}
        onChange={(often) => onChange('reading here', { readSkill: often === null ? undefined : often / 100 })}
      />
    </>
  );
}
