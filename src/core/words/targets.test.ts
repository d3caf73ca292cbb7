import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { sayTargets } from './targets';

/** Words alone: how the document breaks its lines is its own affair. */
const words = (text: string): string => text.replace(/\s+/g, ' ').trim();

it('docs/tree-file.md lists the known parts and spots, all of them and no others', () => {
  const doc = readFileSync('docs/tree-file.md', 'utf8');
  const [, listed = ''] = /## Known parts and spots\n([^]*?)\n## /.exec(doc) ?? [];
  expect(words(listed)).toBe(words(sayTargets()));
});
