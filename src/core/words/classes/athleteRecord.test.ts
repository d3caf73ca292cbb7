import { describe, expect, it } from 'vitest';
import { demoAthletes, demoHeld } from '../../../../demo/demoPeople';
import { demoTree } from '../../../../demo/demoTree';
import { sayAthleteRecord } from './athleteRecord';

const tree = demoTree();
const TODAY = '2026-11-27';
const held = demoHeld(tree, TODAY);

describe('the record of somebody', () => {
  it('says what was taught, missed, and comes again', () => {
    for (const { id } of demoAthletes(TODAY)) {
      const [was, taught] = sayAthleteRecord(tree, held, id, TODAY);
      expect(was).toMatch(/^Was at \d+ of 16 classes, last on 2026-1[01]-\d\d\.$/);
      expect(taught).toMatch(/^Has been taught \d+ of \d+ moves(; \d+ of them are half forgotten)?\.$/);
    }
    const mistake = { transition: held[0]!.units[0]!.moves[0]!, error: 'head down', athlete: 'pia-holm' };
    const twice = held.map((item, i) => (i < 2 ? { ...item, mistakes: [mistake] } : item));
    expect(sayAthleteRecord(tree, twice, 'pia-holm', TODAY).at(-1)).toMatch(/^Comes again: head down \(I .+\), 2 times\.$/);
  });
  it('of who never came says what he missed; without a class there is no data', () => {
    expect(sayAthleteRecord(tree, held, 'nobody', TODAY)).toEqual([
      'Was at 0 of 16 classes.',
      expect.stringMatching(/^Has been taught 0 of/),
      expect.stringMatching(/^Missed, while others were taught it: .+ and \d+ more\.$/),
    ]);
    expect(sayAthleteRecord(tree, [], 'pia-holm', TODAY)).toEqual(['No class with names was written down yet: no data.']);
  });
});
