import { NextRequest } from 'next/server';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { proxy } from './proxy';

afterEach(() => vi.unstubAllEnvs());
function statusOn(port: string | undefined, headers: Record<string, string>, path = '/files'): number {
  vi.stubEnv('RED_LADDER_PORT', port);
  return proxy(new NextRequest(`http://127.0.0.1${path}`, { headers })).status;
}

describe('who is answered', () => {
  it('is who asks for this server under its own port', () => {
    for (const host of ['127.0.0.1:4320', 'localhost:4320', '[::1]:4320']) expect(statusOn('4320', { host })).toBe(200);
    expect(statusOn(undefined, { host: '127.0.0.1:4310' })).toBe(200);
    expect(statusOn('4320', { host: '127.0.0.1' })).toBe(403);
    expect(statusOn('4320', { host: '127.0.0.1:4310' })).toBe(403);
  });
  it('on port 80, which no browser says, needs no port', () => {
    for (const host of ['127.0.0.1', 'localhost', '127.0.0.1:80']) {
      expect(statusOn('80', { host, origin: 'http://127.0.0.1' })).toBe(200);
    }
    expect(statusOn('80', { host: '127.0.0.1:4310' })).toBe(403);
  });
  it('is no page from elsewhere, whatever it calls this server', () => {
    expect(statusOn('4320', { host: 'coach.example:4320' })).toBe(403);
    expect(statusOn('4320', { host: '127.0.0.1:4320', origin: 'http://coach.example' })).toBe(403);
    expect(statusOn('4320', { host: '127.0.0.1:4320', origin: 'null' })).toBe(403);
    const cross = { host: '127.0.0.1:4320', 'sec-fetch-site': 'cross-site' };
    expect(statusOn('4320', { ...cross, 'sec-fetch-mode': 'no-cors' })).toBe(403);
    expect(statusOn('4320', { ...cross, 'sec-fetch-mode': 'navigate' })).toBe(200);
  });
  it('is told when an address stands for nothing', () => {
    expect(statusOn('4320', { host: '127.0.0.1:4320' }, '/board/50%')).toBe(400);
  });
});

it('every answer forbids what a page of ours does not need', () => {
  vi.stubEnv('RED_LADDER_PORT', '4320');
  const first = proxy(new NextRequest('http://127.0.0.1/files', { headers: { host: '127.0.0.1:4320' } })).headers;
  const second = proxy(new NextRequest('http://127.0.0.1/files', { headers: { host: '127.0.0.1:4320' } })).headers;
  expect(first.get('content-security-policy')).toMatch(/default-src 'self'; script-src 'self' 'nonce-[\w+/=]+' 'wasm-unsafe-eval';/);
  expect(first.get('content-security-policy')).not.toBe(second.get('content-security-policy'));
  expect(first.get('x-frame-options')).toBe('DENY');
});
