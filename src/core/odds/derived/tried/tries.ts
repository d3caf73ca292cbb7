import {
  indexOf,
  type Position,
  type PositionId,
  type Read,
  type ReadId,
  type Transition,
  type TransitionId,
  type TreeDocument,
  type ValueId,
  isNothing,
  sharesOf,
  type ShownValue,
} from '../../../tree';
import { placeAt, type OddsModel, type Place } from '../../process/cells';
import type { Less } from '../../knowing';
import { hereOf, type Here, type Standing } from '../../process/here';
import type { Show } from '../../process/shows';

/** A place as it would be, made each time that it is asked for: of thousands tried a few are looked at more than once. */
interface Anew {
  /** Its state. */
  readonly at: number;
  readonly place: Place;
  /** It is the place as it is, but for what is gone; absent = something else. */
  readonly less?: Less;
}
/** One thing tried otherwise: the places that it makes anew. */
export type Tried = readonly Anew[];

/** A place that lacks some of the owner's moves. */
class WithoutRows implements Anew {
  readonly less: { readonly rows: Uint8Array };

  constructor(
    readonly at: number,
    private readonly whole: Place,
    gone: ReadonlySet<TransitionId>,
  ) {
    this.less = { rows: Uint8Array.from(whole.rows, (row) => Number(row !== null && gone.has(row.id))) };
  }
  get place(): Place {
    const kept = <T>(_: T, row: number): boolean => this.less.rows[row] === 0;
    const { rows, cells } = this.whole;
    return { ...this.whole, rows: rows.filter(kept), cells: cells.map((moments) => moments.map((list) => list.filter(kept))) };
  }
}

type Gone = readonly { readonly read: ReadId; readonly value: ValueId }[];

/** A place where some shows never come: its columns, each with what is left of its share. */
class WithoutShows implements Anew {
  constructor(
    readonly at: number,
    private readonly whole: Place,
    private readonly gone: Gone,
    readonly less: Required<Pick<Less, 'shares' | 'moments'>>,
  ) {}
  get place(): Place {
    const { columns, cells } = this.whole;
    const { shares, moments } = this.less;
    const kept = <T>(_: T, column: number): boolean => !Number.isNaN(shares[column]!);
    const keptMoment = <T>(_: T, moment: number): boolean => !Number.isNaN(moments[moment]!);
    const isGone = (read: ReadId, value: ShownValue): boolean => this.gone.some((show) => show.read === read && show.value === value);
    const left = (groups: Show['groups']): Show['groups'] =>
      groups.map((group) => ({ ...group, values: group.values.filter((value) => !isGone(group.read, value)) }));
    return {
      ...this.whole,
      columns: columns
        .map((column, c) => ({
          groups: left(column.groups),
          share: shares[c]!,
          moments: column.moments.map((moment, m) => ({ groups: left(moment.groups), share: moments[m]! })).filter(keptMoment),
        }))
        .filter(kept),
      cells: cells.filter(kept).map((list) => list.filter(keptMoment)),
    };
  }
}

/** A read some of whose values are gone: the share of each that is left, and of all of them together. */
interface Rest {
  readonly read: ReadId;
  readonly of: ReadonlyMap<ShownValue, number>;
  readonly all: number;
}
/** Null = the shows have to be found anew. */
function restOf(read: Read | undefined, gone: Gone): Rest | null {
  if (!read) return null;
  const of = new Map<ShownValue, number>();
  for (const { value, share } of sharesOf(read)) of.set(value, share);
  for (const { read: id, value } of gone) if (id === read.id) of.delete(value);
  if (read.values.some((value) => isNothing(value) && !of.has(value.id))) return null;
  let all = 0;
  for (const share of of.values()) all += share;
  return all < 1e-9 ? null : { read: read.id, of, all };
}
/** Of a show: what is left of its share; NaN = nothing of one of its groups. */
function shareLeft({ groups }: Show, rests: readonly Rest[]): number {
  let share = 1;
  for (const group of groups) {
    const rest = rests.find(({ read }) => read === group.read);
    let left = rest ? Number.NaN : group.share;
    if (rest)
      for (const value of group.values) {
        const its = rest.of.get(value);
        if (its !== undefined) left = (Number.isNaN(left) ? 0 : left) + its / rest.all;
      }
    share *= left;
  }
  return share;
}
/** What is left of the share of each column and moment (NaN = nothing); null = the shows have to be found anew. */
function sharesWithout({ position, columns }: Place, gone: Gone): WithoutShows['less'] | null {
  const rests: Rest[] = [];
  for (const id of new Set(gone.map(({ read }) => read))) {
    const rest = restOf(
      position.reads.find((read) => read.id === id),
      gone,
    );
    if (!rest) return null;
    rests.push(rest);
  }
  const moments = columns[0]?.moments ?? [];
  const of = (shows: readonly Show[]): Float64Array => new Float64Array(shows.map((show) => shareLeft(show, rests)));
  return { shares: of(columns), moments: of(moments) };
}

