import { headNormals } from '@/core/ground/club/geometry';
import { lengthFactor } from '../golfer/headSpeed';
import { divotOf, type Divot } from '../passage/divot';
import { headAtMark, sandTool } from '../passage/passage';
import { visibleEdge } from '@/core/ground/arc/arc';
import { deliveryOf, holdOf, type Setup } from '../swing/setup';
import { play, readyFor, type Ready } from './play';
import { speedWith, type Golfer } from '../golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import { arcWith } from './strike';
import type { SwingError } from '../swing/swingError';

/** What can be seen of a ball that was struck from the sand, m. */
export interface Seen {
  /** Where the club entered, behind the visible back edge of the ball; ball first is negative. */
  entry: number;
  carry: number;
  /** Where it stopped, along the line to the flag and across it, to the player's side positive. */
  x: number;
  y: number;
  thin: boolean;
  /** The lip caught it. */
  lip: boolean;
}

/** Where a swing enters the sand, m behind the visible back edge of the ball: a higher or steeper arc moves it too. */
export const entryOf = (setup: Setup, shot: Shot, error: SwingError): number =>
  -headAtMark(arcWith(deliveryOf(setup, shot), error), 10).mark - visibleEdge(shot.burial);

/** The mark that a swing leaves in the sand. */
export function divotBy(setup: Setup, golfer: Golfer, shot: Shot, error: SwingError): Divot {
  const { club, gripDown, fraction } = setup;
  const speed = speedWith(golfer, club) * lengthFactor(club, gripDown) * fraction * error.speed;
  const normals = headNormals(club, holdOf(setup, shot), error.face);
  return divotOf(
    arcWith(deliveryOf(setup, shot), error),
    speed,
    sandTool(normals, club),
    shot.sand,
  );
}

/** Whether the lip caught a ball that came so far over its edge, m. */
export const isCaught = (lipClearance: number, shot: Shot): boolean =>
  shot.lip.height > 0 && Number.isFinite(lipClearance) && lipClearance <= 0;

/** Plays one swing of a set-up that was made ready, and tells what can be seen of it. */
export function seenOf(ready: Ready, aim: number, error: SwingError): Seen {
  const { setup, shot } = ready;
  const { finish, thin } = play(ready, error, aim);
  const { carry, x, y, lipClearance } = finish;
  return {
    entry: entryOf(setup, shot, error),
    carry,
    x,
    y,
    thin,
    lip: isCaught(lipClearance, shot),
  };
}

/** {@link seenOf} for one ball. */
export const seenBall = (
  setup: Setup,
  aim: number,
  golfer: Golfer,
  shot: Shot,
  error: SwingError,
): Seen => seenOf(readyFor(setup, golfer, shot), aim, error);
