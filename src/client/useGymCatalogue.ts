'use client';
import { useMemo } from 'react';
import {
  entriesOf,
  getCatalogue,
  withEntryEdit,
  withGymEntries,
  type GymEntryEdit,
  type GymsCatalogue,
  type GymsWords,
} from '@/core/catalogue';
import { useDocument, type OpenDocument } from './store/useDocument';

export interface EditedCatalogue extends GymsCatalogue {
  readonly words: OpenDocument<GymsWords>;
  edit(edit: GymEntryEdit): void;
}

const labelOf = ({ put, remove }: GymEntryEdit): string => {
  const ids = [...put, ...remove].map((entry) => entry.id);
  return `the gym’s words: ${[...new Set(ids)].slice(0, 3).join(', ')}${ids.length > 3 ? ' …' : ''}`;
};

/** The catalogue as this gym sees it, and the way to change it. */
export function useGymCatalogue(opened: { readonly document: GymsWords; readonly revision: number }): EditedCatalogue {
  const words = useDocument<GymsWords>('catalogueWords', opened);
  const seen = useMemo(() => withGymEntries(getCatalogue(), entriesOf(words.document)), [words.document]);
  return { ...seen, words, edit: (edit) => words.edit(labelOf(edit), (now) => withEntryEdit(now, edit)) };
}
