import { specOf, unitOf, type Drop, type DrillUnit, type OrderFinding } from '../../classes';
import type { TreeDocument } from '../../tree';
import { sayUnit } from './drills';

const quoted = (words: string): string => `“${words}”`;

/** What is wrong with the order or the resistance of a class, as a sentence; units that are not in it are named from the tree. */
export function sayOrderFinding(nameOf: (key: string) => string, finding: OrderFinding): string {
  const name = (key: string): string => quoted(nameOf(key));
  switch (finding.kind) {
    case 'brokenOrder':
      return `${name(finding.key)} comes before ${name(finding.needs)}, on which it builds.`;
    case 'missingPrerequisite':
      return `${name(finding.key)} builds on ${name(finding.needs)}, which is not in this class.`;
    case 'brokenPhase':
      return `${name(finding.key)} comes after ${name(finding.after)}: parts first, then together, then by cue, then rounds.`;
    case 'circle':
      return `${finding.keys.map(name).join(' and ')} each build on the other: none can come first.`;
    case 'fall':
      return `${name(finding.key)} is softer (${finding.to}\u00a0%) than ${name(finding.against)} before it (${finding.from}\u00a0%).`;
    case 'jump':
      return `Resistance rises too far at once: ${name(finding.against)} ${finding.from}\u00a0%, ${name(finding.key)} ${finding.to}\u00a0%.`;
    case 'stageFall':
      return `Within ${name(finding.key)} resistance falls from ${finding.from} to ${finding.to}\u00a0%.`;
    case 'stageJump':
      return `Within ${name(finding.key)} resistance rises from ${finding.from} to ${finding.to}\u00a0% at once.`;
    case 'overCap':
      return `${name(finding.key)} goes to ${finding.to}\u00a0%: more than ${finding.cap}\u00a0% is too much for this group.`;
  }
}

/** The name of a unit by its key, in the class or not. */
export const unitNamer =
  (tree: TreeDocument, units: readonly DrillUnit[]) =>
  (key: string): string => {
    const spec = specOf(key);
    const unit = units.find((item) => item.key === key) ?? (spec && unitOf(tree, spec));
    return unit ? sayUnit(tree, unit) : 'a unit that is gone';
  };

/** The drops of the same minutes, beside the one that is named. */
export const sayOtherDrops = (nameOf: (key: string) => string, { others }: Drop): string =>
  others.length === 0 ? '' : `As short: ${others.map((keys) => keys.map(nameOf).join(' and ')).join('; or ')}.`;
