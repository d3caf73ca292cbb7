import { describe, expect, it } from 'vitest';
import { ODDS_QUESTION, type RoundEvent } from '../../odds';
import { tellRound } from '../../odds/rounds/toldRound';
import { demoTree } from '../../../../demo/demoTree';
import { his, mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { eventText, sayCounted, sayRoundEnd } from './rounds';

const doc = tree(
  [position('g', { name: 'Half', reads: reaction('frames') }), position('pin', { name: 'Side pin' })],
  [mine('cut', 'g', 'pin', { name: 'I cut the knee' }), his('roll', 'g', 'pin', { name: 'he rolls me' })],
);
const event = (more: Partial<RoundEvent>): RoundEvent => ({
  ...{ position: 'g', at: 42, seconds: 20, shown: [{ read: 'he', values: ['frames'] }], transition: 'cut', isRead: true },
  ...{ happened: { how: 'worked' }, unforeseen: false, to: 'pin' },
  ...more,
});
const said = (more: Partial<RoundEvent>): string => eventText(doc, event(more)).said.join(' ');

describe('a told round', () => {
  it('says what he did, what I did and how it went', () => {
    expect(eventText(doc, event({}))).toMatchObject({ at: '0:42', place: 'Half' });
    expect(said({})).toBe('He frames. I cut the knee. It works: Side pin.');
    expect(said({ isRead: false, happened: { how: 'fell', transition: 'roll' } })).toBe(
      'He frames. I do not see it: I cut the knee. It fails: he rolls me, to Side pin.',
    );
    expect(said({ unforeseen: true, happened: { how: 'turned' }, to: null })).toBe(
      'Something comes that is not drawn. I cut the knee. It fails: he turns it.',
    );
    expect(said({ transition: null, happened: { how: 'stayed' } })).toBe('He frames. I wait for another show. Nothing changes.');
    expect(said({ happened: { how: 'recovered' }, to: 'g' })).toBe('He frames. I cut the knee. It fails: he gets his guard back.');
    expect(said({ happened: { how: 'recovered' } })).toBe('He frames. I cut the knee. It fails: he gets his guard back, Side pin.');
    expect(said({ happened: null })).toBe('He frames. I cut the knee. Time runs out.');
    expect(said({ happened: { how: 'failedTo' }, shown: [] })).toBe('I cut the knee. It fails: Side pin.');
  });
  it('of the demo is told to its end', () => {
    const demo = demoTree();
    const told = tellRound(demo, ODDS_QUESTION, 'spider', 7)!;
    for (const item of told.events) expect(eventText(demo, item).said.every((sentence) => /^[A-Z].*\.$/.test(sentence))).toBe(true);
    expect(sayRoundEnd(told)).toMatch(/^\d:\d\d: [a-z]/);
  });
  it('what was counted is said with how sure it is', () => {
    expect(sayCounted({ finished: 3104, count: 10_000 })).toBe(
      '3,104 of 10,000 rounds finished: 31 in 100; by what is counted alone, between 30.1 and 32.0.',
    );
  });
});
