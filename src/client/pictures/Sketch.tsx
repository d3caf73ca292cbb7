'use client';
import { useEffect, useRef, useState } from 'react';
import SignaturePad from 'signature_pad';
import { buttonClass } from '@/ui/Field';
import { Select } from '@/ui/Select';

interface Props {
  readonly onKeep: (canvas: HTMLCanvasElement) => void;
  readonly onClose: () => void;
}

/** As on the board: mine, his, and what matters. */
const PENS = [
  ['--color-ink', 'me'],
  ['--color-his', 'him'],
  ['--color-red', 'what matters'],
] as const;
const [WIDTH, HEIGHT] = [800, 600];

const colourOf = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** A sheet to draw on with a finger, a pen or a pointer. */
export function Sketch({ onKeep, onClose }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const pad = useRef<SignaturePad>(null);
  const [pen, setPen] = useState<string>(PENS[0][0]);
  const [isEmpty, setIsEmpty] = useState(true);
  useEffect(() => {
    const sheet = canvas.current!;
    const drawn = new SignaturePad(sheet, { backgroundColor: 'white', minWidth: 1, maxWidth: 2.5 });
    pad.current = drawn;
    let width = sheet.offsetWidth;
    // The sheet has its own pixels, however wide it is shown: lines are scaled to it, and follow when the screen is turned.
    const fit = () => {
      const scale = sheet.offsetWidth / width;
      width = sheet.offsetWidth;
      sheet.getContext('2d')!.setTransform(WIDTH / width, 0, 0, WIDTH / width, 0, 0);
      if (scale === 1) return;
      const follow = <P extends { x: number; y: number }>(point: P): P => ({ ...point, x: point.x * scale, y: point.y * scale });
      drawn.fromData(drawn.toData().map((line) => ({ ...line, points: line.points.map(follow) })));
    };
    fit();
    const watcher = new ResizeObserver(() => sheet.offsetWidth > 0 && fit());
    watcher.observe(sheet);
    const onStroke = () => setIsEmpty(drawn.isEmpty());
    drawn.addEventListener('endStroke', onStroke);
    return () => {
      drawn.removeEventListener('endStroke', onStroke);
      drawn.off();
      watcher.disconnect();
    };
  }, []);
  useEffect(() => {
    if (pad.current) pad.current.penColor = colourOf(pen);
  }, [pen]);
  const undo = () => {
    const lines = pad.current!.toData().slice(0, -1);
    pad.current!.fromData(lines);
    setIsEmpty(lines.length === 0);
  };
  return (
    <div className="grid gap-2 border border-soft p-2">
      <canvas
        ref={canvas}
        width={WIDTH}
        height={HEIGHT}
        aria-label="Sheet to draw on with a finger or pointer"
        className="aspect-[4/3] w-full max-w-[800px] touch-none border border-hair bg-white"
      />
      <div className="flex flex-wrap items-baseline gap-3">
        <Select label="I draw" labelled="beside" value={pen} options={PENS} onChange={(next) => next && setPen(next)} />
        <button type="button" className="min-h-9 underline disabled:text-route" disabled={isEmpty} onClick={undo}>
          Take back a line
        </button>
      </div>
      <div className="flex flex-wrap gap-3">
        <button type="button" className={buttonClass} disabled={isEmpty} onClick={() => onKeep(canvas.current!)}>
          Keep the sketch
        </button>
        <button type="button" className="min-h-9 underline" onClick={onClose}>
          Throw it away
        </button>
      </div>
    </div>
  );
}
