/** A picture is looked at before a round: this much is enough for a screen, and small enough to keep beside every place. */
export const PICTURE_MAX_BYTES = 200_000;
/** The longer side in px that a photo is shrunk to. */
export const PICTURE_SIDE = 1280;
/** What no picture exceeds: a small file may unfold to a very large one. */
export const PICTURE_MOST_SIDE = 4096;
/** Pictures of one place: what one looks at before a round, not an album. */
export const PICTURES_A_PLACE = 6;
/** Different pictures that one gym keeps. */
export const PICTURES_A_GYM = 3000;
export const PICTURE_TYPES = ['image/jpeg', 'image/png'] as const;
export type PictureType = (typeof PICTURE_TYPES)[number];
export const PICTURE_ENDINGS: { readonly [K in PictureType]: string } = { 'image/jpeg': 'jpg', 'image/png': 'png' };

export const PICTURE_HASH = /^[0-9a-f]{64}$/;
export const pictureAddress = (hash: string): string => `/api/pictures/${hash}`;
