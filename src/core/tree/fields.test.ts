import { describe, expect, it } from 'vitest';
import { normaliseTree } from '../notation';
import { demoTree } from '../../../demo/demoTree';
import { fieldContent, fieldRank, isKeptEmpty } from './fields';

/** Every record in a value, however deep, and the fields that ids name left out. */
function* recordsIn(value: unknown): Generator<Record<string, unknown>> {
  if (Array.isArray(value)) for (const item of value) yield* recordsIn(item);
  else if (typeof value === 'object' && value !== null) {
    yield value as Record<string, unknown>;
    for (const [name, item] of Object.entries(value)) if (name !== 'when') yield* recordsIn(item);
  }
}

describe('fields of a tree', () => {
  const records = [...recordsIn(normaliseTree(demoTree()))];
  it('every field of the demo is known, and stands in its place', () => {
    for (const record of records) {
      const names = Object.keys(record);
      expect(names.map(fieldContent)).not.toContain(null);
      expect(names.map(fieldRank)).toEqual(names.map(fieldRank).toSorted((a, b) => a - b));
    }
  });
  it('hold what is said of them', () => {
    const wrong = records.flatMap((record) =>
      Object.entries(record).flatMap(([name, value]) => {
        const content = fieldContent(name);
        if (content === 'number') return typeof value === 'number' || Array.isArray(value) ? [] : [name];
        if (content === 'yes') return value === true ? [] : [name];
        if (content === 'word' || content === 'fact' || content === 'side')
          return [value].flat().every((item) => typeof item === 'string') ? [] : [name];
        return content === 'contact' && typeof value !== 'object' ? [name] : [];
      }),
    );
    expect(wrong).toEqual([]);
  });
  it('what no tree has is unknown and stands behind, whatever it is called', () => {
    for (const name of ['age', 'constructor', '__proto__', 'toString']) {
      expect([fieldContent(name), isKeptEmpty(name)]).toEqual([null, false]);
      expect(fieldRank(name)).toBeGreaterThan(fieldRank('transitions'));
    }
    expect([isKeptEmpty('lines'), isKeptEmpty('aliases')]).toEqual([true, false]);
  });
});
