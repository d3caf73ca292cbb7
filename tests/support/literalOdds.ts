import type { MatrixGame } from '@/core/games';
import { DEFAULTS, isGoal, type Ending, type Position, type RuleSet, type Transition, type TreeDocument } from '@/core/tree';
import { literalGameValue } from './literalGame';

// MODEL §4 read out literally: plain recursion over (position, seconds left), every value on its own, nothing merged or compiled.

const RECOVERED = { safe: 0.15, neutral: 0.25, actNow: 0.35, danger: 0.5 };
const TURNED = { safe: 0.01, neutral: 0.02, actNow: 0.04, danger: 0.1 };
const HOLD_RECOVERED = { safe: 0.02, neutral: 0.08, actNow: 0.25, danger: 0.4 };
const HOLD_TURNED = { safe: 0.0015, neutral: 0.005, actNow: 0.02, danger: 0.05 };

type Shown = { read: string; kind: string; value: string | null; isNothing: boolean; share: number };

/** The chance of each value of a read (null = nothing special that is not drawn). */
function sharesOfRead(read: Position['reads'][number]): Shown[] {
  const isOpen = read.kind === 'reaction' && !read.closed;
  const nones = read.values.filter((value) => value.kind === 'none');
  const isImplicit = isOpen && nones.length === 0;
  const equal = 1 / (read.values.length + (isImplicit ? 1 : 0));
  const list: Shown[] = read.values.map((value) => ({
    read: read.id,
    kind: read.kind,
    value: value.id,
    isNothing: value.kind === 'none',
    share: value.share ?? (isOpen && value === nones[0] ? 0 : equal),
  }));
  const sum = list.reduce((total, item) => total + item.share, 0);
  if (!isOpen) return list.map((item) => ({ ...item, share: sum === 0 ? 1 / list.length : item.share / sum }));
  if (sum > 1) for (const item of list) item.share /= sum;
  const rest = sum > 1 ? 0 : 1 - sum;
  if (isImplicit) list.push({ read: read.id, kind: read.kind, value: null, isNothing: true, share: rest });
  else list.find((item) => item.value === nones[0]!.id)!.share += rest;
  return list;
}
const combinations = <T>(lists: readonly (readonly T[])[]): T[][] =>
  lists.reduce<T[][]>((found, list) => found.flatMap((items) => list.map((item) => [...items, item])), [[]]);
const product = (shown: readonly Shown[]): number => shown.reduce((total, item) => total * item.share, 1);

/** The start from which a position is reached over the fewest steps, each start tried on its own. */
export function literalRecovery(doc: TreeDocument, id: string): string {
  const isStart = doc.starts.some((start) => start.position === id);
  if (isStart) return id;
  let found = { start: id, steps: Infinity };
  for (const { position } of doc.starts) {
    if (doc.positions.find((item) => item.id === position)!.ends) continue;
    const seen = new Map([[position, 0]]);
    const queue = [position];
    while (queue.length > 0) {
      const at = queue.shift()!;
      for (const move of doc.transitions.filter((item) => item.from === at))
        for (const to of [move.to, ...(move.outcomes ?? []).map((outcome) => outcome.to), ...(move.onFail ? [move.onFail] : [])])
          if (!seen.has(to)) {
            seen.set(to, seen.get(at)! + 1);
            queue.push(to);
          }
    }
    const steps = seen.get(id) ?? Infinity;
    if (steps < found.steps) found = { start: position, steps };
  }
  return found.start;
}

interface Asked {
  readonly seconds: number;
  readonly readSkill: number;
  /** λ: he knows the game and picks freely this share of the time; absent = he follows his habits. */
  readonly freely?: number;
  /** As if nothing unforeseen came. */
  readonly isForeseen?: boolean;
  /** The table of a rule card; absent = control. */
  readonly points?: RuleSet['points'];
}

/** A saddle point, else by trying every square part of the game. */
function valueOfGame(entries: readonly (readonly number[])[]): number {
  const lower = Math.max(...entries.map((row) => Math.min(...row)));
  const upper = Math.min(...entries[0]!.map((_, j) => Math.max(...entries.map((row) => row[j]!))));
  if (upper - lower < 1e-13) return lower;
  const of: MatrixGame = { rows: entries.length, columns: entries[0]!.length, entries: Float64Array.from(entries.flat()) };
  return literalGameValue(of);
}

