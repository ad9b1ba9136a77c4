import { meanOfWorst } from '../numeric/order';
import type { Skill } from '../player/player';
import type { Setup } from '../swing/setup';
import { effortFactor, speedSpreadFactor } from '../spread/effort';
import { deliveryOf } from '../swing/setup';
import { finishOf, type Finish } from './finish';
import { outcomeOf } from './outcome';
import type { Shot } from './shot';
import { AS_MEANT, strike, type SwingError } from './strike';

/** A golfer in this model: what the swing can do and how it strays. */
export interface Golfer {
  skill: Skill;
  /** Full head speed at the reference length, m/s. */
  headSpeed: number;
}

/** Chances and strokes over a sample of a player's swings. */
export interface Odds {
  out: number;
  lip: number;
  green: number;
  thin: number;
  fat: number;
  within2m: number;
  strokes: number;
  worstTenth: number;
  /** Strokes of each swing, for differences between candidates on common swings. */
  each: Float64Array;
  /** Where each ball finished along the line, m. */
  finishes: Float64Array;
}

/** A ball carries heavy when it goes less than this share of what was meant, through more sand. */
const FAT_SHARE = 0.7;

/**
 * Direction of the path that sends the ball as meant to the line of the flag, radians from the line, towards
 * the player's side positive: found from where a ball played straight along the path finishes.
 */
export function aimFor(setup: Setup, golfer: Golfer, shot: Shot): number {
  const { launch } = strike(setup, AS_MEANT, golfer.headSpeed, shot.sand, shot.burial);
  const straight = finishOf(launch, 0, shot);
  return -Math.atan2(straight.y, Math.max(straight.x, 1e-6));
}

/** The ball as meant: every error zero. */
export function meantFinish(setup: Setup, golfer: Golfer, shot: Shot, aim: number): Finish {
  const { launch } = strike(setup, AS_MEANT, golfer.headSpeed, shot.sand, shot.burial);
  return finishOf(launch, aim, shot);
}

/** Odds of a set-up over the given swings. `swings` must not be empty. */
export function oddsOf(
  setup: Setup,
  golfer: Golfer,
  shot: Shot,
  aim: number,
  swings: readonly SwingError[],
): Odds {
  const each = new Float64Array(swings.length);
  const finishes = new Float64Array(swings.length);
  const sum = { out: 0, lip: 0, green: 0, thin: 0, fat: 0, within2m: 0, strokes: 0 };
  const meant = meantFinish(setup, golfer, shot, aim).carry;
  const meantPath = deliveryOf(setup, shot.burial).path;
  const effort = effortFactor(setup.fraction);
  const speedSpread = speedSpreadFactor(setup.fraction);
  swings.forEach((swing, i) => {
    const error = {
      mark: swing.mark * effort,
      height: swing.height * effort,
      attack: swing.attack * effort,
      speed: Math.max(0.2, 1 + (swing.speed - 1) * speedSpread),
      face: swing.face,
      aim: swing.aim,
    };
    const { launch, head } = strike(setup, error, golfer.headSpeed, shot.sand, shot.burial);
    const finish = finishOf(launch, aim + error.aim, shot);
    const outcome = outcomeOf(finish, shot, golfer.skill);
    each[i] = outcome.strokes;
    finishes[i] = finish.x;
    sum.out += outcome.out;
    sum.lip += outcome.lip;
    sum.green += outcome.green;
    sum.within2m += outcome.within2m;
    sum.strokes += outcome.strokes;
    if (launch.thin) sum.thin += 1;
    else if (finish.carry < FAT_SHARE * meant && head.path > meantPath) sum.fat += 1;
  });
  const n = swings.length;
  return {
    out: sum.out / n,
    lip: sum.lip / n,
    green: sum.green / n,
    thin: sum.thin / n,
    fat: sum.fat / n,
    within2m: sum.within2m / n,
    strokes: sum.strokes / n,
    worstTenth: meanOfWorst(each, 0.1),
    each,
    finishes,
  };
}
