import { once } from '../base';
import type { Contact } from '../tree';
import { getLimbNames, getTargets, parseContact, sayLimb, sayTarget, limbKey } from '../contacts';

/** Targets as they are typed: cloth and parts, near and far where they have sides. */
const getTargetWords = once((): string[] => {
  const { middle, sided, garment } = getTargets();
  const isMiddle = (part: string): boolean => middle.includes(part);
  const spots = garment.flatMap(({ spot, part }) => (isMiddle(part) && !/lapel/.test(spot) ? [spot] : [`far ${spot}`, `near ${spot}`]));
  const sides = sided.flatMap((name) => [`far ${name}`, `near ${name}`]);
  const all = [...sides, ...spots, ...middle, ...sided.map((name) => `own ${name}`), 'mat'];
  return [...COMMON, ...all.filter((words) => !COMMON.includes(words))];
});
/** What is held most, first. */
const COMMON = [
  'far wrist',
  'near wrist',
  'far lapel',
  'far sleeve cuff',
  'near knee',
  'far knee',
  'near ankle',
  'far ankle',
  'far hip',
  'near hip',
  'collar',
  'far shoulder',
  'near shoulder',
  'head',
  'chest',
  'hips',
  'mat',
];
/** The limbs that hold most, first. */
const FIRST = [
  'left hand',
  'right hand',
  'left forearm',
  'right forearm',
  'left knee',
  'right knee',
  'left shin',
  'right shin',
  'left shoulder',
  'right shoulder',
  'head',
  'chest',
  'left foot',
  'right foot',
  'left elbow',
  'right elbow',
  'hips',
];
const getLimbWords = once(() => [...FIRST, ...getLimbNames().filter((name) => !FIRST.includes(name))]);

/** All words of `typed` begin words of `name`, in their order; the better the earlier they begin. -1 = not. */
function matchAt(name: string, typed: string): number {
  const words = name.split(' ');
  let at = 0;
  let first = -1;
  for (const part of typed.split(' ').filter((word) => word !== '')) {
    const found = words.findIndex((word, i) => i >= at && word.startsWith(part));
    if (found < 0) return -1;
    if (first < 0) first = found;
    at = found + 1;
  }
  return Math.max(first, 0);
}

function best(names: readonly string[], typed: string, limit: number): string[] {
  return names
    .map((name) => ({ name, at: matchAt(name, typed) }))
    .filter(({ at }) => at >= 0)
    .toSorted((a, b) => a.at - b.at)
    .slice(0, limit)
    .map(({ name }) => name);
}

/**
 * What the last item of a typed line could become, as whole lines: first the limb, then what it holds, "free" where it holds
 * something now. At most `limit`; the first fits best. Nothing for a line that has gone on to "to …", ": …" or "( … )".
 */
export function suggestLines(typed: string, now: readonly Contact[], limit = 8): string[] {
  const cut = typed.lastIndexOf(',') + 1;
  const [before, raw] = [typed.slice(0, cut), typed.slice(cut).replace(/^\s+/, '')];
  const lead = before === '' ? '' : `${before.trimEnd()} `;
  const item = raw.toLowerCase();
  if (/[:([]| to /.test(item)) return [];
  const whose = /^(his )/.exec(item)?.[1] ?? '';
  const words = item.slice(whose.length).replace(/^my /, '');
  const limb = getLimbWords().find((name) => words.startsWith(`${name} `));
  if (limb === undefined) {
    const his = 'his'.startsWith(item) && item !== '' ? ['his left hand ', 'his right hand '] : [];
    return [...his, ...best(getLimbWords(), words, limit).map((name) => `${whose}${name} `)]
      .slice(0, limit)
      .map((line) => `${lead}${line}`);
  }
  const rest = words.slice(limb.length + 1).replace(/^also /, '');
  const also = / also /.test(item) ? 'also ' : '';
  const [, chosen = '', open = rest] = /^(.* or )(.*)$/.exec(rest) ?? [];
  const held = now.find((contact) => sayLimb(contact) === `${whose}${limb}`);
  const known = held && also === '' ? ['free'] : [];
  const others = now.filter((contact) => held && limbKey(contact) !== limbKey(held)).map(sayTarget);
  const across = /^(left|right) /.test(limb) ? getTargets().sided.flatMap((name) => [`same-side ${name}`, `other-side ${name}`]) : [];
  const names = [...known, ...new Set([...getTargetWords(), ...others, ...across])];
  const lines = best(names, open, limit + 1).map((name) => `${whose}${limb} ${also}${chosen}${name}`);
  return lines
    .filter((line) => line !== item.trimEnd() || !parseContact(line).ok)
    .slice(0, limit)
    .map((line) => `${lead}${line}`);
}
