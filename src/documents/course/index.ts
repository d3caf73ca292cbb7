import { plainDocument } from '../plain';
import { courseSchema } from './schema';

export const courseKind = plainDocument(courseSchema);
