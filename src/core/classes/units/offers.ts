import { atOnce, type InPieces } from '../../base';
import { findGripFight } from '../../grips';
import { familyFacts, sharesOf, type Position, type TreeDocument } from '../../tree';
import { findBranches } from './branches';
import { unitKey, type UnitSpec } from './spec';
import { feederOf, loopsAfter, unitOf, type DrillUnit } from './units';

/** A chain longer than this is not learnt in one class. */
const MOST_MOVES = 3;

/** Between more shows than this nobody chooses in a first class. */
const MOST_SHOWS = 3;
/** The read of a place: of its answered shows those that come most often. */
function readOf(tree: TreeDocument, position: Position): UnitSpec {
  const whole = unitOf(tree, { kind: 'read', of: [position.id] });
  const shown = whole ? feederOf(whole).flatMap(({ show }) => show ?? []) : [];
  if (shown.length <= MOST_SHOWS) return { kind: 'read', of: [position.id] };
  const shares = new Map(position.reads.flatMap((read) => sharesOf(read)).map(({ value, share }) => [value, share]));
  const often = new Set(shown.toSorted((a, b) => (shares.get(b) ?? 0) - (shares.get(a) ?? 0)).slice(0, MOST_SHOWS));
  return { kind: 'read', of: [position.id, ...shown.filter((id) => often.has(id))] };
}

/** What can be drilled of a tree: every unit that its moves and places make, each once, in document order within a kind. */
export function* offersInPieces(tree: TreeDocument): InPieces<DrillUnit[]> {
  const own = tree.transitions.filter(({ actor }) => actor === 'owner');
  const taught = own.filter(({ announced }) => announced !== true);
  const starts = new Set(tree.starts.map(({ position }) => position));
  const fought = taught.filter(({ steps = [] }) => findGripFight(steps).swaps.length > 0);
  const isAtHub = tree.positions.filter(({ id, ends, family }) => !ends && (starts.has(id) || familyFacts(family).isHub));
  const specs: UnitSpec[] = [
    ...own.map(({ id }): UnitSpec => ({ kind: 'move', of: [id] })),
    ...fought.map(({ id }): UnitSpec => ({ kind: 'fight', of: [id] })),
    ...findBranches(tree).flatMap(({ branch }): UnitSpec[] =>
      [2, MOST_MOVES].filter((length) => branch.length >= length).map((length) => ({ kind: 'chain', of: branch.slice(0, length) })),
    ),
    ...taught.flatMap((move) => loopsAfter(tree, move)),
    ...tree.positions.filter(({ ends }) => !ends).map((position) => readOf(tree, position)),
    ...isAtHub.map(({ id }): UnitSpec => ({ kind: 'round', of: [id] })),
  ];
  const each = [...new Map(specs.map((spec) => [unitKey(spec), spec])).values()];
  const units: DrillUnit[] = [];
  for (const [i, spec] of each.entries()) {
    const unit = unitOf(tree, spec);
    if (unit) units.push(unit);
    if (i % 100 === 0) yield i / each.length;
  }
  return units;
}

/** The same at once. */
export const offersOf = (tree: TreeDocument): DrillUnit[] => atOnce(offersInPieces(tree));
