import { describe, expect, it } from 'vitest';
import { atOnce } from '@/core/base';
import { emptyTree } from '@/core/tree';
import { demoTree } from '../../demo/demoTree';
import { hostileTree } from '../../tests/support/hostileTree';
import { randomTree } from '../../tests/support/randomTree';
import { readLines, writeLines } from './lines';
import { DOCUMENT_LISTS } from './lists';

describe('a document in lines', () => {
  const written = [
    demoTree(),
    emptyTree('t', 'T'),
    hostileTree(),
    { ...emptyTree('q', 'A "q":['), notes: 'two\nlines {\n"positions":[\n' },
    ...[1, 2, 3].map((seed) => randomTree(seed, { positions: 60, transitions: 90 })),
  ].map((document) => ({ revision: 7, document }));
  it('is JSON, and the same when read in pieces', () => {
    for (const sent of written) {
      const text = writeLines(sent, DOCUMENT_LISTS.tree);
      const plain = JSON.parse(JSON.stringify(sent)) as unknown;
      expect(JSON.parse(text)).toEqual(plain);
      expect(atOnce(readLines(text))).toEqual(plain);
    }
  });
  it('without rows is read, too, and so is what a server says instead of it', () => {
    const person = { revision: 1, document: { id: 'a', name: 'A' } };
    expect(atOnce(readLines(writeLines(person, [])))).toEqual(person);
    expect(atOnce(readLines('{"problems":["There is no such document."]}'))).toEqual({ problems: ['There is no such document.'] });
    expect(() => atOnce(readLines('<html>'))).toThrow();
  });
});
