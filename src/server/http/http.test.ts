import { afterEach, describe, expect, it, vi } from 'vitest';
import { z } from 'zod';
import { log } from '../log';
import { readJson } from './readJson';
import { readBody, respond } from './respond';

const schema = z.strictObject({ minutes: z.number().max(90) });
const request = (body: BodyInit | null): Request => new Request('http://127.0.0.1/', { method: 'POST', body });
async function refusal(body: BodyInit): Promise<[number, string]> {
  const read = await readJson(request(body), schema);
  if (read.ok) throw new Error('was taken');
  return [read.error.status, ((await read.error.json()) as { problems: string[] }).problems.join(' ')];
}

describe('what a route reads', () => {
  it('takes what has the form', async () => {
    expect(await readJson(request('{"minutes": 60}'), schema)).toEqual({ ok: true, value: { minutes: 60 } });
  });
  it('refuses everything else with a sentence that names the place', async () => {
    expect(await refusal('{')).toEqual([400, expect.stringContaining('not readable JSON')]);
    expect(await refusal('')).toEqual([400, expect.stringContaining('not readable JSON')]);
    expect(await refusal(new Uint8Array([0xff, 0xfe, 0x00]))).toEqual([400, expect.stringContaining('not readable JSON')]);
    expect(await refusal('['.repeat(50_000))).toEqual([400, expect.stringContaining('nested too deeply')]);
    expect(await refusal('{"minutes": 900}')).toEqual([400, expect.stringMatching(/^minutes: .*Nothing was saved\.$/)]);
    expect(await refusal('{"minutes": 60, "__proto__": {"admin": true}}')).toEqual([400, expect.stringContaining('Nothing was saved')]);
    expect(await refusal('[]')).toEqual([400, expect.stringContaining('request: ')]);
  });
  it('stops reading at the limit, whatever the length was said to be', async () => {
    const endless = new ReadableStream<Uint8Array>({ pull: (stream) => stream.enqueue(new Uint8Array(1024)) });
    const lying = new Request('http://127.0.0.1/', { method: 'POST', body: endless, duplex: 'half' } as RequestInit);
    expect(await readBody(lying, 10_000)).toBeNull();
    expect(await readBody(request('x'.repeat(11)), 10)).toBeNull();
    expect(await readBody(request('x'.repeat(10)), 10)).toBe('x'.repeat(10));
  });
});

describe('what a route answers when something breaks', () => {
  afterEach(() => vi.restoreAllMocks());
  const broken = async (error: unknown): Promise<[number, string]> => {
    const logged = vi.spyOn(log, 'error').mockReturnValue(undefined);
    const response = await respond('test', () => Promise.reject(error));
    expect(logged).toHaveBeenCalledOnce();
    logged.mockRestore();
    return [response.status, ((await response.json()) as { problems: string[] }).problems.join(' ')];
  };
  it('says what happened to the edits, and never shows the error itself', async () => {
    expect(await broken(Object.assign(new Error('no space left on device'), { code: '53100' }))).toEqual([
      507,
      expect.stringContaining('disk is full'),
    ]);
    expect(await broken(Object.assign(new Error('connect'), { code: 'ECONNREFUSED' }))).toEqual([
      503,
      expect.stringContaining('does not answer'),
    ]);
    expect(await broken(Object.assign(new Error('shutdown'), { code: '57P01' }))).toEqual([
      503,
      expect.stringContaining('still in this window'),
    ]);
    const [status, sentence] = await broken(new Error('secret at line 7'));
    expect(status).toBe(500);
    expect(sentence).not.toContain('secret');
  });
  it('passes a good answer on', async () => {
    vi.spyOn(log, 'info').mockReturnValue(undefined);
    expect((await respond('test', async () => Response.json({ fine: true }))).status).toBe(200);
  });
});
