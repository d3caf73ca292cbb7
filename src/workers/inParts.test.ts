import { describe, expect, it } from 'vitest';
import { fromParts, toParts } from './inParts';

describe('an answer in parts', () => {
  const numbers = (count: number) => Array.from({ length: count }, (_, i) => ({ i, words: 'x'.repeat(i % 7 === 0 ? 900 : 9) }));
  it('is the same when put together, whatever its lists hold and wherever they are', () => {
    const answers = [
      { a: numbers(3), b: 1 },
      { a: numbers(401), b: { c: numbers(1200), d: new Map([['e', numbers(900)]]) }, f: null, g: [] },
      numbers(1000),
      null,
      7,
    ];
    for (const answer of answers) {
      const { rest, parts } = toParts(answer);
      expect(fromParts(structuredClone(rest), parts)).toEqual(answer);
    }
  });
  it('has no part larger than a screen can unpack at once, and leaves the answer itself as it is', () => {
    const answer = { findings: { list: numbers(3000) } };
    const { rest, parts } = toParts(answer);
    expect(rest).toEqual({ findings: { list: [] } });
    expect(parts.length).toBeGreaterThan(3);
    for (const part of parts) expect(JSON.stringify(part.items).length).toBeLessThan(110_000);
    expect(answer.findings.list).toHaveLength(3000);
  });
});
