'use client';
import { useRef, useState } from 'react';
import { ask } from '../api';
import { later } from '../later';
import { PICTURES_A_PLACE } from '@/contracts/picture';
import type { Picture } from '@/core/tree';
import { TextLine } from '@/ui/TextLine';
import { PictureView } from './PictureView';
import { shrinkPhoto, shrinkSketch } from './shrink';

interface Props {
  /** What they are of: a place's or a step's name. */
  readonly of: string;
  readonly pictures: readonly Picture[];
  readonly onChange: (label: string, pictures: readonly Picture[] | undefined) => void;
}

const Sketch = later(async () => (await import('./Sketch')).Sketch);

const turned = ({ quarterTurns = 0, mirrored, ...rest }: Picture): Picture => {
  // Clockwise as it is seen: in a mirrored picture that is the other way round.
  const turns = (quarterTurns + (mirrored ? 3 : 1)) % 4;
  return { ...rest, ...(turns === 0 ? {} : { quarterTurns: turns }), ...(mirrored ? { mirrored } : {}) };
};
const flipped = ({ mirrored, ...rest }: Picture): Picture => (mirrored ? rest : { ...rest, mirrored: true });

/** The coach's own pictures of a place or step: to add as a photo or a sketch, to say what they show, to turn, to take away. */
export function PictureList({ of, pictures, onChange }: Props) {
  const file = useRef<HTMLInputElement>(null);
  const [sketching, setSketching] = useState(false);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const put = (label: string, next: readonly Picture[]) => onChange(label, next.length > 0 ? next : undefined);
  const set = (at: number, label: string, picture: Picture) => put(label, pictures.with(at, picture));
  const keep = async (shrinking: Promise<Blob | null>) => {
    setBusy(true);
    setProblem(null);
    const blob = await shrinking;
    const answer = blob && (await ask<{ hash: string }>('/api/pictures', { method: 'POST', body: blob }));
    setBusy(false);
    if (file.current) file.current.value = '';
    if (!answer) return setProblem('This file cannot be read as a picture. Nothing was added.');
    if (!answer.ok) return setProblem(`The picture was not added. ${answer.problems.join(' ')}`);
    const { hash } = answer.value;
    setSketching(false);
    if (pictures.some((picture) => picture.hash === hash)) return setProblem('This picture is here already.');
    put('a picture', [...pictures, { hash, caption: of }]);
  };
  return (
    <section aria-label={`Pictures of ${of}`} className="grid gap-2">
      {pictures.map((picture, i) => (
        <figure key={picture.hash} className="grid gap-1 border-l border-hair pl-2">
          <PictureView picture={picture} />
          <TextLine
            label="What is to be seen"
            value={picture.caption}
            maxLength={160}
            onChange={(said) => set(i, 'what is to be seen', { ...picture, caption: said || of })}
          />
          <div className="flex flex-wrap gap-x-4">
            <button type="button" className="min-h-8 underline" onClick={() => set(i, 'picture turned', turned(picture))}>
              Turn it
            </button>
            <button type="button" className="min-h-8 underline" onClick={() => set(i, 'picture mirrored', flipped(picture))}>
              Other side
            </button>
            <button
              type="button"
              className="min-h-8 text-red underline"
              onClick={() =>
                put(
                  'picture removed',
                  pictures.filter((_, n) => n !== i),
                )
              }
            >
              Remove this picture
            </button>
          </div>
        </figure>
      ))}
      {pictures.length >= PICTURES_A_PLACE && <p className="text-soft">{PICTURES_A_PLACE} pictures are the most.</p>}
      {pictures.length < PICTURES_A_PLACE && (
        <div className="flex flex-wrap items-baseline gap-x-4">
          <label className="min-h-8 cursor-pointer underline focus-within:outline-2 focus-within:outline-red">
            Add a photo
            <input
              ref={file}
              type="file"
              accept="image/*"
              className="sr-only"
              disabled={busy}
              onChange={(event) => {
                const [chosen] = event.target.files ?? [];
                if (chosen) void keep(shrinkPhoto(chosen));
              }}
            />
          </label>
          {!sketching && (
            <button type="button" className="min-h-8 underline" onClick={() => setSketching(true)}>
              Draw a sketch
            </button>
          )}
          {busy && <span role="status">Storing …</span>}
        </div>
      )}
      {sketching && <Sketch onKeep={(canvas) => void keep(shrinkSketch(canvas))} onClose={() => setSketching(false)} />}
      {problem && (
        <p role="alert" className="text-red">
          {problem}
        </p>
      )}
    </section>
  );
}