/** What the table gives: own entries first, then what stands in for them. */
function literalPoints(doc: TreeDocument, points: RuleSet['points'] | undefined) {
  const of = (what: string): number | null => points?.find((item) => item.for === what)?.points ?? null;
  const ending = (ends: Ending): number | null => {
    if (ends === 'swept') return of('swept') ?? of('sweep');
    if (ends === 'settled') return of('settled') ?? of('pass');
    if (ends === 'submitted') return of('submitted') ?? of('submission') ?? 20;
    return of(ends) ?? (ends === 'submission' ? 20 : null);
  };
  if (!points) return { ending: (ends: Ending) => (isGoal(doc, ends) ? 1 : 0), move: () => 0, turnedWorth: 0 };
  return {
    ending: (ends: Ending) => (isGoal(doc, ends) ? (ending(ends) ?? 0) : -(ending(ends) ?? 0)),
    move: ({ actor, kind }: Transition, place: Position) => {
      if (place.ends && ending(place.ends) !== null) return 0;
      return actor === 'owner' ? (of(kind) ?? 0) : -(of(kind) ?? 0);
    },
    turnedWorth: -(ending(doc.owner === 'passer' ? 'swept' : 'settled') ?? 0),
  };
}

/** What each is worth so many seconds later, and a worth of 1 then; null = the round is over. */
type After = (seconds: number) => { readonly worth: (id: string) => number; readonly factor: number } | null;

