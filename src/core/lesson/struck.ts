import { headAtMark } from '../sand/passage';
import { arcThrough, flooredAttack, visibleEdge } from '../swing/arc';
import { deliveryOf, type Setup } from '../swing/setup';
import { play, readyFor, type Golfer } from '../shot/play';
import type { Shot } from '../shot/shot';
import type { SwingError } from '../shot/strike';

/** What can be seen of a ball that was struck from the sand, m. */
export interface Seen {
  /** Where the club entered, behind the visible back edge of the ball; ball first is negative. */
  entry: number;
  carry: number;
  /** Where it stopped, along the line to the flag and across it, to the player's side positive. */
  x: number;
  y: number;
  thin: boolean;
}

/** Where a swing enters the sand, m behind the visible back edge of the ball: a higher or steeper arc moves it too. */
export function entryOf(setup: Setup, shot: Shot, error: SwingError): number {
  const delivery = deliveryOf(setup, shot);
  const arc = arcThrough(
    delivery.path + error.mark,
    flooredAttack(delivery.attack + error.attack),
    delivery.lift + error.height,
  );
  return -headAtMark(arc, 10).mark - visibleEdge(shot.burial);
}

/** Plays one swing and tells what can be seen of it. */
export function seenBall(
  setup: Setup,
  aim: number,
  golfer: Golfer,
  shot: Shot,
  error: SwingError,
): Seen {
  const { finish, thin } = play(readyFor(setup, golfer, shot), error, aim);
  return {
    entry: entryOf(setup, shot, error),
    carry: finish.carry,
    x: finish.x,
    y: finish.y,
    thin,
  };
}
