import { plainDocument } from '../plain';
import { athleteSchema } from './schema';

export const athleteKind = plainDocument(athleteSchema);
