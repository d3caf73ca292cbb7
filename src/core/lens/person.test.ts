import { describe, expect, it } from 'vitest';
import { firstPerson, otherDoing, otherPerson, thirdPerson } from './person';

describe('verbs', () => {
  it('get the ending of the third person, and lose it', () => {
    for (const [first, third] of [
      ['cut', 'cuts'],
      ['push', 'pushes'],
      ['pass', 'passes'],
      ['carry', 'carries'],
      ['stay', 'stays'],
      ['go', 'goes'],
      ['have', 'has'],
      ['am', 'is'],
      ['tie', 'ties'],
      ['catch', 'catches'],
      ['release', 'releases'],
      ['re-guard', 're-guards'],
    ] as const) {
      expect(thirdPerson(first)).toBe(third);
      expect(firstPerson(third)).toBe(first);
    }
  });
});

describe('what the other does, as he says it', () => {
  it('has the right person, in the verb, in what is joined to it, and in whose body it is', () => {
    for (const [mine, his] of [
      ['I cut the knee across', 'he cuts the knee across'],
      ['I meet him and lock the hips', 'he meets me and locks the hips'],
      ['I always step over his leg', 'he always steps over my leg'],
      ['I have the leg', 'he has the leg'],
      ['I am turtled', 'he is turtled'],
      ['I cannot turn in', 'he cannot turn in'],
    ] as const) {
      expect(otherDoing(mine, 'I')).toBe(his);
      expect(otherDoing(his, 'he')).toBe(mine);
    }
    expect(otherDoing('frames on my hips', 'he')).toBe('I frame on his hips');
    expect(otherDoing('step over the spin', 'I')).toBe('he steps over the spin');
    expect(otherDoing('he lets go and stands off', 'he')).toBe('I let go and stand off');
    expect(otherDoing('he comes up behind me', 'he')).toBe('I come up behind him');
  });
  it('leaves a name what it is, and whose body it is it says', () => {
    expect(otherDoing('Inside trip', 'I')).toBe('Inside trip');
    expect(otherDoing('knee cut', 'I')).toBe('knee cut');
    expect(otherDoing('his hips rise', 'he')).toBe('my hips rise');
    expect(otherPerson('His leg is trapped between mine')).toBe('My leg is trapped between his');
    expect(otherPerson('Half guard, I am below')).toBe('Half guard, he is below');
    expect(otherPerson('He stands, start again')).toBe('I stand, start again');
    expect(otherPerson('I am turtled')).toBe('He is turtled');
    expect(otherPerson('')).toBe('');
    expect(otherPerson('constructor 50% …')).toBe('constructor 50% …');
  });
});
