import type { SwingError } from '../swing/swingError';
import { normalsOf, postureOf, type Posture } from '@/core/ground/club/geometry';
import { soleShape, type SoleShape } from '@/core/ground/club/sole';
import type { Count } from '@/core/ground/numeric/count';
import { softPositive } from '@/core/ground/numeric/soft';
import { lengthFactor } from '../golfer/headSpeed';
import type { Bed } from '@/core/ground/sand/bed';
import {
  isDoubtful,
  MANY_STEPS,
  passToBall,
  sandTool,
  STEPS,
  type HeadState,
} from '../passage/passage';
import { strikeBall } from '../strike/contact';
import type { Launch } from '../strike/launch';
import { onSlope } from '../strike/slope';
import { arcThrough, flooredAttack, type SwingArc } from '@/core/ground/arc/arc';
import { deliveryOf, holdOf, type Delivery, type Setup } from '../swing/setup';

/** One strike: how the head arrived, and how the ball left. */
export interface Strike {
  head: HeadState;
  launch: Launch;
}

/**
 * Share of head speed that is left on an up-slope: balance costs three tenths of the slope's sine. Tuned to the extra swing
 * that coaches ask for; a down-slope gives nothing back.
 */
const slopeSpeed = (along: number): number => 1 - 0.3 * softPositive(Math.sin(along) - 0.01, 0.02);

/** What of a strike does not change from swing to swing. */
export interface Intent {
  setup: Setup;
  bed: Bed;
  delivery: Delivery;
  posture: Posture;
  /** The sole of the club, in parts. */
  shape: SoleShape;
  /** Head speed as meant, m/s. */
  speed: number;
}

/** Works out once what many swings of one set-up share. `headSpeed` is the player's at the reference length, m/s. */
export function intentOf(setup: Setup, headSpeed: number, bed: Bed): Intent {
  return {
    setup,
    bed,
    delivery: deliveryOf(setup, bed),
    posture: postureOf(setup.club, holdOf(setup, bed)),
    shape: soleShape(setup.club),
    speed:
      headSpeed * lengthFactor(setup.club, setup.gripDown) * setup.fraction * slopeSpeed(bed.along),
  };
}

/** The arc of a swing with its errors: displacements of the whole arc. */
export const arcWith = (delivery: Delivery, error: SwingError): SwingArc =>
  arcThrough(
    delivery.path + error.mark,
    flooredAttack(delivery.attack + error.attack),
    delivery.lift + error.height,
  );

/**
 * Takes a set-up and one swing's errors through the sand to the launch of the ball, in the frame of the path.
 * Errors are displacements of the whole arc, so that the same error of height moves the mark of a shallow
 * swing further than that of a steep one. On a slope it is solved in the slope's frame and turned back.
 *
 * @param error the errors of this swing
 * @param steps of the head's way through the sand
 */
export function swingInSteps(intent: Intent, error: SwingError, steps: Count): Strike {
  const { delivery, posture, bed, setup, shape } = intent;
  const normals = normalsOf(posture, error.face);
  const arc = arcWith(delivery, error);
  const speed = Math.max(intent.speed * error.speed, 1.01);
  const tool = sandTool(normals, setup.club, shape);
  const head = passToBall(arc, speed, tool, bed.sand, steps);
  const launch = strikeBall(head, normals, bed.sand, bed.burial, setup.club.headMass);
  onSlope(launch, bed);
  return { head, launch };
}

/** {@link swingInSteps} in few steps, and in many where those leave doubt. */
export function swingWith(intent: Intent, error: SwingError): Strike {
  const few = swingInSteps(intent, error, STEPS);
  return isDoubtful(few.head) ? swingInSteps(intent, error, MANY_STEPS) : few;
}

/** One swing of a set-up: {@link swingWith} on its own. */
export const strike = (setup: Setup, error: SwingError, headSpeed: number, bed: Bed): Strike =>
  swingWith(intentOf(setup, headSpeed, bed), error);
