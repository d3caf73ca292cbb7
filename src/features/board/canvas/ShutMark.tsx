import { Tip } from '@/ui/Tip';
import type { Shut } from '../shut';

/** Beside an answer that his grips shut now; why, where it is pointed at. */
export function ShutMark({ shut, x, y }: { readonly shut: Shut; readonly x: number; readonly y: number }) {
  return (
    <Tip words={shut.says}>
      <text x={x} y={y} fontSize={13} className="halo fill-red font-medium">
        {shut.status === 'blocked' ? 'shut' : 'not yet'}
      </text>
    </Tip>
  );
}
