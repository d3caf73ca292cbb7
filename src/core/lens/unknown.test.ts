import { expect, it } from 'vitest';
import { unknownIn } from './unknown';
import { tree as smallTree } from '../../../tests/support/smallTree';

it('what a filter names and is not there is told by kind, with what there is', () => {
  const tree = smallTree([], [], {
    schools: ['tight'],
    ruleSets: [{ id: 'juniors', name: 'Juniors', contexts: [], levels: ['first year'], forbidden: [], points: [] }],
    profiles: [{ id: 'pia', name: 'Pia', of: 'athlete' }],
  });
  expect(unknownIn(tree, { ruleSet: 'juniors', level: 'first year', school: 'tight', profiles: ['pia'], against: ['pia'] })).toEqual([]);
  expect(unknownIn(tree, {})).toEqual([]);
  expect(unknownIn(tree, { ruleSet: 'masters', level: 'x', school: 'loose', profiles: ['constructor'], against: ['tove'] })).toEqual([
    { what: 'card', id: 'masters', known: ['juniors'] },
    { what: 'level', id: 'x', known: [] },
    { what: 'school', id: 'loose', known: ['tight'] },
    { what: 'person', id: 'constructor', known: ['pia'] },
    { what: 'person', id: 'tove', known: ['pia'] },
  ]);
});
