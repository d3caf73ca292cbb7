export type { Climb, Point } from './climbs';
export type { Grid } from './grid';
export * from './layoutBoard';
export * from './layoutHub';
export { countCrossings, layeringOf, orderLayers, type Layering } from './crossings';
export { fitText } from './measure';
export type { Label, PlacedRung, PlacedSection } from './placedRung';
export * from './views';
