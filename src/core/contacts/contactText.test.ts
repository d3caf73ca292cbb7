import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Contact } from '../tree';
import { findUnknownSpots, getTargets, parseContact, parseContacts, sayContact } from './contactText';

const taken = (text: string): Contact => {
  const parsed = parseContact(text);
  if (!parsed.ok) throw new Error(parsed.error);
  return parsed.value;
};

describe('what can be held', () => {
  it('is at least sixty targets, none twice, every garment spot over a known part', () => {
    const { middle, sided, garment } = getTargets();
    const all = [...middle, ...sided, ...garment.map((item) => item.spot)];
    expect(new Set(all).size).toBe(all.length);
    expect(all.length).toBeGreaterThanOrEqual(60);
    for (const { part, without } of garment)
      for (const name of [part, without]) if (name !== null) expect([...middle, ...sided]).toContain(name);
  });
});

describe('a contact as it is typed', () => {
  it('limb, near or far, spot, inside or outside', () => {
    expect(taken('right hand far lapel')).toEqual({
      athlete: 'owner',
      part: 'rightHand',
      target: { athlete: 'opponent', part: 'chest', spot: 'lapel', side: 'far' },
    });
    expect(taken('his left foot near hip')).toEqual({
      athlete: 'opponent',
      part: 'leftFoot',
      target: { athlete: 'owner', part: 'hip', side: 'near' },
    });
    expect(taken('Right hand  own thigh'.toLowerCase())).toMatchObject({ target: { athlete: 'owner', part: 'thigh' } });
    expect(taken('left knee mat beside the hip')).toMatchObject({ target: { athlete: 'mat', spot: 'beside the hip' } });
  });
  it('same side and other side are told from the limb: he faces me', () => {
    expect(taken('left hand same-side knee outside').target).toEqual({
      athlete: 'opponent',
      part: 'knee',
      side: 'right',
      surface: 'outside',
    });
    expect(taken('left hand other-side knee').target.side).toBe('left');
  });
  it('where it is carried, its job, how, and its bundle', () => {
    expect(taken('right hand sleeve cuff to my hip: pin (thumb in) [both sleeves]')).toMatchObject({
      at: 'my hip',
      job: 'pin',
      quality: 'thumb in',
      bundle: 'both sleeves',
      target: { part: 'wrist', spot: 'sleeve cuff' },
    });
  });
  it('several in one line; what is not understood is a sentence that repeats it', () => {
    const both = parseContacts('right hand far lapel, left hand same-side knee outside,');
    expect(both.ok && both.value.map((contact) => contact.part)).toEqual(['rightHand', 'leftHand']);
    const wrong = parseContacts('wing far lapel, left hand, right hand far lapel: juggle');
    expect(wrong.ok ? [] : wrong.error).toEqual([
      expect.stringContaining('“wing far lapel”: begin with what holds'),
      expect.stringContaining('“left hand”: say what it holds'),
      expect.stringContaining('“juggle” is no job of a hold'),
    ]);
  });
  it('an unknown spot is kept and named', () => {
    const contact = taken('right hand far feather');
    expect(findUnknownSpots([contact, taken('right hand far lapel'), taken('head mat')])).toEqual([{ contact, word: 'feather' }]);
  });
  it('comes back as it was said, whatever it is', () => {
    const { middle, sided, garment } = getTargets();
    const limbs = [...middle, ...sided.flatMap((name) => ['left', 'right'].map((side) => `${side} ${name}`))];
    const maybe = (values: readonly string[]) => fc.option(fc.constantFrom(...values), { nil: '' });
    const spots = [...middle, ...sided, ...garment.map((item) => item.spot)];
    fc.assert(
      fc.property(
        fc.boolean(),
        fc.constantFrom(...limbs),
        maybe(['own']),
        maybe(['near', 'far', 'left', 'right']),
        fc.constantFrom(...spots),
        maybe(['inside', 'outside']),
        maybe([' to my chest', ': hook', ' (loose)', ' [pair]', ' or far collar', ' or neck or own thigh: grip']),
        (isHis, limb, own, side, spot, surface, tail) => {
          const text = `${[isHis ? 'his' : '', limb, own, side, spot, surface].filter((word) => word !== '').join(' ')}${tail}`;
          expect(sayContact(taken(text))).toBe(text);
          expect(taken(sayContact(taken(text)))).toEqual(taken(text));
        },
      ),
      { numRuns: 500, seed: 43 },
    );
  });
  it.each([
    ['right forearm across his hip', 'right forearm across hip'],
    ['left hand far wrist: push', 'left hand far wrist: push'],
    ['his right hand waistband', 'his right hand waistband'],
    ['right forearm across far hip', 'right forearm across far hip'],
    ['left hand his far knee', 'left hand far knee'],
    ['his left hand my near ankle', 'his left hand near ankle'],
    ['his left hand his own knee', null],
    ['left hand waistband', 'left hand waistband'],
    ['left arm far leg', 'left arm far leg'],
    ['either hand far arm', 'either hand far arm'],
    ['his either hand either side ankle', 'his either hand ankle'],
  ])('%s is known, and read back', (typed, said) => {
    const parsed = parseContact(typed);
    if (said === null) return expect(parsed.ok && findUnknownSpots([parsed.value]).length).toBe(1);
    expect(parsed.ok && sayContact(parsed.value)).toBe(said);
    expect(parsed.ok && findUnknownSpots([parsed.value])).toEqual([]);
    expect(parseContact(said)).toEqual(parsed);
  });
});
