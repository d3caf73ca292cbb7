import { describe, expect, it } from 'vitest';
import { getCatalogue } from '../catalogue';
import { parseContacts, sayContact } from '../contacts';
import type { Contact } from '../tree';
import { catalogueStepsOf, offeredHolds } from './offers';

const hold = (line: string): Contact[] => {
  const parsed = parseContacts(line);
  if (!parsed.ok) throw new Error(parsed.error.join(' '));
  return parsed.value;
};

describe('what is offered to be held next', () => {
  const known = [{ contacts: hold('left hand far ankle') }, { contacts: hold('left hand far ankle, right hand far knee') }];
  const place = { holds: hold('right hand collar'), theirHolds: hold('his left hand near wrist') };
  it('is the catalogue’s for this step, then the usual at the place, then the last once more; nothing that is on', () => {
    const at = (step: number, now: readonly Contact[], last = '') => offeredHolds({ last, place, known, step, now });
    const said = (line: string) => hold(line).map(sayContact)[0]!;
    expect(at(1, [], 'head chest')).toEqual([
      said('left hand far ankle'),
      said('right hand collar'),
      said('his left hand near wrist'),
      'head chest',
    ]);
    expect(at(2, hold('left hand far ankle, right hand collar'))).toEqual([said('right hand far knee'), said('his left hand near wrist')]);
    expect(at(9, [...hold('right hand collar'), ...hold('his left hand near wrist')], 'right hand collar')).toEqual([]);
    expect(at(9, [], 'no such words at all')).not.toContain('no such words at all');
  });
  it('every hold of the catalogue can be typed as it is said', () => {
    const contacts = getCatalogue().transitions.flatMap(({ transition }) => (transition.steps ?? []).flatMap((step) => step.contacts));
    expect(contacts.length).toBeGreaterThan(20);
    const lost = contacts.filter(
      (contact) => offeredHolds({ last: '', place: { holds: [contact] }, known: [], step: 1, now: [] }).length === 0,
    );
    expect(lost.map(sayContact)).toEqual([]);
  });
});

describe('the catalogue’s steps of a move', () => {
  const { transitions } = getCatalogue();
  const entry = transitions.find(({ transition }) => (transition.steps ?? []).length > 0)!.transition;
  it('are found by what it was taken from, and by its name', () => {
    expect(catalogueStepsOf(transitions, { name: 'whatever', fromCatalogue: entry.id }, { name: '' })).toBe(entry.steps);
    expect(catalogueStepsOf(transitions, { name: `I ${entry.name.replace(/^I /, '')}` }, { name: '' }).length).toBeGreaterThan(0);
    expect(catalogueStepsOf(transitions, { name: 'constructor' }, { name: '' })).toEqual([]);
    expect(catalogueStepsOf(transitions, null, { name: '' })).toEqual([]);
  });
});
