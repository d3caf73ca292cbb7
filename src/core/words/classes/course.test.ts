import { describe, expect, it } from 'vitest';
import { sayCourse, sayMissed } from './course';

describe('what is said of a course', () => {
  it('is its worth, and how much more could be had', () => {
    expect(sayCourse(0.2, 0.2, false)).toBe(
      'All these classes together are worth 20 in 100 rounds. No course of these evenings is worth more.',
    );
    expect(sayCourse(0.2, 0.21, false)).toMatch(/worth more than 21 in 100\.$/);
    expect(sayCourse(0.2, 0.3, true)).toMatch(/lets every class be about everything/);
  });
  it('names what is asked for and missed, and nothing that is met', () => {
    const balance = [
      { name: 'open guards', least: 0.2 },
      { name: 'from below', least: 0.2 },
    ];
    expect(sayMissed(balance, [0, 0.12])).toEqual(['Of 100 minutes of work planned here only 8 are of from below; 20 were asked for.']);
  });
});
