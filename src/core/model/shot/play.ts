import { speedWith, type Golfer } from '../golfer/golfer';
import { puttFinish } from '../putt/putt';
import type { Setup } from '../swing/setup';
import { aheadOf, type Ahead } from './ahead';
import { finishOf } from './finish';
import type { Finish } from '../flight/finish';
import type { Shot } from '@/core/ground/situation/shot';
import { AS_MEANT, type SwingError } from '../swing/swingError';
import { intentOf, swingWith, type Intent } from './strike';

/** A ball played: where it finished, and how it was struck. */
export interface Played {
  finish: Finish;
  thin: boolean;
  /** Sand travelled before the ball, m. */
  path: number;
}

/** A set-up made ready to be played many times in one shot. */
export interface Ready {
  setup: Setup;
  shot: Shot;
  /** Null for a putt, which strikes no sand. */
  intent: Intent | null;
  ahead: Ahead;
}

export const readyFor = (setup: Setup, golfer: Golfer, shot: Shot): Ready => ({
  setup,
  shot,
  intent: setup.technique === 'putt' ? null : intentOf(setup, speedWith(golfer, setup.club), shot),
  ahead: aheadOf(shot),
});

/** Plays one ball: a set-up with one swing's errors, aimed. */
export function play(ready: Ready, error: SwingError, aim: number): Played {
  const { setup, shot, intent, ahead } = ready;
  if (intent === null) {
    return { finish: puttFinish(setup.fraction, error, aim, shot), thin: false, path: 0 };
  }
  const { launch, head } = swingWith(intent, error);
  const finish = finishOf(launch, aim + error.aim, ahead);
  return { finish, thin: launch.thin, path: head.path };
}

/** The swing as meant: every error zero, but for where the golfer's balls are known to start. */
export const meantBy = ({ startsOff = 0 }: Golfer): SwingError =>
  startsOff === 0 ? AS_MEANT : { ...AS_MEANT, aim: startsOff };

/** The shot as planned. */
export const playAsMeant = (setup: Setup, golfer: Golfer, shot: Shot, aim: number): Finish =>
  play(readyFor(setup, golfer, shot), meantBy(golfer), aim).finish;

/** Aim that sends the ball to the line, radians, from where it finished when played along another. */
export const straightened = (aim: number, { x, y }: Pick<Finish, 'x' | 'y'>): number =>
  aim - Math.atan2(y, Math.max(x, 1e-6));

/**
 * Direction of the path that sends the ball as meant to the line of play, radians from the line, towards the
 * player's side positive. Found from where a ball played along the line finishes, and once more for the wind.
 */
export function aimFor(setup: Setup, golfer: Golfer, shot: Shot): number {
  const turn = (aim: number): number => straightened(aim, playAsMeant(setup, golfer, shot, aim));
  const straight = turn(0);
  return shot.wind.x === 0 && shot.wind.y === 0 ? straight : turn(straight);
}
