export * from './filter';
export * from './mirror';
export * from './swap';
export { otherPerson } from './person';
export { fromOtherSide } from './otherSide';
export * from './unknown';
export * from './viewTree';
export * from './withoutCloth';
