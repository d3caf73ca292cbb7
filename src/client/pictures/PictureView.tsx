'use client';
import { useState } from 'react';
import { pictureAddress } from '@/contracts/picture';
import type { Picture } from '@/core/tree';

const transformOf = ({ quarterTurns = 0, mirrored }: Picture): string | undefined =>
  quarterTurns === 0 && !mirrored ? undefined : `${mirrored ? 'scaleX(-1) ' : ''}rotate(${quarterTurns * 90}deg)`;

/** One picture, turned and mirrored as it is said; what it shows in words, where its bytes are not here. */
export function PictureView({ picture, className = '' }: { readonly picture: Picture; readonly className?: string }) {
  const [isMissing, setIsMissing] = useState(false);
  if (isMissing)
    return (
      <p className={`border border-hair p-2 text-soft ${className}`}>
        {picture.caption}: this picture is not here. It comes with the zip that the tree was saved in.
      </p>
    );
  return (
    // The server has it as it is to be shown: nothing is left to optimise.
    // eslint-disable-next-line @next/next/no-img-element
    <img
      src={pictureAddress(picture.hash)}
      alt={picture.caption}
      loading="lazy"
      className={`aspect-square w-full bg-white object-contain ${className}`}
      style={{ transform: transformOf(picture) }}
      onError={() => setIsMissing(true)}
    />
  );
}
