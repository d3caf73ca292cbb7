import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { mine, position, tree } from '../../../tests/support/smallTree';
import { sayMoveParts, sayPlace } from './about';
import { sayNamedEnding, sayRemoval, sayShared } from './routes';

describe('a place and a move as they are read', () => {
  it('are whole sentences in every part, of every place and move of the demo', () => {
    const doc = demoTree();
    const parts = [
      ...doc.positions.flatMap((place) => [
        sayPlace.kind(doc, place),
        sayPlace.time(place),
        sayPlace.legs(place),
        sayPlace.why(place),
        sayPlace.schools(place),
        sayPlace.onward(place),
        sayPlace.notes(place),
      ]),
      ...doc.transitions.flatMap((move) => [
        sayMoveParts.chances(doc, move),
        sayMoveParts.when(doc, move),
        sayMoveParts.leads(doc, move),
        sayMoveParts.provokes(doc, move),
        sayMoveParts.choices(doc, move),
        sayMoveParts.onTheWay(doc, move),
        sayMoveParts.why(move),
        sayMoveParts.fits(doc, move),
        sayMoveParts.kind(move),
        sayMoveParts.facts(move),
        sayMoveParts.mistakes(move),
        sayPlace.notes(move),
      ]),
    ].filter((text) => text !== '');
    expect(parts.length).toBeGreaterThan(200);
    for (const text of parts) {
      expect(text).toMatch(/^[A-Z“0-9].*[.!?]$/);
      expect(text).not.toMatch(/undefined|null|\[object|\.\./);
    }
  });
  it('say nothing where nothing is said, and each thing once', () => {
    const doc = tree(
      [position('a'), position('b', { ends: 'settled', reason: 'he cannot turn in' })],
      [mine('go', 'a', 'b', { needs: ['cuff'] })],
    );
    expect(sayPlace.legs(doc.positions[0]!)).toBe('');
    expect(sayPlace.why(doc.positions[1]!)).toBe('He cannot turn in.');
    expect(sayPlace.kind(doc, doc.positions[0]!)).toContain('A round can start here.');
    expect(sayMoveParts.facts(doc.transitions[0]!)).toBe('Needs cuff.');
    expect(sayMoveParts.mistakes(doc.transitions[0]!)).toBe('');
    expect(sayMoveParts.when(doc, doc.transitions[0]!)).toBe('Whatever he does.');
    expect(sayMoveParts.chances(doc, { ...doc.transitions[0]!, works: 0.7, seconds: 1 })).toBe(
      'When it fits it works 70 in 100, the coach’s guess. 1 second.',
    );
    expect(sayMoveParts.chances(doc, doc.transitions[0]!)).toBe('When it fits it works 60 in 100 by default. 20 seconds by default.');
  });
});

describe('what would be lost', () => {
  const count = (byPositions: number, status: 'exact' | 'budget' = 'exact') => ({ byPositions, byTransitions: byPositions, status });
  it('is said before it is removed', () => {
    const fresh = [{ kind: 'unanswered' }, { kind: 'deadEnd' }, { kind: 'deadEnd' }] as never;
    expect(sayShared(15)).toBe('On the ways of 15 starts to a goal: they all lose it.');
    expect(sayRemoval({ starts: 15, before: count(1000, 'budget'), after: count(12), fresh }, [{ name: 'Monday', lost: 1 }])).toEqual([
      'Ways from a guard to a goal: more than 1000 now, 12 without it.',
      '1 thing he shows would have no answer.',
      '2 other findings would be new.',
      '“Monday” would lose 1 unit.',
    ]);
    const many = count(1000, 'budget');
    expect(sayRemoval({ starts: 15, before: many, after: many, fresh: [] }, [])).toEqual([]);
  });
});

describe('an ending that two trees are compared by', () => {
  it('is said in words; a name with brackets of its own stays', () => {
    expect(sayNamedEnding('Back, two hooks (back)')).toBe('Back, two hooks: back taken');
    expect(sayNamedEnding('Mount (high)')).toBe('Mount (high)');
    expect(sayNamedEnding('Mount (constructor)')).toBe('Mount (constructor)');
  });
});
