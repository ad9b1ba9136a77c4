import { fact } from '@/core/ground/fact/fact';
import type { TrackerAim } from '@/core/lesson/tracker/aim';
import { readTrackedBall } from '@/core/lesson/tracker/trackedBall';
import { addBalls } from '@/data/balls';
import { trackerState } from '@/data/tracker';
import { takeLines, type TakeLine } from '../../deviceLines';
import { refuse } from '../../respond';

export const dynamic = 'force-dynamic';

/** Saves the ball of a line for what the tracker is aimed at. */
const ballsFor =
  ({ lesson, player, station, call }: TrackerAim): TakeLine =>
  async (line, db) => {
    const ball = readTrackedBall(line);
    const saved = await addBalls(db, lesson, [
      { ...ball, player, station, call, source: 'tracker' },
    ]);
    if (saved) return { saved: ball.id };
    return { error: [{ path: 'aim', message: fact('request.lessonGone') }] };
  };

/**
 * Takes balls of a tracker for what the open lesson is aimed at; a ball that is sent again is answered again and saved once. 409
 * while no lesson listens.
 */
export const POST = (request: Request): Promise<Response> =>
  takeLines(request, async (db) => {
    const { aim } = await trackerState(db);
    return aim
      ? ballsFor(aim)
      : refuse(409, [{ path: 'aim', message: fact('request.noLessonListens') }]);
  });
