import { plainDocument } from '../plain';
import { settingsSchema } from './schema';

export const settingsKind = plainDocument(settingsSchema);
