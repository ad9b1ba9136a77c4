import { lengthOf } from '@/core/contract/check/fields';
import type { ShotInput } from '@/core/contract/shot/shot';
import type { Hand } from '@/core/ground/player/player';
import type { Point } from '../outline/ring';

/** Where on drawn ground a reading was taken: the place, the ball on it, and the flag. */
export interface Origin {
  place: string;
  ball: Point;
  green: string;
  flag: string;
}

/**
 * Where a reading was taken, as the address says it.
 *
 * @example
 * originText({ place: 'p', ball: [1.5, -2], green: 'g', flag: 'f' }); // => 'p,1.50,-2.00,g,f'
 */
export const originText = ({ place, ball, green, flag }: Origin): string =>
  [place, ...ball.map((each) => each.toFixed(2)), green, flag].join(',');

/** Reads that back; null for anything else. */
export function readOrigin(text: string): Origin | null {
  const [place, east, north, green, flag, ...more] = text.split(',');
  const ball: Point = [Number(east), Number(north)];
  if (!place || !green || !flag || more.length > 0 || !ball.every(Number.isFinite)) return null;
  return { place, ball, green, flag };
}

/** The parts of a reading that the ground says. */
export const GROUND_PARTS = ['pin', 'edge', 'back', 'lip', 'slope', 'sand', 'stimp'] as const;

export type GroundPart = (typeof GROUND_PARTS)[number];

/** Lengths and angles that differ by less are the same: they were rounded, or said in another unit. */
const SAME_LENGTH = 0.006;
const SAME_ANGLE = 0.06;

const sameLength = (a: object = {}, b: object = {}, name: string): boolean => {
  const [one, other] = [lengthOf(a, name), lengthOf(b, name)];
  return one !== undefined && other !== undefined && Math.abs(one - other) < SAME_LENGTH;
};

const sameAngle = (a = 0, b = 0): boolean => Math.abs(a - b) < SAME_ANGLE;

/**
 * The parts of a reading that stand as the ground says them; the others were changed by hand.
 *
 * @param ground the shot as the ground says it to a right-hander
 */
export function partsFromGround(shot: ShotInput, ground: ShotInput, handed: Hand): Set<GroundPart> {
  const mirror = handed === 'left' ? -1 : 1;
  const stands: Record<GroundPart, boolean> = {
    pin: sameLength(shot, ground, 'pin'),
    edge: sameLength(shot, ground, 'edge'),
    back: sameLength(shot, ground, 'back') && shot.beyond === ground.beyond,
    lip: sameLength(shot.lip, ground.lip, 'height') && sameLength(shot.lip, ground.lip, 'distance'),
    slope:
      sameAngle(shot.slope?.along_deg, ground.slope?.along_deg) &&
      sameAngle(shot.slope?.across_deg, mirror * (ground.slope?.across_deg ?? 0)),
    sand:
      shot.sand?.preset === ground.sand?.preset && shot.sand?.firmness === ground.sand?.firmness,
    stimp:
      sameLength(shot.green, ground.green, 'stimp') &&
      sameAngle(shot.green?.slope_deg, ground.green?.slope_deg) &&
      shot.green?.firmness === ground.green?.firmness,
  };
  return new Set(GROUND_PARTS.filter((part) => stands[part]));
}
