import { readSituation } from '@/core/tell/format/readSituation';
import { lengthOf } from '@/core/tell/format/fields';
import { readSetup, type SetupInput } from '@/core/tell/answer/simulation';
import type { FoundBall } from '../faults/features';
import type { Hit } from '../faults/caused';
import type { LoggedBall } from '../learning/learn';
import type { Player } from '@/core/ground/player/player';
import { situationFor } from '../players/player';
import type { PlayerRecord } from '../players/record';
import type { Shot } from '@/core/ground/situation/shot';
import { toMetres } from '@/core/ground/units/length';
import { radians } from '@/core/ground/units/angle';
import type { BallCall, LoggedFields } from '../balls/ball';
import type { Station } from '../plan/lesson';
import type { StatBall } from './stats';

/** A ball with the call that it was hit for and where. */
export type CalledBall = LoggedFields & { call: BallCall; station: number; excluded?: string };

/** What a call asks of a player for a shot: set-up and aim of the model. */
export function hitFor(call: BallCall, player: Player, shot: Shot): Hit {
  const { carry_m: _carry, ...fields } = call;
  const setup = readSetup(fields as unknown as SetupInput, player, shot);
  const side = player.handed === 'right' ? -1 : 1;
  return { setup, aim: side * radians(call.aim_deg), shot };
}

/** What a call asks of a player at a station. */
export const hitOf = (
  call: BallCall,
  player: Player,
  station: Station,
  record: PlayerRecord,
): Hit => hitFor(call, player, readSituation(situationFor(record, station.shot)).question.shot);

/** {@link hitOf} for many balls of one player: a call that was read at a station is not read again. */
export function hitsFor(
  player: Player,
  record: PlayerRecord,
): (call: BallCall, station: Station) => Hit {
  const known = new Map<string, Hit>();
  return (call, station) => {
    const key = JSON.stringify([call, station.shot]);
    const hit = known.get(key) ?? hitOf(call, player, station, record);
    known.set(key, hit);
    return hit;
  };
}

/** The shot of each station of a plan, as it is for a player. */
export const shotsOf = (player: PlayerRecord, stations: readonly Station[]): Shot[] =>
  stations.map(({ shot }) => readSituation(situationFor(player, shot)).question.shot);

/** Distance to the right of the line as one to the player's side. */
const toPlayersSide = (right: number, player: Player): number =>
  player.handed === 'right' ? -right : right;

/** A logged ball as the learning takes it. */
export function forLearning(ball: CalledBall, hit: Hit, player: Player): LoggedBall {
  return {
    ...hit,
    ...(ball.entry_m === undefined ? {} : { entry: ball.entry_m }),
    ...(ball.carry_m === undefined ? {} : { carry: ball.carry_m }),
    ...(ball.along_m === undefined ? {} : { x: ball.along_m }),
    ...(ball.right_m === undefined ? {} : { y: toPlayersSide(ball.right_m, player) }),
    mishit: ball.strike === 'thin' || ball.strike === 'lip' || ball.strike === 'heel',
  };
}

/** A logged ball as the fault finder takes it. */
export function forFinding(ball: CalledBall, player: Player): FoundBall {
  const { call } = ball;
  const entryMeant = lengthOf({ entry_in: call.entry_in }, 'entry')!;
  const carry = ball.carry_m ?? ball.along_m;
  const found: FoundBall = {};
  if (ball.entry_m !== undefined) found.entryOff = ball.entry_m - entryMeant;
  if (carry !== undefined && call.carry_m > 0) found.carryShare = carry / call.carry_m;
  if (ball.along_m !== undefined && ball.along_m > 0.5) {
    found.direction = Math.atan2(toPlayersSide(ball.right_m ?? 0, player), ball.along_m);
  }
  if (ball.strike !== undefined) found.thin = ball.strike === 'thin';
  if (ball.divot_depth_m !== undefined) found.depth = ball.divot_depth_m;
  return found;
}

/** A logged ball as the statistics take it. */
export function forStats<T extends CalledBall>(
  ball: T,
  shot: { pin: number; lip: { distance: number } },
): T & StatBall {
  return {
    ...ball,
    entryMeant: toMetres(ball.call.entry_in, 'in'),
    carryMeant: ball.call.carry_m,
    pin: shot.pin,
    lip: shot.lip.distance,
  };
}
