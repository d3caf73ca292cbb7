import { later } from '@/client/later';

/** The lines to type on, with their lists: not in the first picture, asked for as soon as it is drawn. */
export const CaretLine = later(async () => (await import('./CaretLine')).CaretLine);
export const FindLine = later(async () => (await import('./FindLine')).FindLine);
