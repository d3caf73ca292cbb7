import { describe, expect, it } from 'vitest';
import { optionsAmong } from './optionsAmong';

const items = (names: readonly string[]) => names.map((name, i) => ({ key: `k${i}`, name }));

describe('a list to pick from', () => {
  it('is all of it while nothing is typed, and what is meant then', () => {
    const few = items(['Knee shield', 'Knee on belly', 'Closed guard']);
    expect(optionsAmong(few, '').options.map((option) => option.label)).toEqual(['Knee shield', 'Knee on belly', 'Closed guard']);
    expect(optionsAmong(few, 'knee').options.map((option) => option.key)).toEqual(['k0', 'k1']);
    expect(optionsAmong(few, 'sheild').options.map((option) => option.label)).toEqual(['Knee shield']);
    expect(optionsAmong(few, '%').options).toEqual([]);
  });
  it('says how many more there are than are drawn', () => {
    const many = items(Array.from({ length: 5000 }, (_, i) => `Place ${i}`));
    const { options, more } = optionsAmong(many, 'place');
    expect([options.length, more]).toEqual([60, 4940]);
    // What was typed exactly comes first, however far down it stands.
    expect(optionsAmong(many, 'place 4999').options[0]!.label).toBe('Place 4999');
  });
});
