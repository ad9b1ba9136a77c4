import type { SandPreset } from '@/core/ground/sand/presets';
import type { Sampler } from '@/core/ground/numeric/sampling';
import { toMetres } from '@/core/ground/units/length';
import type { Divot } from '@/core/model/passage/divot';
import type { Hit } from '@/core/model/shot/hit';
import type { Seen } from '@/core/model/shot/seen';
import type { Strike } from '../balls/ball';

/** A logged ball with the call that it was hit for. What was not seen is absent. */
export interface LoggedBall extends Hit {
  entry?: number;
  carry?: number;
  x?: number;
  y?: number;
  /** How it was struck; absent where nobody said. */
  strike?: Strike;
  /** Length and depth of the mark, m. */
  length?: number;
  depth?: number;
  /** Measured by a device, not read by eye. */
  measured?: boolean;
  /** The kind of sand, where several are told apart. */
  sand?: SandPreset;
}

/** What eyes and pencils make of lengths: marks to a quarter inch, their depth too, their length to an inch, the rest to a yard. */
const MARK_STEP = toMetres(0.25, 'in');
const DEPTH_STEP = toMetres(0.25, 'in');
const LENGTH_STEP = toMetres(1, 'in');
const FAR_STEP = toMetres(1, 'yd');

/** How far off a number is that is something else: another ball's, another unit's, a slip: mark, m; distance, as a logarithm; across, m. Tuned. */
const OFF = { mark: 0.06, distance: 0.6, across: 3 } as const;

/** Strikes whose distance says nothing of the swing. */
const MISHITS: ReadonlySet<Strike> = new Set(['thin', 'lip', 'heel']);

export const isMishit = ({ strike }: Pick<LoggedBall, 'strike'>): boolean =>
  strike !== undefined && MISHITS.has(strike);

/** By how much the numbers of a ball are something else: added to the mark, m, times the distances, added across, m. */
export interface Slips {
  entry: number;
  distance: number;
  across: number;
}

/**
 * Slips of the pen for a ball, drawn before it is played.
 *
 * @param wild share of the numbers that are something else
 */
export function slipsOf(like: LoggedBall, wild: number, { uniform, normal }: Sampler): Slips {
  const isWild = (): boolean => !like.measured && uniform() < wild;
  const entry = like.entry !== undefined && isWild() ? normal(0, OFF.mark) : 0;
  const distance = isWild() ? Math.exp(normal(0, OFF.distance)) : 1;
  const across = like.y !== undefined && isWild() ? normal(0, OFF.across) : 0;
  return { entry, distance, across };
}

/** What a ball is written down as: the fields that `like` has, no others. */
export function recorded(
  seen: Seen,
  like: LoggedBall,
  slips: Slips,
  divot: Pick<Divot, 'length' | 'depth'> | null = null,
): LoggedBall {
  const { setup, aim, shot, measured } = like;
  const ball: LoggedBall = { setup, aim, shot };
  if (like.sand !== undefined) ball.sand = like.sand;
  const to = (value: number, step: number): number =>
    measured ? value : step * Math.round(value / step);
  if (like.entry !== undefined) ball.entry = to(seen.entry + slips.entry, MARK_STEP);
  if (like.carry !== undefined) ball.carry = to(seen.carry * slips.distance, FAR_STEP);
  if (like.x !== undefined) ball.x = to(seen.x * slips.distance, FAR_STEP);
  if (like.y !== undefined) ball.y = to(seen.y + slips.across, FAR_STEP);
  if (like.strike !== undefined) ball.strike = seen.lip ? 'lip' : seen.thin ? 'thin' : 'good';
  if (divot && like.depth !== undefined) ball.depth = to(divot.depth, DEPTH_STEP);
  if (divot && like.length !== undefined) ball.length = to(divot.length, LENGTH_STEP);
  return ball;
}
