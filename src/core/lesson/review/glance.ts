import { readShot } from '@/core/contract/shot/shot';
import type { LessonPlan } from '../plan/lesson';
import { forStats, type CalledBall } from './against';
import { partsOf } from './parts';
import { cameOut, shareOf, type Share } from './stats';

/** What a lesson came to, as a list says it. */
export interface Glance {
  out: Share;
  /** The same in the first and in the second half of each player's balls; null with too few. */
  halves: { first: Share; second: Share } | null;
}

type Known = boolean[];

const shareKnown = (known: Known): Share => shareOf(known.filter(Boolean).length, known.length);

/** What the balls of a lesson came to: how many came out, and whether that moved while the players hit. */
export function glanceOf(
  plan: LessonPlan,
  balls: readonly (CalledBall & { player: string })[],
): Glance {
  const shots = plan.stations.map(({ shot }) => readShot(shot, 1).shot);
  const read = balls.map((ball) => forStats(ball, shots[ball.station] ?? shots[0]!));
  const known = (of: typeof read): Known =>
    of.flatMap((ball) => (ball.excluded ? [] : (cameOut(ball) ?? [])));
  const halves = partsOf(read, 'players', ({ player }) => player).map((own) =>
    partsOf(own.balls, 'halves', String).map((half) => known(half.balls)),
  );
  const [first, second] = [0, 1].map((half) =>
    shareKnown(halves.flatMap((own) => own[half] ?? [])),
  );
  return {
    out: shareKnown(known(read)),
    halves: first!.of > 0 && second!.of > 0 ? { first: first!, second: second! } : null,
  };
}
