import { describe, expect, it } from 'vitest';
import { sayCueClause, sayHeClause } from './clauses';

describe('cues within a sentence', () => {
  it.each([
    ['his hips', ['flat', 'turned in'], 'his hips are flat or turned in'],
    ['inside knee', ['points out', 'stays in the middle'], 'inside knee points out or stays in the middle'],
    ['inside knee', ['across'], 'inside knee is across'],
    ['his temper', ['aggressive'], 'his temper is aggressive'],
    ['he pushes', ['to the side'], 'he pushes to the side'],
    ['timing', ['late'], 'my timing is late'],
    ['timing', ['his hook is already deep'], 'his hook is already deep'],
    ['his feet', ['off the mat'], 'his feet are off the mat'],
    ['his far arm', ['framing'], 'his far arm is framing'],
    ['his weight', ['on his hands'], 'his weight is on his hands'],
    ['posture', ['passes forward'], 'posture passes forward'],
    ['grip cross', ['deep'], 'grip cross is deep'],
    ['near arm', ['frames'], 'near arm frames'],
    ['near arm', ['is under mine'], 'near arm is under mine'],
    ['his arms', ['frames'], 'his arms are frames'],
  ])('%s: %s', (name, values, said) => expect(sayCueClause(name, values)).toBe(said));
});

describe('what he does within a sentence', () => {
  it.each([
    ['frames on the neck', 'he frames on the neck'],
    ['his hips rise', 'his hips rise'],
    ['free leg comes over', 'his free leg comes over'],
    ['the hook comes out', 'the hook comes out'],
    ['inverts', 'he inverts'],
    ['inside hook comes in', 'his inside hook comes in'],
  ])('%s', (typed, said) => expect(sayHeClause(typed)).toBe(said));
});
