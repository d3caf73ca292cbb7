import { atOnce, seededRandom, type InPieces } from '../../base';
import type { PositionId, ReadId, TransitionId, TreeDocument, ValueId } from '../../tree';
import type { Place } from '../process/cells';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import type { Happened } from './eventCells';
import { endedAt, readyInPieces, type Ended, type Ready } from './ready';
import type { Exchange } from './sampler';

/** One thing that happened in a round. */
export interface RoundEvent {
  readonly position: PositionId;
  /** Seconds into the round when it began, and that it took. */
  readonly at: number;
  readonly seconds: number;
  /** What he showed; read → values, null is nothing special. */
  readonly shown: readonly { readonly read: ReadId; readonly values: readonly (ValueId | null)[] }[];
  /** What I did, having seen it or not; null = waited. */
  readonly transition: TransitionId | null;
  readonly isRead: boolean;
  /** How it went; null = time ran out before it was over. */
  readonly happened: Happened | null;
  readonly unforeseen: boolean;
  /** Null = nowhere that is drawn. */
  readonly to: PositionId | null;
}
export interface ToldRound {
  readonly start: PositionId;
  readonly seed: number;
  readonly events: readonly RoundEvent[];
  readonly ended: Ended;
  /** Seconds until it ended. */
  readonly seconds: number;
}

/** Plays one round, telling each exchange; the state where it ends (where it stands when time is up) and the seconds left. */
function play({ model, sampler, roundSeconds }: Ready, from: number, random: () => number, tell: (exchange: Exchange) => void) {
  let [state, left] = [from, roundSeconds];
  while (left > 0 && Number.isNaN(model.worth[state]!)) {
    const exchange = sampler.next(state, left, random);
    tell(exchange);
    if (!exchange.outcome) return { state, left: 0, isOver: true };
    left -= sampler.kernel.seconds[exchange.cell]!;
    state = exchange.outcome.to;
  }
  return { state, left, isOver: Number.isNaN(model.worth[state]!) };
}

const columnsOf = (place: Place): readonly (readonly RoundEvent['shown'][])[] =>
  place.columns.map(({ groups, moments }) =>
    moments.map((moment) => [...groups, ...moment.groups].map(({ read, values }) => ({ read, values }))),
  );

/** One seeded round, told. Null = a position has more than 64 shows. */
export function* tellRoundInPieces(
  tree: TreeDocument,
  question: OddsQuestion,
  start: PositionId,
  seed: number,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<ToldRound | null> {
  const ready = yield* readyInPieces(tree, question, elsewhere);
  if (!ready) return null;
  const { model, sampler, roundSeconds } = ready;
  const events: RoundEvent[] = [];
  const end = play(ready, ready.stateOf(start), seededRandom(seed), ({ state, left, moment, cell, row, isRead, outcome }) => {
    const place = model.places[state]!;
    const first = sampler.kernel.firstMoment[sampler.kernel.firstColumn[state]!]!;
    events.push({
      position: place.position.id,
      at: roundSeconds - left,
      seconds: outcome ? sampler.kernel.seconds[cell]! : left,
      shown: columnsOf(place).flat()[moment - first]!,
      transition: place.rows[row]?.id ?? null,
      isRead,
      happened: outcome?.happened ?? null,
      unforeseen: outcome?.unforeseen ?? false,
      to: outcome && outcome.to !== model.turned ? tree.positions[outcome.to]!.id : null,
    });
  });
  return { start, seed, events, ended: endedAt(ready, end.state, end.isOver), seconds: roundSeconds - end.left };
}

/** The same at once. */
export const tellRound = (tree: TreeDocument, question: OddsQuestion, start: PositionId, seed: number): ToldRound | null =>
  atOnce(tellRoundInPieces(tree, question, start, seed));
