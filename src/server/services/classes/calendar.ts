import ical from 'ical-generator';
import { unitsOf } from '@/core/classes';
import { sayUnit } from '@/core/words';
import { findClasses } from './classes';
import type { Context } from '../context';
import { findTree } from '../trees';

const EVENING = '18:30';

/** The classes that have a day, as a calendar file: floating times, since a class is where the gym is. Null = no such tree. */
export async function calendarFile(context: Context, treeId: string): Promise<string | null> {
  const stored = await findTree(context, treeId);
  if (!stored) return null;
  const calendar = ical({ name: stored.tree.name, prodId: { company: 'Red Ladder', product: 'Red Ladder' } });
  for (const { plan } of await findClasses(context, treeId)) {
    if (plan.date === undefined) continue;
    const { units } = unitsOf(stored.tree, plan.units);
    const start = new Date(`${plan.date}T${plan.time ?? EVENING}:00`);
    calendar.createEvent({
      id: `${plan.id}@red-ladder`,
      start,
      end: new Date(start.getTime() + plan.slotMinutes * 60_000),
      stamp: start,
      floating: true,
      summary: plan.name,
      description: units.map((unit) => sayUnit(stored.tree, unit)).join('\n'),
    });
  }
  return calendar.toString();
}
