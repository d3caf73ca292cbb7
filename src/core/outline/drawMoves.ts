import { groupBy, sameValue } from '../base';
import { defaultKind, indexOf, NAME_LENGTH, type Position, type PositionId, type Transition, type TransitionId, type When } from '../tree';
import { splitAt } from './atoms';
import { cleared, readDetails, type Builder, type Said } from './builder';
import { NO_NAMES, type Names } from './detailKinds';
import { MOVE_DETAILS } from './moveDetails';
import { isRead, without, type Shown } from './drawShows';
import { bareName } from './names';
import { parsePlaceName, parseShow, type MoveNode } from './parse';
import { callName, writtenMoves } from './print';

/** A value by its line: "he frames", "inside knee: out", "then he frames" for what he shows where the move lands. */
function valueCalled(build: Builder, at: readonly PositionId[], text: string): { read: string; value: string } | null {
  const isThen = text.startsWith('then ');
  const { cue, items } = parseShow(isThen ? text.slice(5) : text);
  const [item] = items;
  for (const id of isThen ? at.slice(1) : at)
    for (const read of build.at(id).reads) {
      if (!item || !isRead(read, cue)) continue;
      const value = read.values.find(({ name }) => name.toLowerCase() === item.name.toLowerCase());
      if (value) return { read: read.id, value: value.id };
    }
  return null;
}

interface Drawn {
  readonly node: MoveNode;
  readonly when: Map<string, string[]>;
}

/** The moves of a block with all the values under which they stand, in order. */
function movesOf(build: Builder, { block }: Said, shown: readonly Shown[]): Drawn[] {
  const drawn: Drawn[] = [];
  const add = (node: MoveNode, read: string | null, values: readonly string[]): void => {
    const same = node.to === null ? drawn.findLast((item) => isSameMove(item.node, node)) : undefined;
    if (node.to === null && !same) return build.tell(node.line, `“${node.name}” does not stand above: write “→” and where it lands.`);
    if (same && node.details.length + node.then.shows.length + node.then.moves.length > 0)
      build.tell(node.line, `“${node.name}” stands above: write there what is said of it.`);
    const into = same ?? { node, when: new Map<string, string[]>() };
    if (!same) drawn.push(into);
    if (read !== null) into.when.set(read, [...(into.when.get(read) ?? []), ...values.filter((id) => !into.when.get(read)?.includes(id))]);
  };
  for (const { node, read, values } of shown) for (const move of node.moves) add(move, read, values);
  for (const move of block.moves) add(move, null, []);
  return drawn;
}
const isSameMove = (a: MoveNode, b: MoveNode): boolean => a.actor === b.actor && a.name === b.name && a.nth === b.nth;

/** Draws the moves of a block; answers which they are. */
export function drawMoves(
  build: Builder,
  said: Said,
  shown: readonly Shown[],
  landings: ReadonlyMap<MoveNode, PositionId>,
): ReadonlySet<TransitionId> {
  const { id, rewrites } = said;
  const was = indexOf(build.before).positions.get(id);
  const before = was ? groupBy(writtenMoves(build.before, was), callName) : new Map<string, Transition[]>();
  const counted = new Map<string, number>();
  const kept = new Set<TransitionId>();
  for (const { node, when } of movesOf(build, said, shown)) {
    const to = landings.get(node);
    if (to === undefined) continue;
    if (node.name === '' || node.name.length > NAME_LENGTH) {
      build.tell(
        node.line,
        node.name === '' ? 'A move has no name.' : `The name of a move has ${node.name.length} letters; ${NAME_LENGTH} is the most.`,
      );
      continue;
    }
    const key = callName(node);
    const nth = counted.get(key) ?? 0;
    counted.set(key, nth + 1);
    const twin = before.get(key)?.[node.nth === null ? nth : node.nth - 1];
    kept.add(drawMove(build, { node, when }, { from: id, to, rewrites }, twin));
  }
  return kept;
}

/** Of a rewritten place only the moves that blocks speak of stay. */
export function keepMoves(build: Builder, id: PositionId, kept: ReadonlySet<TransitionId>): void {
  for (const transition of indexOf(build.before).from.get(id) ?? []) if (!kept.has(transition.id)) build.dropMove(transition.id);
}

const ONLY_WHEN = /^only when:\s*(.*)$/s;

interface Ends {
  readonly from: PositionId;
  readonly to: PositionId;
  readonly rewrites: boolean;
}

function drawMove(build: Builder, { node, when }: Drawn, { from, to, rewrites }: Ends, twin: Transition | undefined): TransitionId {
  const called = (text: string, also: readonly PositionId[] = []) => valueCalled(build, [from, ...also], text);
  const names: Names = {
    ...NO_NAMES,
    placeCalled: (text) => {
      const { name, nth } = parsePlaceName(text, node.line);
      return build.called.find(name, nth);
    },
    valueCalled: (text, where) => called(text, where === 'here' ? [] : [to, ...where])?.value ?? null,
  };
  for (const { line, text } of node.details) {
    const [, list] = ONLY_WHEN.exec(text) ?? [];
    for (const item of list === undefined ? [] : splitAt(list, ';')) {
      const found = called(item);
      if (found) when.set(found.read, [...(when.get(found.read) ?? []), found.value]);
      else build.tell(line, `“${item}” is nothing that he shows there.`);
    }
  }
  const details = readDetails<Transition>(
    build,
    MOVE_DETAILS,
    node.details.filter(({ text }) => !ONLY_WHEN.test(text)),
    names,
    'a move',
  );
  // However the coach had written it: with or without "I".
  const name = twin && bareName(twin) === node.name ? twin.name : node.name;
  const id = twin?.id ?? build.freshMove(node.name);
  const usual = { kind: defaultKind(build.before, node.actor) };
  const base = twin && rewrites ? { ...usual, ...cleared(MOVE_DETAILS, twin, NO_NAMES) } : (twin ?? usual);
  const named: When | undefined = when.size > 0 ? orderedWhen(Object.fromEntries(when), build.at(from)) : undefined;
  const isSame = twin?.when !== undefined && named !== undefined && sameValue(orderedWhen(twin.when, build.at(from)), named);
  const rest: Partial<Transition> = named ? { ...base, when: isSame ? twin.when : named } : without(base as Transition, 'when');
  const led = (details.outcomes ?? rest.outcomes ?? []).map((outcome) => outcome.to);
  const hoped =
    to === twin?.to
      ? {}
      : shownStill(
          rest,
          [from, to, ...led].map((at) => build.at(at)),
        );
  build.setMove({ ...rest, ...hoped, ...details, id, from, to, actor: node.actor, name } as Transition);
  return id;
}
/** Where a move lands elsewhere, it hopes for what is shown there. */
function shownStill({ provokes }: Partial<Transition>, ends: readonly Position[]): Partial<Transition> {
  const shown = new Set(ends.flatMap((position) => position.reads.flatMap((read) => read.values.map((value) => value.id))));
  return provokes ? { provokes: provokes.filter((id) => shown.has(id)) } : {};
}

const orderedWhen = (when: When, { reads }: Position): When =>
  Object.fromEntries(
    reads.flatMap((read) =>
      when[read.id] ? [[read.id, read.values.map((value) => value.id).filter((id) => when[read.id]!.includes(id))]] : [],
    ),
  );
