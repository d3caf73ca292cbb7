import { plainDocument } from '../plain';
import { groupSchema } from './schema';

export const groupKind = plainDocument(groupSchema);
