import { SETTINGS_ID, USUAL_SETTINGS, type GymSettings } from '@/core/people';
import type { Context } from './context';
import { createDocument } from './documents';
import { findDocument, setDeleted } from './store';

export interface StoredSettings {
  readonly document: GymSettings;
  readonly revision: number;
}

const findStored = async (context: Context): Promise<StoredSettings | null> => {
  const stored = await findDocument(context, 'settings', SETTINGS_ID);
  return stored && { document: stored.document as unknown as GymSettings, revision: stored.revision };
};

/** What the gym has settled; nothing settled = as usual. */
export const findSettings = async (context: Context): Promise<GymSettings> => (await findStored(context))?.document ?? USUAL_SETTINGS;

/** The same, to be changed: made where there is none. */
export async function getSettings(context: Context): Promise<StoredSettings> {
  const known = await findStored(context);
  if (known) return known;
  // Whoever else makes it, or took it away: there is one, under this id.
  await createDocument(context, 'settings', USUAL_SETTINGS, null, { exactly: true });
  await setDeleted(context, 'settings', SETTINGS_ID, false);
  const made = await findStored(context);
  if (!made) throw new Error('The settings of the gym could not be made.');
  return made;
}
