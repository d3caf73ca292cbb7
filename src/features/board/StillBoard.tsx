import type { BoardLayout } from '@/core/board';
import { Climbs, Ladder } from './canvas/Ladder';
import { RungShapes } from './canvas/RungShape';
import { LARGEST } from './viewModel';

const NONE: ReadonlySet<string> = new Set();

/** The board as a picture, in the place and size that it will have: seen while the program is being loaded; with the names alone, since setting every word twice would keep it waiting. */
export function StillBoard({ layout }: { readonly layout: BoardLayout }) {
  const { width, height } = layout;
  const whole = `min(100cqw, 100cqh * ${width / height})`;
  return (
    <div aria-hidden className="flex h-full min-h-[420px] flex-col-reverse overflow-hidden pb-9 [container-type:size]">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        style={{ width: `min(${width * LARGEST}px, max(${whole}, ${width}px))` }}
        className="m-auto shrink-0"
      >
        <Ladder layout={layout} />
        <Climbs climbs={layout.climbs} />
        <RungShapes rungs={layout.rungs} brief faded={NONE} selected={null} hovered={null} />
      </svg>
    </div>
  );
}
