import { distrusted } from '@/core/ground/sand/trust';
import type { Bed } from '@/core/ground/sand/bed';
import type { Setup } from '../swing/setup';
import { TECHNIQUE } from '../swing/technique';
import { effortFactor, speedSpreadFactor } from './effort';
import type { SwingError } from '../swing/swingError';

/** Slope of this many radians doubles the spread of a stance that does not fit it. Tuned. */
const HARD_SLOPE = 0.6;

/** A stance along an up-slope hangs back: riskier by this much at the same slope. Tuned to coaches' warnings. */
const HANGING_BACK = 0.5;

/** On a down-slope the ground falls away and the hill behind the ball is in the way: riskier by this much. Tuned to coaches' order of slopes. */
const FALLING = 0.28;

/**
 * What sand that is not trusted adds to the spread of mark and height (the feet do not settle, or tell a lie), and to that of speed
 * (nobody knows how far the ball will come out): hard all through, and soft over a hard base. Tuned to what coaches say that
 * each costs (docs/behaviour.md).
 */
const DISTRUST = { ground: { hard: 0.155, base: 0.48 }, speed: { hard: 0.75, base: 0.6 } } as const;

/** Share of what hard sand adds that is left where the ball is met first: the feet stand well on it, and no sole has to go through. Tuned. */
const BALL_FIRST = 0.75;

/** An opened or closed face is harder to return: the spread of face grows by half at this angle, radians. Tuned. */
const HARD_FACE = 1.2;

/** Factors on the errors of a swing that come from how and where it is made. */
export interface Footing {
  ground: number;
  speed: number;
  face: number;
}

/** Factors for a set-up in a bed: technique, effort, slope and how far the face is turned. */
export function footingOf(setup: Setup, bed: Bed): Footing {
  const along = Math.abs(bed.along);
  const withIt =
    bed.along > 0 ? HANGING_BACK * setup.bodyWithSlope : FALLING + 0.3 * (1 - setup.bodyWithSlope);
  const slope = 1 + (along * (0.07 + withIt) + 0.7 * Math.abs(bed.across)) / HARD_SLOPE;
  const { hard: all, base } = distrusted(bed.sand);
  const hard = all * (setup.entry < 0 ? BALL_FIRST : 1);
  const { ground, speed } = DISTRUST;
  return {
    ground:
      TECHNIQUE[setup.technique].footing *
      effortFactor(setup.fraction) *
      slope *
      (1 + ground.hard * hard + ground.base * base),
    speed: speedSpreadFactor(setup.fraction) * (1 + speed.hard * hard + speed.base * base),
    face: 1 + (0.5 * Math.abs(setup.opening)) / HARD_FACE,
  };
}

/** A sampled swing as this set-up makes it. `out` is written and given back. */
export function madeWith(swing: SwingError, footing: Footing, out: SwingError): SwingError {
  out.mark = swing.mark * footing.ground;
  out.height = swing.height * footing.ground;
  out.attack = swing.attack * footing.ground;
  out.speed = Math.max(0.2, 1 + (swing.speed - 1) * footing.speed);
  out.face = swing.face * footing.face;
  out.aim = swing.aim;
  return out;
}
