import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { getCatalogue } from '@/core/catalogue';
import { emptyTree } from '@/core/tree';
import { answersFor } from './viewModel';

const tree = demoTree();

describe('the finder', () => {
  it('puts places of the tree first, with what to do for each thing he shows', () => {
    const [first] = answersFor(tree, getCatalogue(), { signs: ['legs-open', 'two-hooks'] });
    expect(first).toMatchObject({ name: 'Butterfly', from: 'tree' });
    expect(first!.advice).toContainEqual({ shown: 'he lies back', answers: ['I lock behind the hips'] });
    expect(first!.advice).toContainEqual({ shown: 'he drags the arm', answers: [] });
  });
  it('never shows a place twice that the tree has under one of the catalogue’s names', () => {
    const names = answersFor(tree, getCatalogue(), { signs: ['legs-locked', 'ankles-crossed'] }).map((answer) => answer.name);
    expect(names).toContain('Closed guard');
    expect(names).not.toContain('Closed guard, low');
  });
  it('works on an empty tree, and says nothing before anything is ticked', () => {
    expect(answersFor(emptyTree('t', 'T'), getCatalogue(), { signs: ['leg-round-arm'] })[0]).toMatchObject({
      name: 'Lasso',
      from: 'catalogue',
    });
    expect(answersFor(tree, getCatalogue(), { signs: [] })).toEqual([]);
  });
});
