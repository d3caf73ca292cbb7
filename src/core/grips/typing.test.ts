import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ContactRule } from '../tree';
import { parseContact, parseRule, sayRule } from '../contacts';
import { suggestLines } from './suggest';
import { held } from '../../../tests/support/held';

const rule = (typed: string, steps = 4): ContactRule => {
  const parsed = parseRule(typed, steps);
  if (!parsed.ok) throw new Error(parsed.error.join(' '));
  return parsed.value;
};

describe('a rule as it is typed', () => {
  it('comes back as it was said', () => {
    const lines = [
      'from step 2 to 4: left hand far wrist, right hand far wrist',
      'at step 3: at least 1 of left hand far hip, right hand far hip',
      'left shin near thigh: pin before right hand far lapel',
      'head chest together with left hand far hip',
      'never left hand mat',
    ];
    for (const line of lines) expect(sayRule(rule(line))).toBe(line);
    expect(rule('always: left hand far hip')).toEqual({ kind: 'hold', fromStep: 1, toStep: 4, contacts: held('left hand far hip') });
    expect(rule('from step 2: left hand far hip')).toMatchObject({ fromStep: 2, toStep: 4 });
  });
  it('says what it does not understand', () => {
    const said = (typed: string): string => {
      const parsed = parseRule(typed, 4);
      return parsed.ok ? 'taken' : parsed.error.join(' ');
    };
    expect(said('both wrists')).toContain('a rule reads “from step 2 to 4');
    expect(said('never wing')).toContain('“wing”: begin with what holds');
    expect(said('from step 4 to 2: head chest')).toContain('the first before the last');
    expect(said('always: at least 3 of head chest')).toContain('at least 3 of 1 cannot be');
    expect(said('wing chest before head feather')).toContain('“wing chest”');
  });
});

describe('completion', () => {
  it('offers limbs, then what they can hold, letting go of what is held first', () => {
    expect(suggestLines('ri ha', [])).toContain('right hand ');
    expect(suggestLines('left hand far ankle, h', []).slice(0, 3)).toEqual([
      'left hand far ankle, his left hand ',
      'left hand far ankle, his right hand ',
      'left hand far ankle, head ',
    ]);
    expect(suggestLines('right hand ', held('right hand far lapel'))[0]).toBe('right hand free');
    expect(suggestLines('right hand lap', [])).toEqual(expect.arrayContaining(['right hand far lapel', 'right hand near lapel']));
    expect(suggestLines('his left hand col', [])).toEqual(expect.arrayContaining(['his left hand collar']));
    expect(suggestLines('right hand far lapel or coll', [])).toEqual(expect.arrayContaining(['right hand far lapel or collar']));
    expect(suggestLines('left hand same kn', [])).toContain('left hand same-side knee');
    expect(suggestLines('head same', [])).toEqual([]);
    expect(suggestLines('right hand far lapel: p', [])).toEqual([]);
  });
  it('whatever whole hold it offers can be read', () => {
    const start = fc.constantFrom('left hand ', 'his right foot ', 'head ', 'right shin ', 'right hand also ');
    fc.assert(
      fc.property(start, fc.constantFrom('', 'f', 'near', 'lap', 'own', 'kn', 'm', 'back'), (limb, typed) => {
        for (const line of suggestLines(`${limb}${typed}`, held('left hand far hip')))
          if (!line.endsWith(' free')) expect(parseContact(line.replace(' also ', ' '))).toMatchObject({ ok: true });
      }),
      { numRuns: 60, seed: 71 },
    );
  });
});
