import { describe, expect, it } from 'vitest';
import { WHO_COOKIE, whoFrom } from './whoName';

const cookie = (name: string): string => `other=1; ${WHO_COOKIE}=${encodeURIComponent(name)}; more=2`;

describe('who a browser says it is', () => {
  it('is read from its cookie, letters of any alphabet and signs of the cookie syntax too', () => {
    expect(whoFrom(cookie('Ilse Brandt'))).toBe('Ilse Brandt');
    expect(whoFrom(cookie(' Øyvind; = Ж '))).toBe('Øyvind; = Ж');
  });
  it('is nobody when it is missing, empty, too long, markup or broken', () => {
    for (const header of [null, '', 'x=1', cookie(' '), cookie('a'.repeat(81)), cookie('<b>me'), `${WHO_COOKIE}=%E0%A4%A`])
      expect(whoFrom(header)).toBeNull();
  });
});
