import type { CataloguePosition } from '../catalogue';
import type { NewPosition } from '../tree';

/** Where a new place lies that the catalogue knows by its name: height, ending, legs and distance. What he shows there is the coach's to say. */
export function lieOf({ position, signs }: CataloguePosition): Omit<NewPosition, 'name'> {
  const { family, lines, ends, ownerRole, legRelation, stance, distance } = position;
  return { family, lines, ends, ownerRole, legRelation, stance, distance, signs };
}
