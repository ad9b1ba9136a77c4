import type { Shot } from '@/core/ground/situation/shot';
import { engineHere } from '../batch/engine';
import { playFour, type Trial } from '../batch/fours';
import type { Finish } from '../flight/finish';
import { speedWith, type Golfer } from '../golfer/golfer';
import { meantBy, play, readyFor } from '../shot/play';
import { intentOf, type Intent } from '../shot/strike';
import type { Setup } from '../swing/setup';
import { sceneOf } from './scene';

/** What of a ball as meant a search needs, m. */
export interface Meant extends Pick<Finish, 'x' | 'y' | 'carry' | 'lipClearance'> {
  /** Way of the head through sand before the ball. */
  path: number;
}

/** One set-up as meant, by the reference. */
export function meantSingly({ setup, aim }: Aimed, golfer: Golfer, shot: Shot): Meant {
  const { finish, path } = play(readyFor(setup, golfer, shot), meantBy(golfer), aim);
  return { ...finish, path };
}

/** A set-up and the direction of its path, radians from the line. */
export interface Aimed {
  setup: Setup;
  aim: number;
}

/** A set-up made ready, with another length of swing: what else it needs is worked out already. */
export interface Swung {
  like: Intent;
  fraction: number;
  aim: number;
}

/** What the kernel plays of a set-up. */
function trialOf(each: Aimed | Swung, golfer: Golfer, shot: Shot): Trial {
  const { aim } = each;
  if ('like' in each) {
    const { like, fraction } = each;
    return { intent: like, speed: like.speed * (fraction / like.setup.fraction), aim };
  }
  const intent = intentOf(each.setup, speedWith(golfer, each.setup.club), shot);
  return { intent, speed: intent.speed, aim };
}

/** The set-up of what is played, and its aim. */
const aimedOf = (each: Aimed | Swung): Aimed =>
  'like' in each ? { setup: { ...each.like.setup, fraction: each.fraction }, aim: each.aim } : each;

/**
 * Where balls as meant finish, for many set-ups at once: four at a time by the kernel; one by one by the reference where there
 * is none, and putts.
 */
export function meantOf(all: readonly (Aimed | Swung)[], golfer: Golfer, shot: Shot): Meant[] {
  const engine = engineHere();
  const slow = (each: Aimed | Swung): Meant => meantSingly(aimedOf(each), golfer, shot);
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
        path: balls.path[lane]!,
      };
    });
    waiting.length = 0;
    trials.length = 0;
  };
  all.forEach((each, i) => {
    if ('setup' in each && each.setup.technique === 'putt') {
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
