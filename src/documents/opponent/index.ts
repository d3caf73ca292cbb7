import { plainDocument } from '../plain';
import { opponentSchema } from './schema';

export const opponentKind = plainDocument(opponentSchema);
