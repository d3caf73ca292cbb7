export { courseWorldInPieces, type CourseEvening } from './fromTree';
export { missedBalance } from './worth';
export * from './search';
export type { Course, CourseRules, CourseUnit, CourseWorld, Evening, Lesson } from './world';
