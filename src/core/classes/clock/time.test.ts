import { describe, expect, it } from 'vitest';
import { classTimeOf, tooShort, unitMinutes, type ClassSettings, type Timed } from './time';

const SETTINGS: ClassSettings = { slotMinutes: 60, people: 12, bothSides: true, warmUpMinutes: 6, debriefMinutes: 4, changeOverMinutes: 0 };
const move: Timed = { key: 'move', kind: 'move', demonstrationMinutes: 3, workMinutes: 2, sides: null };

describe('class time, by hand', () => {
  it('of a move: shown once, two partners, two sides', () => {
    expect(unitMinutes(move, SETTINGS)).toBe(3 + 2 * 2 * 2);
  });
  it('all wait for a three; one side alone; a side of its own; one alone', () => {
    expect(unitMinutes(move, { ...SETTINGS, people: 13 })).toBe(3 + 3 * 2 * 2);
    expect(unitMinutes(move, { ...SETTINGS, bothSides: false })).toBe(3 + 2 * 2);
    expect(unitMinutes({ ...move, sides: 1 }, SETTINGS)).toBe(3 + 2 * 2);
    expect(unitMinutes({ ...move, kind: 'solo' }, { ...SETTINGS, people: 13 })).toBe(3 + 2);
  });
  it('change-overs once a unit, swaps between turns', () => {
    expect(unitMinutes(move, { ...SETTINGS, changeOverMinutes: 1, swapMinutes: 0.25 })).toBe(3 + 8 + 3 * 0.25 + 1);
  });
  it('rounds take turns on few mats, unless the winner stays', () => {
    const round: Timed = { ...move, kind: 'round', sides: 1, workMinutes: 4, demonstrationMinutes: 1 };
    expect(unitMinutes(round, SETTINGS)).toBe(1 + 8);
    expect(unitMinutes(round, { ...SETTINGS, mats: 4 })).toBe(1 + 2 * 8);
    expect(unitMinutes(round, { ...SETTINGS, mats: 4, winnerStays: true })).toBe(1 + 8);
    expect(unitMinutes(move, { ...SETTINGS, mats: 1 })).toBe(11);
  });
  it('of a class: four moves are an hour and a half an hour too long', () => {
    const units = ['a', 'b', 'c', 'd'].map((key) => ({ ...move, key }));
    expect(classTimeOf(units, SETTINGS)).toMatchObject({ totalMinutes: 6 + 44 + 4, overrunMinutes: -6 });
    expect(classTimeOf(units, { ...SETTINGS, slotMinutes: 40 }).overrunMinutes).toBe(14);
    expect(classTimeOf([], SETTINGS).overrunMinutes).toBe(-50);
  });
  it('names units in which a partner works less than two minutes', () => {
    const one = { ...move, key: 'short', workMinutes: 0.75 };
    expect(tooShort([move, one, { ...one, key: 'solo', kind: 'solo' }], SETTINGS)).toEqual(['short']);
    expect(tooShort([{ ...one, workMinutes: 1 }], SETTINGS)).toEqual([]);
  });
});
