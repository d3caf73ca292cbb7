export { courseWorldInPieces, drills, type CourseEvening, type Due } from './fromTree';
export { missedBalance, missedDue } from './worth';
export * from './polish';
export * from './search';
export type { Course, CourseRules, CourseUnit, CourseWorld, Evening, Lesson } from './world';
