import { describe, expect, it } from 'vitest';
import { findCandidates, placeOf } from '@/core/catalogue';
import { pocketOf } from '@/core/pocket';
import { checkTree, type TreeDocument } from '@/core/tree';
import { demoTree } from '../../../demo/demoTree';
import { hostileTree } from '../../../tests/support/hostileTree';
import { mine, his, position, reaction, tree } from '../../../tests/support/smallTree';
import { rankPlaces } from './app';
import { pocketPage, POCKET_MAX_BYTES } from './page';

const page = (doc: TreeDocument) => pocketPage(pocketOf(doc, {}, '2026-11-26')).html;

describe('a tree for the pocket', () => {
  const doc = tree(
    [
      position('guard', { name: 'Guard', reads: reaction('frames', 'turns'), hazards: ['Mind the knee.'] }),
      position('pin', { name: 'Pin', ends: 'settled', checkpoints: ['hip blocked'] }),
      position('swept', { name: 'Swept', ends: 'swept' }),
      position('nowhere', { name: 'Nowhere' }),
      position('later', { name: 'Later' }),
    ],
    [
      mine('cut', 'guard', 'pin', { when: { he: ['frames'] }, reason: 'it is short' }),
      his('sweep', 'guard', 'swept', { when: { he: ['turns'] } }),
      mine('soon', 'guard', 'later', { announced: true }),
    ],
  );
  it('holds what is reached and taught, in sentences, with who it is for and when', () => {
    const pocket = pocketOf(doc, {}, '2026-11-26');
    expect(pocket.places.map(({ name }) => name)).toEqual(['Guard', 'Pin', 'Swept']);
    expect(pocket).toMatchObject({ forWhom: 'The whole tree.', madeOn: '2026-11-26', starts: [0] });
    expect(pocket.places[0]!.shows).toEqual([
      { says: 'he frames', answers: [{ says: 'I cut', notes: ['why: it is short'], to: [1] }], falls: [] },
      { says: 'he turns', answers: [], falls: [{ says: 'he sweep', notes: [], to: [2] }] },
    ]);
    expect(pocket.places[1]!.says).toEqual(['The climb ends here: settled.', 'Settled when: hip blocked.']);
    expect(pocketOf(demoTree(), { context: 'noGi' }, '2026-11-26').forWhom).toBe('No-gi.');
  });
  it('reads as sentences without a script, asks nobody for anything, and is small', () => {
    const html = page(demoTree());
    expect(new TextEncoder().encode(html).length).toBeLessThan(POCKET_MAX_BYTES / 2);
    expect(html).toContain("default-src 'none'");
    expect(html.replace(/<script[^]*?<\/script>/g, '')).not.toMatch(/https?:|src=|@import|url\(/);
    expect(html).toContain('No answer yet.');
    for (const { name } of demoTree().positions.slice(0, 5)) expect(html).toContain(name);
  });
  it('no words become a tag, in the sentences or in the data', () => {
    const words = '</script><img src=x onerror=alert(1)> & "quoted"';
    const html = page(
      tree(
        [
          position('a', {
            name: words,
            notes: words,
            reads: [{ ...reaction('x')[0]!, values: [{ id: 'x', name: words, kind: 'frame' }] }],
          }),
        ],
        [],
      ),
    );
    expect(html.match(/<script/g)).toHaveLength(2);
    expect(html).not.toContain('<img src=x');
    const data = JSON.parse(/id="pocket">([^]*?)<\/script>/.exec(html)![1]!) as { places: { name: string }[] };
    expect(data.places[0]!.name).toBe(words);
    expect(checkTree(hostileTree()).ok && page(hostileTree()).length).toBeGreaterThan(1000);
  });
  it('takes pictures in as long as there is room, and says how many it left out', () => {
    const shown = (id: string, hash: string) => position(id, { pictures: [{ hash, caption: id, quarterTurns: 1, mirrored: true }] });
    const two = tree([shown('a', 'h1'), shown('b', 'h2')], [mine('x', 'a', 'b')]);
    const picture = (hash: string, size: number) => ({ hash, source: `data:image/png;base64,${'A'.repeat(size)}` });
    const pocket = pocketOf(two, {}, '2026-11-26');
    expect(pocketPage(pocket).leftOut).toBe(0);
    const some = pocketPage(pocket, [picture('h1', 300_000), picture('h2', 300_000)]);
    expect(some.leftOut).toBe(1);
    expect(some.html).toContain('1 picture found no room.');
    expect(some.html.length).toBeLessThan(POCKET_MAX_BYTES);
    expect(some.html).toContain('transform:scaleX(-1) rotate(90deg)');
  });
  it('its finder puts first what the finder of the program puts first, wherever nothing contradicts', () => {
    const places = demoTree().positions.map(placeOf);
    for (const place of places.filter(({ signs }) => signs.length > 0)) {
      const [best] = rankPlaces(
        places.map(({ signs }) => signs),
        place.signs,
      );
      const [first] = findCandidates(places, { signs: place.signs });
      expect(best!.met).toBe(first!.matches);
    }
  });
});
