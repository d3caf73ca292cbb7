import { describe, expect, it } from 'vitest';
import { wholeTree } from '../../../tests/fixtures/wholeTree';
import { demoTree } from '../../../demo/demoTree';
import { cardOf, formOf, levelsOf, ruleFormSchema, type RuleForm } from './ruleForm';

const form: RuleForm = {
  name: 'Cup',
  contexts: ['gi'],
  levels: 'first, second',
  forbidden: [{ tag: 'heel hook', underAge: '', belowLevel: '' }],
  points: [{ for: 'settled', points: '3' }],
  source: '',
  date: '',
};
const problemsOf = (patch: Partial<RuleForm>): string[] =>
  ruleFormSchema.safeParse({ ...form, ...patch }).error?.issues.map((issue) => issue.message) ?? [];

describe('the rule card form', () => {
  it('gives back every card as it was', () => {
    for (const card of [...demoTree().ruleSets!, ...wholeTree.ruleSets!]) {
      expect(ruleFormSchema.safeParse(formOf(card)).success).toBe(true);
      expect(cardOf(card.id, formOf(card))).toEqual(card);
    }
  });
  it('says in a sentence what is wrong', () => {
    expect(problemsOf({})).toEqual([]);
    expect(problemsOf({ name: ' ' })).toEqual(['The card needs a name.']);
    expect(problemsOf({ forbidden: [{ tag: '', underAge: '', belowLevel: '' }] })).toEqual(['Say what is forbidden, or remove the line.']);
    expect(problemsOf({ forbidden: [{ tag: 'x', underAge: 'ten', belowLevel: '' }] })).toEqual(['An age is a whole number of years.']);
    expect(problemsOf({ forbidden: [{ tag: 'x', underAge: '', belowLevel: 'third' }] })).toEqual([
      '“third” is not one of the levels of this card.',
    ]);
    expect(problemsOf({ points: [{ for: 'settled', points: 'many' }] })).toEqual(['Points are a whole number.']);
  });
  it('reads levels from a line, each once', () => {
    expect(levelsOf(' first ,, second, first')).toEqual(['first', 'second']);
    expect(cardOf('id', { ...form, levels: '' })).not.toHaveProperty('levels');
    expect(cardOf('id', { ...form, forbidden: [{ tag: ' stack ', underAge: '12', belowLevel: 'first' }] }).forbidden).toEqual([
      { tag: 'stack', underAge: 12, belowLevel: 'first' },
    ]);
  });
});
