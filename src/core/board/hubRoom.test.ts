import { describe, expect, it } from 'vitest';
import { seededRandom } from '../base';
import { LINES, type Position, type Transition, type TreeDocument } from '../tree';
import { his, mine, position, tree } from '../../../tests/support/smallTree';
import { layoutHub, type HubLayout } from './layoutHub';
import { textWidth } from './measure';

interface Box {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}
const box = (text: string, x: number, y: number, size: number, isEnd = false): Box => {
  const w = textWidth(text, size);
  return { text, x: isEnd ? x - w : x, y: y - size * 0.72, w, h: size * 0.78 };
};
const lines = (words: readonly string[], x: number, y: number, size = 13.5, step = 15): Box[] =>
  words.map((text, i) => box(text, x, y + step * i, size));

/** All words of a hub as it is drawn. */
function boxesOf({ plankY, sections, answers, entries }: HubLayout): Box[] {
  return [
    ...answers.flatMap(({ words, reason, wordsX, wordsY, x, y, name, next, stays }) => [
      ...lines(words, wordsX, wordsY),
      ...lines(reason, wordsX, wordsY + words.length * 15, 12),
      ...(stays ? [] : [...lines(name, x + 16, y + 21), ...lines(next, x + 6, y - 8 - (next.length - 1) * 14, 12, 14)]),
    ]),
    ...sections.flatMap(({ section, x, width, words, falls }) => [
      ...lines([...words, 'sometimes', '100 in 100'], x + 5, plankY + 49, 13),
      ...falls.map((fall) => box(fall.name, fall.x - 10, fall.y + 1, 13.5, true)),
      ...(section.broken ? [box('no answer yet', x + width / 2 - textWidth('no answer yet', 13.5) / 2, plankY - 14, 13.5)] : []),
    ]),
    ...entries.flatMap((entry) => [...lines(entry.words, entry.x + 7, entry.y - 22), ...lines(entry.name, entry.x, entry.y + 20)]),
  ].filter(({ text }) => text !== '');
}
const overlap = (a: Box, b: Box): boolean =>
  a.x < b.x + b.w - 0.5 && b.x < a.x + a.w - 0.5 && a.y < b.y + b.h - 0.5 && b.y < a.y + a.h - 0.5;

const WORDS = ['frames', 'turns away', 'knee', 'over the far leg', 'pummels', 'underhook', 'sits up', 'inside', 'hips low', 'shoulder'];
/** A hub with this many shows, some answered several times, landings at every height and at the back, falls, ways in. */
function hubOf(seed: number, shows: number, long: boolean): TreeDocument {
  const random = seededRandom(seed);
  // A low hub has lines above it that no answer crosses.
  const highest = 1 + (seed % 5);
  const pick = <T>(items: readonly T[]): T => items[Math.floor(random() * items.length)]!;
  const name = (): string => Array.from({ length: long ? 14 : 1 + Math.floor(random() * 4) }, () => pick(WORDS)).join(' ');
  const values = Array.from({ length: shows }, (_, i) => ({ id: `v${i}`, name: name(), kind: 'frame' as const }));
  const landings = Array.from({ length: 10 }, (_, i): Position => {
    const isBack = random() < 0.25;
    return position(`l${i}`, {
      name: name(),
      family: isBack ? 'back' : 'transit',
      lines: LINES.slice(0, 1 + Math.floor(random() * highest)),
    });
  });
  const moves = values.flatMap(({ id }): Transition[] => [
    ...Array.from({ length: Math.floor(random() * 3) }, (_, n) =>
      mine(`${id}m${n}`, 'hub', pick(landings).id, { name: name(), when: { he: [id] }, ...(random() < 0.3 ? { reason: name() } : {}) }),
    ),
    ...(random() < 0.4 ? [his(`${id}f`, 'hub', pick(landings).id, { name: name(), when: { he: [id] } })] : []),
  ]);
  const onward = landings.flatMap(({ id }, i) =>
    Array.from({ length: i % 4 }, (_, n) => mine(`${id}o${n}`, id, `l${(i + n + 1) % 10}`, { name: name() })),
  );
  const into = Array.from({ length: 6 }, (_, i) => mine(`in${i}`, `l${i}`, 'hub', { name: name() }));
  const hub = position('hub', {
    name: name(),
    family: 'hub',
    lines: ['feet'],
    reads: [{ id: 'he', name: 'he …', kind: 'reaction', values }],
  });
  return tree([hub, ...landings], [...moves, ...onward, ...into]);
}

describe('a hub with many shows', () => {
  it.each([4, 8, 14, 24])('%d: no word lies on another, and all of them in the drawing', (shows) => {
    const wrong: string[] = [];
    for (let seed = 1; seed <= 30; seed++)
      for (const long of [false, true]) {
        const hub = layoutHub(hubOf(seed * 100 + shows, shows, long), 'hub', { width: 390, height: 500 });
        const boxes = boxesOf(hub);
        for (const [i, a] of boxes.entries()) {
          if (a.x < 0 || a.y < 0 || a.x + a.w > hub.width + 0.5 || a.y + a.h > hub.height) wrong.push(`${seed}: ${a.text} is outside`);
          for (const b of boxes.slice(i + 1)) if (overlap(a, b)) wrong.push(`${seed}: ${a.text} on ${b.text}`);
        }
      }
    expect(wrong).toEqual([]);
  });
});
