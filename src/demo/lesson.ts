import { answer } from '@/core/answer/answer';
import { readSituation } from '@/core/contract/readSituation';
import { hitOf } from '@/core/lesson/against';
import type { NewBall } from '@/core/lesson/ball';
import { callOf } from '@/core/lesson/callOf';
import type { LessonPlan } from '@/core/lesson/lesson';
import { trackedBall } from '@/core/tracker/simulated';
import { situationFor } from '@/core/roster/player';
import { DEMO_PLAYERS, DEMO_READINGS } from './academy';

export const DEMO_LESSON_ID = '5a17a0e5-0000-4000-8000-000000000001';

/** A lesson for two at the made-up academy, its stations from the demo's own readings. */
export const DEMO_LESSON: LessonPlan = {
  held_on: '2026-05-02',
  place: 'Practice bunker behind the saltings',
  weather: 'dry sand, light wind',
  players: ['ines-okafor', 'tomas-reinholt'],
  stations: [
    { name: 'Third, left of the green', shot: DEMO_READINGS[2]!.shot, line: 1 },
    { name: 'Under the high face', shot: DEMO_READINGS[0]!.shot, line: 2 },
  ],
  balls_per_station: 10,
  minutes_per_turn: 10,
  notes: 'Mark first, distance second.',
};

/** How the players of the lesson differ from what their skill says: what the learning has to find. */
const DIFFERENT = {
  'ines-okafor': { mark_bias_mm: 14, mark_scale: 1.2, distance: 0.9 },
  'tomas-reinholt': { mark_bias_mm: -3, mark_scale: 0.8, distance: 1.04 },
} as const;

/** The balls of the lesson, read by the simulated tracker. */
export function demoBalls(): NewBall[] {
  const balls: NewBall[] = [];
  for (const id of DEMO_LESSON.players) {
    const record = DEMO_PLAYERS.find((player) => player.id === id)!;
    const own = DIFFERENT[id as keyof typeof DIFFERENT];
    DEMO_LESSON.stations.forEach((station, at) => {
      const situation = situationFor(record, station.shot);
      const { player } = readSituation(situation).question;
      const call = callOf(answer(situation, 'yards', () => 0).sheet.calls[0]!);
      const swinger = {
        ...player,
        learnt: {
          version: 1,
          balls: 0,
          distance_scale: 1,
          aim_bias_deg: 0,
          aim_scale: 1,
          clubs: [],
          ...own,
        },
      };
      const hit = hitOf(call, player, station, record);
      for (let n = 0; n < DEMO_LESSON.balls_per_station; n++) {
        const count = balls.length;
        balls.push({
          id: `5a17a0e5-0000-4000-9000-${String(count + 1).padStart(12, '0')}`,
          player: id,
          station: at,
          call,
          source: 'tracker',
          hit_at: `2026-05-02T09:${String(count).padStart(2, '0')}:00Z`,
          ...trackedBall(hit, swinger, at + 1, n),
        });
      }
    });
  }
  return balls;
}