/** A read without some of its values: the shares of the others are divided by what is left of them; all 0 = equal. */
function readWithout(read: Read, gone: ReadonlySet<ValueId>): Read {
  const shares = sharesOf(read).filter(({ value }) => value === null || !gone.has(value));
  const left = shares.reduce((sum, { share }) => sum + share, 0);
  const shareOf = new Map(shares.map(({ value, share }) => [value, left > 0 ? share / left : 1 / shares.length]));
  return {
    ...read,
    values: read.values.filter(({ id }) => !gone.has(id)).map((value) => ({ ...value, share: shareOf.get(value.id)! })),
  };
}

/** A position as if some values were never shown; a read that has none left names nothing any more. */
export function withoutValues(position: Position, gone: Gone): Position {
  return {
    ...position,
    reads: position.reads.map((read) => {
      const values = gone.filter((show) => show.read === read.id).map(({ value }) => value);
      return values.length > 0 ? readWithout(read, new Set(values)) : read;
    }),
  };
}

/** What can be tried of a tree, with what was found once on it left as it is. */
export class Tries {
  private readonly here: Here;
  private readonly from: ReadonlyMap<PositionId, readonly Transition[]>;

  constructor(
    private readonly tree: TreeDocument,
    private readonly model: OddsModel,
    standing: Standing,
  ) {
    this.here = hereOf(tree, standing, model.objective);
    this.from = indexOf(tree).from;
  }

  /** The place with something else drawn there, or other ways out of it. */
  changing(id: PositionId, position: (of: Position) => Position, ways: (of: readonly Transition[]) => readonly Transition[]): Tried {
    const at = this.here.stateOf.get(id)!;
    // Where it ends nothing is chosen, whatever is drawn there.
    if (this.model.places[at] === null) return [];
    const { here } = this;
    const [bare, out] = [this.tree.positions[at]!, this.from.get(id)!];
    return [
      {
        at,
        get place() {
          return placeAt(here, at, position(bare), ways(out));
        },
      },
    ];
  }

  /** As if some values were never shown at a position. */
  closing(id: PositionId, gone: Gone): Tried {
    const at = this.here.stateOf.get(id)!;
    const whole = this.model.places[at] ?? null;
    const less = whole && !whole.unseen ? sharesWithout(whole, gone) : null;
    if (whole && less) return [new WithoutShows(at, whole, gone, less)];
    return this.changing(
      id,
      (position) => withoutValues(position, gone),
      (ways) => ways,
    );
  }
  /** As if an announced branch had been taught. */
  teaching(transition: Transition): Tried {
    return this.changing(
      transition.from,
      (position) => position,
      (ways) => ways.map((way) => (way.id === transition.id ? { ...way, announced: false } : way)),
    );
  }
  /** As if some transitions were not there. */
  losing(gone: readonly Transition[]): Tried {
    const ids = new Set<TransitionId>(gone.map(({ id }) => id));
    const isOwn = gone.every(({ actor, announced }) => actor === 'owner' && announced !== true);
    return [...new Set(gone.map(({ from }) => from))].flatMap((from): Tried => {
      const at = this.here.stateOf.get(from)!;
      const whole = this.model.places[at] ?? null;
      // Where shows were left out, other ones are with other moves.
      if (isOwn && whole && !whole.unseen) return [new WithoutRows(at, whole, ids)];
      return this.changing(
        from,
        (position) => position,
        (ways) => ways.filter((way) => !ids.has(way.id)),
      );
    });
  }
}
