import { situationAt } from '../plan/situationAt';
import { acrossFor, type Player } from '@/core/ground/player/player';
import { entryMeant, readSetup, type CallRecord } from '@/core/contract/shot/setup';
import { readSituation } from '@/core/contract/shot/situation';
import type { Hit } from '@/core/model/shot/hit';
import type { LoggedBall } from '../peers/recorded';
import type { PlayerRecord } from '../players/record';
import type { Shot } from '@/core/ground/situation/shot';
import type { LoggedFields, NewBall } from '../balls/ball';
import type { Station } from '../plan/lesson';
import type { StatBall } from './stats';

/** A ball with the call that it was hit for and where. */
export type CalledBall = LoggedFields & { call: CallRecord; station: number; excluded?: string };

/** A ball with the station that it was hit from. */
export type PlacedBall = CalledBall & { at: Station };

/** Those that count: not excluded. */
export const counted = <T extends { excluded?: string }>(balls: readonly T[]): T[] =>
  balls.filter(({ excluded }) => !excluded);

/** A fault is looked for in this many balls: what was hit before is another swing. */
const LATEST = 60;

/** The balls that a fault is looked for in: the latest of those that count. */
export const latest = <T extends { excluded?: string }>(balls: readonly T[]): T[] =>
  counted(balls).slice(-LATEST);

/** What a call asks of a player for a shot: set-up and aim of the model. */
export function hitFor(call: CallRecord, player: Player, shot: Shot): Hit {
  const { setup, aim } = readSetup(call, player, shot);
  return { setup, aim: aim!, shot };
}

/** What a call asks of a player at a station. */
export const hitOf = (
  call: CallRecord,
  player: Player,
  station: Station,
  record: PlayerRecord,
): Hit => hitFor(call, player, readSituation(situationAt(record, station)).question.shot);

/** {@link hitOf} for many balls of one player: a call that was read at a station is not read again. */
export function hitsFor(
  player: Player,
  record: PlayerRecord,
): (call: CallRecord, station: Station) => Hit {
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
  stations.map((station) => readSituation(situationAt(player, station)).question.shot);

/** A ball with what read it, and where: as far as that is known. */
type ReadBall = CalledBall & Partial<Pick<NewBall, 'source'> & Pick<PlacedBall, 'at'>>;

/** A logged ball as learning and the fault finder take it. */
export function loggedBall(ball: ReadBall, hit: Hit, player: Player): LoggedBall {
  return {
    ...hit,
    ...(ball.entry_m === undefined ? {} : { entry: ball.entry_m }),
    ...(ball.carry_m === undefined ? {} : { carry: ball.carry_m }),
    ...(ball.along_m === undefined ? {} : { x: ball.along_m }),
    ...(ball.right_m === undefined ? {} : { y: acrossFor(ball.right_m, player.handed) }),
    ...(ball.strike === undefined ? {} : { strike: ball.strike }),
    ...(ball.divot_length_m === undefined ? {} : { length: ball.divot_length_m }),
    ...(ball.divot_depth_m === undefined ? {} : { depth: ball.divot_depth_m }),
    ...(ball.source && ball.source !== 'hand' ? { measured: true } : {}),
    sand: ball.at?.shot.sand?.preset ?? 'medium',
  };
}

/** A logged ball as the statistics take it. */
export function forStats<T extends CalledBall>(
  ball: T,
  shot: { pin: number; lip: { distance: number } },
): T & StatBall {
  return {
    ...ball,
    entryMeant: entryMeant(ball.call),
    carryMeant: ball.call.carry_m,
    pin: shot.pin,
    lip: shot.lip.distance,
  };
}
