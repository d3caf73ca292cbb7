'use client';
import { useMemo, useState } from 'react';
import type { Refusal } from '@/contracts/changes';
import type { GymEntryEdit } from '@/contracts/gymEntry';
import { getCatalogue, withGymEntries, type GymEntry, type GymsCatalogue } from '@/core/catalogue';

export interface EditedCatalogue extends GymsCatalogue {
  readonly problems: readonly string[];
  /** Stores the edit; true when it was taken. Nothing changes on the screen before the server has it. */
  edit(edit: GymEntryEdit): Promise<boolean>;
}

/** The catalogue as this gym sees it, and the way to change it. */
export function useGymCatalogue(opened: readonly GymEntry[]): EditedCatalogue {
  const [entries, setEntries] = useState(opened);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const seen = useMemo(() => withGymEntries(getCatalogue(), entries), [entries]);
  const edit = async (change: GymEntryEdit): Promise<boolean> => {
    const response = await fetch('/api/catalogue', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(change),
    }).catch(() => null);
    const answer = (await response?.json().catch(() => null)) as { entries: GymEntry[] } | Refusal | null | undefined;
    if (answer && 'entries' in answer) {
      setEntries(answer.entries);
      setProblems([]);
      return true;
    }
    setProblems(answer?.problems ?? ['The server does not answer. The catalogue was not changed.']);
    return false;
  };
  return { ...seen, problems, edit };
}
