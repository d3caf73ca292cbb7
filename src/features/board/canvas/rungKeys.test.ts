import { describe, expect, it } from 'vitest';
import { layoutBoard } from '@/core/board';
import { demoTree } from '../../../../demo/demoTree';
import { caretAt, stepOnRung } from './rungKeys';

describe('the keys on a rung', () => {
  const layout = layoutBoard(demoTree(), { grid: { columns: 8, rungWidth: 85 } });
  const placed = (id: string) => layout.rungs.find((item) => item.rung.id === id)!;
  const sectionOf = (id: string, value: string): number => placed(id).sections.findIndex((item) => item.section.value === value);
  const press = (key: string, id: string, section = 0, selected: string | null = id) =>
    stepOnRung(layout, placed(id), { selected, section }, key);

  it('up follows the answer, down the fall, of the section in hand', () => {
    expect(press('ArrowUp', 'spider', sectionOf('spider', 'sp-extends'))).toEqual({ to: 'focus', rung: 'biceps-cleared', section: 0 });
    expect(press('ArrowDown', 'lasso', sectionOf('lasso', 'la-spins'))).toEqual({ to: 'focus', rung: 'swept', section: 0 });
  });
  it('right walks the sections, then on to the first of the next rung; left comes back to the last', () => {
    const last = placed('spider').sections.length - 1;
    expect(press('ArrowRight', 'spider', 0)).toEqual({ to: 'focus', rung: 'spider', section: 1 });
    expect(press('ArrowRight', 'spider', last)).toEqual({ to: 'focus', rung: 'lasso', section: 0 });
    expect(press('ArrowLeft', 'lasso', 0)).toEqual({ to: 'focus', rung: 'spider', section: last });
    // A rung that is not the chosen one is entered at its first section, whatever section the other was at.
    expect(press('ArrowRight', 'spider', last, 'lasso')).toEqual({ to: 'focus', rung: 'spider', section: 1 });
  });
  it('Enter chooses, then opens what is broken, then asks for another show', () => {
    const broken = layout.rungs.find((item) => item.sections.some(({ section }) => section.broken))!;
    const at = broken.sections.findIndex(({ section }) => section.broken);
    const whole = broken.sections.findIndex(({ section }) => !section.broken);
    const { id } = broken.rung;
    expect(press('Enter', id, at, null)).toEqual({ to: 'select', rung: id });
    expect(press('Enter', id, at)).toEqual({ to: 'open', rung: id, section: at });
    expect(press('Enter', id, whole < 0 ? 99 : whole)).toEqual({ to: 'newShow', rung: id });
  });
  it('Escape leaves; other keys are nobody’s here', () => {
    expect(press('Escape', 'spider')).toEqual({ to: 'leave' });
    for (const key of ['a', 'Tab', 'PageDown', ' ']) expect(press(key, 'spider')).toBeNull();
  });
  it('every rung can be left upwards or downwards, and no key leads nowhere', () => {
    const ids = new Set(layout.rungs.map((item) => item.rung.id));
    for (const { rung, sections } of layout.rungs)
      for (const key of ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight'])
        for (let section = 0; section < Math.max(1, sections.length); section++) {
          const step = press(key, rung.id, section);
          if (step) expect([step.to, 'rung' in step && ids.has(step.rung)]).toEqual(['focus', true]);
        }
  });
  it('a section opens its answer; one of nothing special what else he shows', () => {
    const { section } = placed('spider').sections[sectionOf('spider', 'sp-extends')]!;
    expect(caretAt('spider', section)).toMatchObject({ kind: 'answer', position: 'spider', value: 'sp-extends' });
    expect(caretAt('spider', undefined)).toEqual({ kind: 'value', position: 'spider' });
  });
});