/** What ends, and what is faced, where nothing is known but the tree. */
function literalPlaces(doc: TreeDocument, { readSkill: asked, freely = 0, isForeseen, points }: Omit<Asked, 'seconds'>) {
  const { ending, move: rewardOf, turnedWorth } = literalPoints(doc, points);
  const defaults = { ...DEFAULTS, ...doc.defaults };
  const taught = doc.transitions.filter((move) => !move.announced);
  const at = (id: string): Position => doc.positions.find((item) => item.id === id)!;
  const recovery = new Map(doc.positions.map(({ id }) => [id, literalRecovery(doc, id)]));

  /** Of what ends; null = play goes on. */
  const final = (id: string): number | null => {
    const place = at(id);
    if (place.ends) return ending(place.ends);
    return place.continuesIn && !taught.some((move) => move.from === id) ? (points ? 0 : 0.5) : null;
  };
  const landing = (move: Transition, shown: readonly Shown[]): string =>
    move.outcomes?.find(({ ifShown }) => shown.some(({ value }) => value !== null && ifShown.includes(value)))?.to ?? move.to;
  const fits = (move: Transition, shown: readonly Shown[]): boolean =>
    Object.entries(move.when ?? {}).every(([read, values]) =>
      shown.some((item) => item.read === read && item.value !== null && values.includes(item.value)),
    );

  const faced = (id: string, after: After): number => {
    const place = at(id);
    const readSkill = place.readSkill ?? asked;
    const options: (Transition | null)[] = [...taught.filter((move) => move.from === place.id && move.actor === 'owner'), null];
    const his = taught.filter((move) => move.from === place.id && move.actor === 'opponent');
    const drawn = place.reads.filter((read) => read.kind !== 'timing');
    const open = drawn.filter((read) => !read.closed && !read.complete);
    const n = open.flatMap((read) => read.values).filter((value) => value.kind !== 'none').length;
    const u = isForeseen || (drawn.length > 0 && open.length === 0) ? 0 : 0.5 ** (1 + Math.min(n, 4));

    const chance = (option: Transition, shown: readonly Shown[]): number => {
      if (shown.some(({ value }) => value !== null && option.stoppedBy?.includes(value))) return option.stopped ?? defaults.stopped;
      const reacted = shown.find((item) => item.kind === 'reaction');
      const isNamed = !reacted || reacted.isNothing || (option.when?.[reacted.read] ?? []).includes(reacted.value!);
      return isNamed && fits(option, shown) ? (option.works ?? defaults.works) : (option.offCue ?? defaults.offCue);
    };
    const attempt = (option: Transition | null, shown: readonly Shown[]): number => {
      const later = after(option ? Math.max(1, Math.round(option.seconds ?? defaults.seconds)) : 12);
      if (!later) return 0;
      const { worth, factor } = later;
      const [recovered, turned] = option
        ? [RECOVERED[place.tempo], TURNED[place.tempo]]
        : [HOLD_RECOVERED[place.tempo], HOLD_TURNED[place.tempo]];
      const byTempo = (): number =>
        turned * factor * turnedWorth + recovered * worth(recovery.get(place.id)!) + (1 - turned - recovered) * worth(place.id);
      const admitted = his.filter((move) => fits(move, shown));
      const falls = admitted.filter((move) => admitted.every((other) => (other.priority ?? 0) <= (move.priority ?? 0)));
      const failed = (isDrawn: boolean): number => {
        if (option?.onFail) return worth(option.onFail);
        if (!isDrawn || falls.length === 0) return byTempo();
        const each = falls.map((move) => {
          const works = move.works ?? defaults.works;
          return works * (worth(landing(move, shown)) + factor * rewardOf(move, at(landing(move, shown)))) + (1 - works) * byTempo();
        });
        return each.reduce((sum, one) => sum + one, 0) / each.length;
      };
      const p = option ? chance(option, shown) : 0;
      const unforeseen = option ? Math.min(p, option.offCue ?? defaults.offCue) : 0;
      const landed = option ? worth(landing(option, shown)) + factor * rewardOf(option, at(landing(option, shown))) : 0;
      return (1 - u) * (p * landed + (1 - p) * failed(true)) + u * (unforeseen * landed + (1 - unforeseen) * failed(false));
    };

    const lists = (isTiming: boolean) =>
      combinations(place.reads.filter((read) => (read.kind === 'timing') === isTiming && read.values.length > 0).map(sharesOfRead));
    const [columns, moments] = [lists(false), lists(true)];
    const over = (d: readonly Shown[], worthAt: (shown: readonly Shown[]) => number): number =>
      moments.reduce((sum, t) => sum + product(t) * worthAt([...d, ...t]), 0);
    const read = columns.map((d) => over(d, (shown) => Math.max(...options.map((a) => attempt(a, shown)))));
    const unread = options.map((a) => columns.map((d) => over(d, (shown) => attempt(a, shown))));
    const habit = columns.map(product);
    const entries = unread.map((row) => {
      const mixed = row.map((worth, d) => readSkill * read[d]! + (1 - readSkill) * worth);
      const byHabit = mixed.reduce((sum, worth, d) => sum + habit[d]! * worth, 0);
      return mixed.map((worth) => freely * worth + (1 - freely) * byHabit);
    });
    // With λ = 0 all columns of a row are the same.
    if (freely === 0) return Math.max(...entries.map((row) => row[0]!));
    if (place.heSeesItFirst) return Math.max(...entries.map((row) => Math.min(...row)));
    return valueOfGame(entries);
  };
  return { final, faced };
}

/** V of a position with so many seconds on the round clock. */
export function literalValue(doc: TreeDocument, start: string, { seconds, ...asked }: Asked): number {
  const { final, faced } = literalPlaces(doc, asked);
  const known = new Map<string, number>();
  const worth = (id: string, left: number): number => {
    const ended = final(id);
    if (ended !== null) return ended;
    if (left <= 0) return 0;
    const key = `${id} ${left}`;
    if (!known.has(key))
      known.set(
        key,
        faced(id, (passed) => (left < passed ? null : { worth: (to) => worth(to, left - passed), factor: 1 })),
      );
    return known.get(key)!;
  };
  return worth(start, seconds);
}

/** V of every position on the steady clock: the same step taken again and again, until nothing changes. */
export function literalSteady(doc: TreeDocument, { seconds, ...asked }: Asked): Map<string, number> {
  const { final, faced } = literalPlaces(doc, asked);
  let worths = new Map(doc.positions.map(({ id }) => [id, final(id) ?? 0]));
  for (;;) {
    const last = worths;
    worths = new Map(
      [...last].map(([id]) => [
        id,
        final(id) ??
          faced(id, (passed) => {
            const factor = Math.exp(-passed / seconds);
            return { worth: (to) => factor * last.get(to)!, factor };
          }),
      ]),
    );
    if ([...worths].every(([id, worth]) => Math.abs(worth - last.get(id)!) < 1e-13)) return worths;
  }
}
