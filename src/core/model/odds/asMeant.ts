import type { Shot } from '@/core/ground/situation/shot';
import { engineHere } from '../batch/engine';
import { playFour, type Trial } from '../batch/fours';
import type { Finish } from '../flight/finish';
import { speedWith, type Golfer } from '../golfer/golfer';
import { playAsMeant } from '../shot/play';
import { intentOf, type Intent } from '../shot/strike';
import type { Setup } from '../swing/setup';
import { sceneOf } from './scene';

/** What of a ball as meant solving for a distance needs, m. */
export type Meant = Pick<Finish, 'x' | 'y' | 'carry' | 'lipClearance'>;

/** A set-up and the direction of its path, radians from the line. */
export interface Aimed {
  setup: Setup;
  aim: number;
  /** The same set-up with another length of swing, made ready: what else it needs is worked out already. */
  like?: Intent;
}

/** What the kernel plays of a set-up. */
function trialOf({ setup, aim, like }: Aimed, golfer: Golfer, shot: Shot): Trial {
  if (like)
    return { intent: like, speed: like.speed * (setup.fraction / like.setup.fraction), aim };
  const intent = intentOf(setup, speedWith(golfer, setup.club), shot);
  return { intent, speed: intent.speed, aim };
}

/**
 * Where balls as meant finish, for many set-ups at once: four at a time by the kernel; one by one by the reference where there
 * is none, and putts.
 */
export function meantOf(all: readonly Aimed[], golfer: Golfer, shot: Shot): Meant[] {
  const engine = engineHere();
  const slow = ({ setup, aim }: Aimed): Meant => playAsMeant(setup, golfer, shot, aim);
  if (!engine) return all.map(slow);
  const found = new Array<Meant>(all.length);
  const waiting: number[] = [];
  const trials: Trial[] = [];
  const scene = sceneOf(shot, golfer.skill);
  const play = (): void => {
    const balls = playFour(engine, scene, trials, golfer.startsOff ?? 0);
    waiting.forEach((i, lane) => {
      found[i] = {
        x: balls.x[lane]!,
        y: balls.y[lane]!,
        carry: balls.carry[lane]!,
        lipClearance: balls.clearance[lane]!,
      };
    });
    waiting.length = 0;
    trials.length = 0;
  };
  all.forEach((each, i) => {
    if (each.setup.technique === 'putt') {
      found[i] = slow(each);
      return;
    }
    waiting.push(i);
    trials.push(trialOf(each, golfer, shot));
    if (waiting.length === 4) play();
  });
  if (waiting.length > 0) play();
  return found;
}
