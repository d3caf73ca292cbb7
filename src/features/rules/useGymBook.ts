import { useMemo } from 'react';
import { worstOf } from '@/client/store/documentState';
import { useDocuments, type Opened } from '@/client/store/useDocuments';
import type { Athlete, Group, GymSettings, Opponent } from '@/core/people';
import type { RuleSet } from '@/core/tree';

export interface OpenedBook {
  readonly ruleCards: readonly Opened<RuleSet>[];
  readonly athletes: readonly Opened<Athlete>[];
  readonly opponents: readonly Opened<Opponent>[];
  readonly groups: readonly Opened<Group>[];
  /** One. */
  readonly settings: readonly Opened<GymSettings>[];
}

/** The gym's rule cards and people, each a document of its own, edited on one screen. */
export function useGymBook(opened: OpenedBook) {
  const ruleCard = useDocuments<RuleSet>('ruleCard', opened.ruleCards);
  const athlete = useDocuments<Athlete>('athlete', opened.athletes);
  const opponent = useDocuments<Opponent>('opponent', opened.opponents);
  const group = useDocuments<Group>('group', opened.groups);
  const settings = useDocuments<GymSettings>('settings', opened.settings);
  return useMemo(() => {
    const all = [ruleCard, athlete, opponent, group, settings];
    return {
      ruleCard,
      athlete,
      opponent,
      group,
      settings,
      stored: worstOf(all.map((one) => one.stored)),
      read: () => all.forEach((one) => one.read()),
    };
  }, [ruleCard, athlete, opponent, group, settings]);
}
export type GymBookEdits = ReturnType<typeof useGymBook>;
export type BookKind = 'ruleCard' | 'athlete' | 'opponent' | 'group';
/** What has a card on the screen; of the gym itself there is one. */
export type CardKind = BookKind | 'settings';
export const CARD_KINDS: readonly CardKind[] = ['ruleCard', 'athlete', 'opponent', 'group', 'settings'];
