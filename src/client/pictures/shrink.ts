import { PICTURE_MAX_BYTES, PICTURE_SIDE } from '@/contracts/picture';

/** Tried in this order until the picture is small enough: a smaller picture that is clear before a large one that is not. */
const TRIES: readonly (readonly [side: number, quality: number])[] = [1, 0.8, 0.6, 0.45, 0.3].flatMap((part) =>
  [0.82, 0.66, 0.5].map((quality) => [Math.round(PICTURE_SIDE * part), quality] as const),
);

const asBlob = (canvas: HTMLCanvasElement, type: string, quality?: number): Promise<Blob | null> =>
  new Promise((resolve) => canvas.toBlob(resolve, type, quality));

/** Width and height, in px, that fit into a square of this side; nothing is made larger. */
export function fittingSize(width: number, height: number, side: number): { width: number; height: number } {
  const scale = Math.min(1, side / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

/**
 * A photo as it is kept: upright, drawn anew (so that place and camera are left behind) and no larger than may be. Null = the
 * browser cannot read it as a picture.
 */
export async function shrinkPhoto(file: Blob): Promise<Blob | null> {
  let photo: ImageBitmap;
  try {
    photo = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return null;
  }
  try {
    return await drawSmaller(photo);
  } finally {
    photo.close();
  }
}

async function drawSmaller(photo: ImageBitmap): Promise<Blob | null> {
  const canvas = document.createElement('canvas');
  for (const [side, quality] of TRIES) {
    Object.assign(canvas, fittingSize(photo.width, photo.height, side));
    const context = canvas.getContext('2d');
    if (!context) break;
    // What is see-through would come out black.
    context.fillStyle = 'white';
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(photo, 0, 0, canvas.width, canvas.height);
    const blob = await asBlob(canvas, 'image/jpeg', quality);
    if (blob && blob.size <= PICTURE_MAX_BYTES) return blob;
  }
  return null;
}

/** A sketch as it is kept: its lines exactly, or as a photo of it where there are very many. */
export async function shrinkSketch(canvas: HTMLCanvasElement): Promise<Blob | null> {
  const exact = await asBlob(canvas, 'image/png');
  return exact && exact.size > PICTURE_MAX_BYTES ? shrinkPhoto(exact) : exact;
}
