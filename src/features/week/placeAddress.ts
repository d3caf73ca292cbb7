import { idToAddress } from '@/contracts/address';
import type { PositionId } from '@/core/tree';

/** Where a place is looked at and mended; `of` = the show or move that is meant. */
export const placeAddress = (treeId: string, at: PositionId, of?: string): string =>
  `/board/${idToAddress(treeId)}?at=${encodeURIComponent(at)}${of === undefined ? '' : `&of=${encodeURIComponent(of)}`}`;
