import type { ExchangedBall, LoggedFields } from '../balls/ball';
import type { CalledBall } from './against';

/** A ball as a review looks at it. */
export type ReviewedBall = CalledBall & { player: string };

/** What was seen of balls, or why they do not count: one list for each field, null where a ball has it not. */
type Seen = LoggedFields & Pick<ExchangedBall, 'excluded'>;
type SeenColumns = { [K in keyof Seen]?: (NonNullable<Seen[K]> | null)[] };

/** Balls column by column: a tenth of the text of the same balls one by one. */
export interface BallColumns {
  players: string[];
  calls: CalledBall['call'][];
  /** For each ball its place among the players, its station, and its place among the calls. */
  player: number[];
  station: number[];
  call: number[];
  seen: SeenColumns;
}

/** What a review does not look at: who gave the ball and when, and the server's own orders. */
const NOT_LOOKED_AT = new Set(['id', 'hit_at', 'source', 'seq', 'touched']);

/** Place of a value among those that were met before; a new one is put behind them. */
function placeIn<T>(places: Map<string, number>, met: T[], value: T): number {
  const text = JSON.stringify(value);
  const known = places.get(text);
  if (known !== undefined) return known;
  places.set(text, met.length);
  met.push(value);
  return met.length - 1;
}

/**
 * The balls of a lesson as columns, to be sent; {@link ballsFrom} gives them back. What a review does not look at (ids, times) is
 * left out.
 */
export function columnsOf(balls: readonly ExchangedBall[]): BallColumns {
  const columns: BallColumns = {
    players: [],
    calls: [],
    player: [],
    station: [],
    call: [],
    seen: {},
  };
  const players = new Map<string, number>();
  const calls = new Map<string, number>();
  const seen = columns.seen as Record<string, unknown[]>;
  balls.forEach((ball, i) => {
    const { player, station, call, ...fields } = ball;
    columns.player.push(placeIn(players, columns.players, player));
    columns.station.push(station);
    columns.call.push(placeIn(calls, columns.calls, call));
    for (const [name, value] of Object.entries(fields)) {
      if (value === undefined || NOT_LOOKED_AT.has(name)) continue;
      seen[name] ??= [];
      while (seen[name].length < i) seen[name].push(null);
      seen[name].push(value);
    }
  });
  return columns;
}

/** The balls of columns, in their order. */
export function ballsFrom({
  players,
  calls,
  player,
  station,
  call,
  seen,
}: BallColumns): ReviewedBall[] {
  return player.map((at, i) => ({
    player: players[at]!,
    station: station[i]!,
    call: calls[call[i]!]!,
    ...Object.fromEntries(
      Object.entries(seen).flatMap(([name, values]) =>
        values[i] === undefined || values[i] === null ? [] : [[name, values[i]]],
      ),
    ),
  }));
}
