import { effectiveBounce, effectiveLoft, headNormals } from '@/core/ground/club/geometry';
import { grassCarry, lengthFactor } from '../golfer/headSpeed';
import { puttFinish, FASTEST_PUTT } from '../putt/putt';
import { sandTool } from '../passage/passage';
import { divotOf, type Divot } from '../passage/divot';
import { clearanceOf, type Finish } from '../flight/finish';
import { speedWith, type Golfer } from '../golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import { AS_MEANT } from '../swing/swingError';
import { strike } from './strike';
import { arcThrough } from '@/core/ground/arc/arc';
import { deliveryOf, holdOf, type Setup } from '../swing/setup';

/** What the ball as meant does, SI units. */
export interface Prediction {
  carry: number;
  run: number;
  total: number;
  apex: number;
  launch: number;
  ballSpeed: number;
  spin: number;
  lipClearance: number | null;
  effectiveLoft: number;
  effectiveBounce: number;
  attack: number;
  grassCarry: number;
  divot: Divot;
}

const NO_DIVOT: Divot = { length: 0, depth: 0, profile: [0], step: 0.005 };

/** A putt as meant: it runs all the way. */
function predictPutt(setup: Setup, shot: Shot): Prediction {
  const { x, y } = puttFinish(setup.fraction, AS_MEANT, 0, shot);
  const total = Math.hypot(x, y);
  return {
    carry: 0,
    run: total,
    total,
    apex: 0,
    launch: 0,
    ballSpeed: setup.fraction * FASTEST_PUTT,
    spin: 0,
    lipClearance: null,
    effectiveLoft: setup.club.loft,
    effectiveBounce: setup.club.bounce,
    attack: 0,
    grassCarry: 0,
    divot: NO_DIVOT,
  };
}

/** Everything that is told about a set-up besides its odds. */
export function predict(setup: Setup, golfer: Golfer, shot: Shot, meant: Finish): Prediction {
  if (setup.technique === 'putt') return predictPutt(setup, shot);
  const { launch } = strike(setup, AS_MEANT, speedWith(golfer, setup.club), shot);
  const normals = headNormals(setup.club, holdOf(setup, shot));
  const delivery = deliveryOf(setup, shot);
  const speed = golfer.headSpeed * lengthFactor(setup.club, setup.gripDown) * setup.fraction;
  const arc = arcThrough(delivery.path, delivery.attack, delivery.lift);
  const total = Math.hypot(meant.x, meant.y);
  return {
    carry: meant.carry,
    run: total - meant.carry,
    total,
    apex: meant.apex,
    launch: Math.atan2(launch.vz, Math.hypot(launch.vx, launch.vy)),
    ballSpeed: Math.hypot(launch.vx, launch.vy, launch.vz),
    spin: Math.hypot(launch.wx, launch.wy, launch.wz),
    lipClearance: clearanceOf(meant),
    effectiveLoft: effectiveLoft(normals),
    effectiveBounce: effectiveBounce(normals),
    attack: delivery.attack,
    grassCarry: grassCarry(setup.club, speed, golfer.skill),
    divot: divotOf(arc, speed, sandTool(normals, setup.club), shot.sand),
  };
}
