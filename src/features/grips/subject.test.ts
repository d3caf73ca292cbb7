import { describe, expect, it } from 'vitest';
import { parseContacts, sayContact } from '@/core/contacts';
import type { Contact } from '@/core/tree';
import { mine, position, tree } from '../../../tests/support/smallTree';
import { roleAt, subjectOf, withSubjectSteps } from './subject';

const contacts = (typed: string): Contact[] => {
  const parsed = parseContacts(typed);
  if (!parsed.ok) throw new Error(parsed.error.join(' '));
  return parsed.value;
};
const doc = tree(
  [
    position('a', { name: 'Closed guard', holds: contacts('left hand far lapel'), theirHolds: contacts('his right hand collar') }),
    position('b', { name: 'Side pin' }),
  ],
  [mine('open', 'a', 'b', { name: 'open it', steps: [{ contacts: [] }, { contacts: [], ownerRole: 'below' }, { contacts: [] }] })],
);
const PLACE = { kind: 'position', id: 'a' } as const;
const MOVE = { kind: 'transition', id: 'open' } as const;

describe('what lies on the desk', () => {
  it('a move with its steps, a place with what is held there as one step', () => {
    expect(subjectOf(doc, MOVE)).toMatchObject({ title: 'I open it', where: 'from Closed guard to Side pin', steps: { length: 3 } });
    const place = subjectOf(doc, PLACE)!;
    expect(place).toMatchObject({ title: 'Closed guard', transition: null });
    expect(place.steps[0]!.contacts.map(sayContact)).toEqual(['left hand far lapel', 'his right hand collar']);
    expect(subjectOf(doc, { kind: 'position', id: 'b' })!.steps).toEqual([]);
    for (const kind of ['position', 'transition'] as const) expect(subjectOf(doc, { kind, id: 'constructor' })).toBeNull();
  });
  it('what is held at a place is told apart by who holds, and gone when nobody does', () => {
    const both = withSubjectSteps(doc, PLACE, () => [{ contacts: contacts('his left hand belt, right hand near knee') }]);
    expect(both.positions[0]!.holds!.map(sayContact)).toEqual(['right hand near knee']);
    expect(both.positions[0]!.theirHolds!.map(sayContact)).toEqual(['his left hand belt']);
    const none = withSubjectSteps(doc, PLACE, () => []);
    expect([none.positions[0]!.holds, none.positions[0]!.theirHolds]).toEqual([undefined, undefined]);
  });
  it('a move without a step has none, and what is not there changes nothing', () => {
    expect(withSubjectSteps(doc, MOVE, () => []).transitions[0]!.steps).toBeUndefined();
    expect(withSubjectSteps(doc, MOVE, (steps) => steps.slice(1)).transitions[0]!.steps).toHaveLength(2);
    expect(withSubjectSteps(doc, { kind: 'transition', id: 'gone' }, () => [])).toBe(doc);
  });
  it('who is on top is as last said, at first as where it begins', () => {
    const subject = subjectOf(doc, MOVE)!;
    expect([1, 2, 3].map((step) => roleAt(doc, subject, step))).toEqual(['top', 'below', 'below']);
    expect(roleAt({ ...doc, owner: 'guardPlayer' }, subject, 1)).toBe('below');
  });
});
