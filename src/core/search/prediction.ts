import { effectiveBounce, effectiveLoft, headNormals } from '../club/geometry';
import { grassCarry, lengthFactor } from '../player/headSpeed';
import { divotOf, type Divot } from '../sand/divot';
import type { Golfer } from '../shot/odds';
import type { Finish } from '../shot/finish';
import type { Shot } from '../shot/shot';
import { AS_MEANT, strike } from '../shot/strike';
import { arcThrough } from '../swing/arc';
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

/** Everything that is told about a set-up besides its odds. */
export function predict(setup: Setup, golfer: Golfer, shot: Shot, meant: Finish): Prediction {
  const { launch } = strike(setup, AS_MEANT, golfer.headSpeed, shot.sand, shot.burial);
  const normals = headNormals(setup.club, holdOf(setup));
  const delivery = deliveryOf(setup, shot.burial);
  const speed = golfer.headSpeed * lengthFactor(setup.club, setup.gripDown) * setup.fraction;
  const arc = arcThrough(delivery.path, delivery.attack, delivery.lift);
  return {
    carry: meant.carry,
    run: Math.hypot(meant.x, meant.y) - meant.carry,
    total: Math.hypot(meant.x, meant.y),
    apex: meant.apex,
    launch: Math.atan2(launch.vz, Math.hypot(launch.vx, launch.vy)),
    ballSpeed: Math.hypot(launch.vx, launch.vy, launch.vz),
    spin: Math.hypot(launch.wx, launch.wy, launch.wz),
    lipClearance: meant.lipClearance,
    effectiveLoft: effectiveLoft(normals),
    effectiveBounce: effectiveBounce(normals),
    attack: delivery.attack,
    grassCarry: grassCarry(setup.club, speed, golfer.skill),
    divot: divotOf(arc, speed, { normals, sole: setup.club.sole }, shot.sand),
  };
}
