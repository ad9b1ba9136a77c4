import { golferOf } from '@/core/model/golfer/golferOf';
import type { Hit } from '@/core/model/shot/hit';
import { acrossFor, type Player } from '@/core/ground/player/player';
import { AS_MEANT } from '@/core/model/swing/swingError';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import { sampleSwings } from '@/core/model/spread/swings';
import type { LoggedFields } from '../balls/ball';
import { TRACKED_BALL_FORMAT } from './trackedBall';
import { seenBall } from '@/core/model/shot/seen';

/** Errors of a tracker's readings: carry and place, as shares. */
const READS_TO = 100;

const round = (value: number, per = READS_TO): number => Math.round(value * per) / per;

/**
 * The stand-in for a ball tracker and an eye for the mark: what would be read of the player's next ball at this call, from
 * the model and the player's own habits.
 *
 * @param count which ball it is; the same one is always the same
 */
export function trackedBall(hit: Hit, player: Player, seed: number, count: number): LoggedFields {
  const golfer = golferOf(player);
  const { setup, aim, shot } = hit;
  const swings = sampleSwings(golfer.habits, 256, seed);
  const swing = swings[(count * 37 + 11) % swings.length]!;
  const error = madeWith(swing, footingOf(setup, shot), { ...AS_MEANT });
  const seen = seenBall(setup, aim, golfer, shot, error);
  const right = acrossFor(seen.y, player.handed);
  const out = seen.x > shot.lip.distance;
  return {
    entry_m: round(Math.max(-0.29, seen.entry), 1000),
    carry_m: round(Math.max(0, seen.carry)),
    along_m: round(seen.x),
    right_m: round(right),
    strike: seen.thin ? 'thin' : out ? 'good' : 'heavy',
  };
}

/** A ball as a tracker sends it: one line of the protocol, without its end. */
export const trackedLine = (ball: LoggedFields, id: string, hitAt: string): string =>
  JSON.stringify({ format: TRACKED_BALL_FORMAT, version: 1, id, hit_at: hitAt, ...ball });
