import { getTargets } from '../contacts';

/** What can hold and be held, for docs/tree-file.md: the parts of the body, and the spots of the garment with what serves without it. */
export function sayTargets(): string {
  const { middle, sided, garment } = getTargets();
  const spots = garment.map(
    ({ spot, part, without }) => `${spot} (${part}${without === null ? ', nothing' : without === part ? '' : `, ${without}`})`,
  );
  return [
    `Parts that come as left and right: ${sided.join(', ')}. In a rule or a grip set “either hand” is any of the two.`,
    `Parts that do not: ${middle.join(', ')}. A limb may also lie “across” a part.`,
    `Spots of the garment (where, and what serves without it if that is another part): ${spots.join(', ')}.`,
  ].join('\n\n');
}
