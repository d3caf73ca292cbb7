import type { Distance, Position, Stance, Transition } from '../tree';
import type { Sign } from './signs';

/** What the catalogue knows of a position: the position as it would be drawn, and what is not part of a tree. */
export interface CataloguePosition {
  readonly position: Position & { readonly stance: Stance; readonly distance: Distance; readonly legRelation: string };
  /** What can be seen at a glance; the read finder's features. */
  readonly signs: readonly Sign[];
  /** How the feeder holds the shape. */
  readonly feeder: string;
}
export interface CatalogueTransition {
  readonly transition: Transition;
  /** How the feeder does it; empty for what the passer does. */
  readonly feeder: string;
}
export interface Catalogue {
  readonly positions: readonly CataloguePosition[];
  readonly transitions: readonly CatalogueTransition[];
}
