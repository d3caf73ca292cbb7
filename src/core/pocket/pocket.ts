import { isSign, recognise, SIGN_GROUPS } from '../catalogue';
import { filterTree, isFiltering, type Filter } from '../lens';
import { showsAt } from '../structure';
import {
  heightOf,
  indexOf,
  landingsOf,
  LINES,
  reachablePositions,
  type Position,
  type PositionId,
  type Transition,
  type TreeDocument,
  type TreeIndex,
} from '../tree';
import {
  asSentence,
  CAUTION,
  ENDING_WORDS,
  sayAttempt,
  sayForWhom,
  sayMidway,
  sayMove,
  sayOutcome,
  sayPrevented,
  sayShown,
  TEMPO_WORDS,
  usualCautions,
  WHATEVER,
} from '../words';

/** A way on: what is done, what is said of it, and where it leads, as numbers of places. */
export interface PocketMove {
  readonly says: string;
  readonly notes: readonly string[];
  readonly to: readonly number[];
}
export interface PocketShow {
  readonly says: string;
  readonly answers: readonly PocketMove[];
  /** What he gets if they fail. */
  readonly falls: readonly PocketMove[];
}
export interface PocketPlace {
  readonly name: string;
  readonly others: readonly string[];
  readonly lines: readonly string[];
  /** Time, ending, what is known of it: sentences. */
  readonly says: readonly string[];
  readonly signs: readonly string[];
  readonly shows: readonly PocketShow[];
  readonly care: readonly string[];
  readonly pictures: readonly { readonly hash: string; readonly caption: string; readonly transform: string }[];
}
/** A tree as it goes into a pocket: words only, nothing to compute. */
export interface Pocket {
  readonly name: string;
  readonly forWhom: string;
  /** YYYY-MM-DD */
  readonly madeOn: string;
  readonly starts: readonly number[];
  readonly places: readonly PocketPlace[];
  readonly groups: readonly { readonly group: string; readonly signs: readonly (readonly [string, string])[] }[];
  readonly caution: string;
}

function moveOf(tree: TreeDocument, from: Position, move: Transition, numberOf: ReadonlyMap<PositionId, number>): PocketMove {
  const stops = (move.mistakes ?? []).map(({ error, correction }) => `watch: ${error}${correction ? `; instead ${correction}` : ''}`);
  const prevented = sayPrevented(move);
  return {
    says: sayMove(move),
    to: landingsOf(move).map((id) => numberOf.get(id)!),
    notes: [
      ...(move.reason ? [`why: ${move.reason}`] : []),
      ...(move.outcomes ?? []).map((outcome) => sayOutcome(tree, from, outcome)),
      ...(prevented === null ? [] : [prevented]),
      ...(move.midway ?? []).map((item) => sayMidway(tree, item)),
      ...(move.checkpoints ?? []),
      ...stops,
      ...(move.hazards ?? []).map((text) => `take care: ${text}`),
    ],
  };
}

function pocketShows(index: TreeIndex, position: Position, said: (move: Transition) => PocketMove): PocketShow[] {
  return showsAt(position, index.from.get(position.id) ?? []).map(({ read, value, answers, falls }): PocketShow => ({
    says: read === null || value === null ? WHATEVER : `${sayShown(read, value.name)}${value.cue ? ` (${value.cue})` : ''}`,
    answers: answers.map(said),
    falls: falls.map(said),
  }));
}

function placeOf(tree: TreeDocument, position: Position, numberOf: ReadonlyMap<PositionId, number>): PocketPlace {
  const { name, aliases = [], lines, tempo, tempoReason, ends, unfinished, signs = [], hazards = [], checkpoints = [], reason } = position;
  const { legs, stands, seen, holds } = recognise(position);
  const known = [...(legs === null ? [] : [legs]), ...(stands === null ? [] : [`I am ${stands}`]), ...seen, ...holds];
  return {
    name,
    others: aliases,
    lines,
    says: [
      ends ? `the climb ends here: ${ENDING_WORDS[ends]}` : `${TEMPO_WORDS[tempo]} ${tempoReason ?? ''}`,
      ...(unfinished && !ends ? [sayAttempt(LINES[heightOf(lines)])] : []),
      ...(reason ? [`why here: ${reason}`] : []),
      ...(known.length > 0 ? [`known by: ${known.join('; ')}`] : []),
      ...(checkpoints.length > 0 ? [`${ends ? 'settled when' : 'look for'}: ${checkpoints.join('; ')}`] : []),
    ].map(asSentence),
    signs: signs.filter(isSign),
    shows: pocketShows(indexOf(tree), position, (move) => moveOf(tree, position, move, numberOf)),
    care: [...usualCautions(tree.owner, position), ...hazards],
    pictures: (position.pictures ?? []).map(({ hash, caption, quarterTurns = 0, mirrored }) => ({
      hash,
      caption,
      transform: `${mirrored ? 'scaleX(-1) ' : ''}rotate(${quarterTurns * 90}deg)`,
    })),
  };
}

/** What of a tree is reached under a filter, in words. Announced ways are left out: they are not taught yet. */
export function pocketOf(tree: TreeDocument, filter: Filter, madeOn: string): Pocket {
  const filtered = isFiltering(filter) ? filterTree(tree, filter).tree : tree;
  const shown: TreeDocument = { ...filtered, transitions: filtered.transitions.filter(({ announced }) => !announced) };
  const reached = reachablePositions(shown);
  const positions = shown.positions.filter(({ id }) => reached.has(id));
  const numberOf = new Map(positions.map(({ id }, i) => [id, i]));
  const used = new Set(positions.flatMap(({ signs = [] }) => signs));
  return {
    name: tree.name,
    forWhom: sayForWhom(tree, filter),
    madeOn,
    starts: shown.starts.flatMap(({ position }) => numberOf.get(position) ?? []),
    places: positions.map((position) => placeOf(shown, position, numberOf)),
    groups: SIGN_GROUPS.map(({ group, signs }) => ({ group, signs: Object.entries(signs).filter(([id]) => used.has(id)) })).filter(
      ({ signs }) => signs.length > 0,
    ),
    caution: CAUTION,
  };
}
