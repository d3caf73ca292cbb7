import { perObject } from '../base';
import { swapStep } from '../lens';
import type { Owner, Transition } from '../tree';
import { thirdPerson } from './aliases';
import type { Catalogue, CataloguePosition, CatalogueTransition } from './types';

/** "climbs" as "climb", "catches" as "catch". */
function firstPerson(verb: string): string {
  if (/[^aeiou]ies$/.test(verb)) return `${verb.slice(0, -3)}y`;
  if (/(sh|ch|x|z|ss|go|do)es$/.test(verb)) return verb.slice(0, -2);
  return /[^s]s$/.test(verb) ? verb.slice(0, -1) : verb;
}

/** The move as the other athlete's: its verbs, at the front and after "and", change their person. */
function otherPerson(name: string, to: (verb: string) => string): string {
  return name.replace(/(^|\band )([a-z]+)/g, (_, before: string, verb: string) => `${before}${to(verb)}`);
}

const OTHER_ROLE = { top: 'below', below: 'top' } as const;

/** Its reads are what the guard player does, which is no longer the other's to show; so they are left out, and asked anew. */
function otherPosition(entry: CataloguePosition): CataloguePosition {
  const { ownerRole, ...rest } = entry.position;
  return { ...entry, position: { ...rest, reads: [], ...(ownerRole ? { ownerRole: OTHER_ROLE[ownerRole] } : {}) } };
}

function otherTransition({ transition, feeder }: CatalogueTransition): CatalogueTransition {
  const { when: _when, stoppedBy: _stoppedBy, mistakes: _mistakes, ...rest } = transition;
  const mine = transition.actor === 'opponent';
  const turned: Transition = {
    ...rest,
    actor: mine ? 'owner' : 'opponent',
    name: otherPerson(transition.name, mine ? firstPerson : thirdPerson),
    ...(transition.steps ? { steps: transition.steps.map(swapStep) } : {}),
  };
  return { transition: turned, feeder: mine ? '' : feeder };
}

const fromBelow = perObject((catalogue: Catalogue): Catalogue => ({
  positions: catalogue.positions.map(otherPosition),
  transitions: catalogue.transitions.map(otherTransition),
}));

/** The catalogue, which is written for the passer, as the owner of a tree reads it. */
export const catalogueFor = (catalogue: Catalogue, owner: Owner): Catalogue => (owner === 'passer' ? catalogue : fromBelow(catalogue));
