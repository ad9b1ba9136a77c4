import { answer } from '@/core/tell/answer/answer';
import { readSituation } from '@/core/contract/shot/situation';
import type { LearntFactors } from '@/core/ground/player/learnt';
import { hitOf } from '@/core/lesson/review/against';
import type { NewBall } from '@/core/lesson/balls/ball';
import type { LessonFile } from '@/core/lesson/exchange/exchange';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import { trackedBall } from '@/core/lesson/tracker/simulated';
import { situationFor } from '@/core/lesson/players/player';
import { DEMO_PLAYERS, DEMO_READINGS } from './academy';

/** How a player differs from what the skill says: what the learning has to find. */
type Own = Pick<LearntFactors, 'mark_bias_mm' | 'mark_scale' | 'distance'>;

/** A lesson of the demo before its balls are hit. */
interface DemoLesson extends Pick<LessonFile, 'id' | 'plan' | 'summary' | 'homework' | 'closed'> {
  own: Readonly<Record<string, Own>>;
}

const THIRD = { name: 'Third, left of the green', shot: DEMO_READINGS[2]!.shot, line: 1 };
const HIGH_FACE = { name: 'Under the high face', shot: DEMO_READINGS[0]!.shot, line: 2 };

/** The latest lesson, for two players at two stations. */
export const DEMO_LESSON: LessonPlan = {
  held_on: '2026-05-02',
  place: 'Practice bunker behind the saltings',
  weather: 'dry sand, light wind',
  players: ['ines-okafor', 'tomas-reinholt'],
  stations: [THIRD, HIGH_FACE],
  balls_per_station: 10,
  minutes_per_turn: 10,
  notes: 'Mark first, distance second.',
};

/** Lessons at the made-up academy, the latest first; one player comes back, and her mark narrows. */
export const DEMO_LESSONS: readonly DemoLesson[] = [
  {
    id: '5a17a0e5-0000-4000-8000-000000000001',
    plan: DEMO_LESSON,
    summary: '',
    homework: '',
    closed: false,
    own: {
      'ines-okafor': { mark_bias_mm: 14, mark_scale: 1.2, distance: 0.9 },
      'tomas-reinholt': { mark_bias_mm: -3, mark_scale: 0.8, distance: 1.04 },
    },
  },
  {
    id: '5a17a0e5-0000-4000-8000-000000000002',
    plan: {
      ...DEMO_LESSON,
      held_on: '2026-04-18',
      weather: 'damp after rain',
      players: ['ines-okafor'],
      stations: [THIRD],
      balls_per_station: 14,
      notes: '',
    },
    summary: 'The line in the sand. The mark came nearer to it towards the end.',
    homework: 'Line in the sand, twenty marks without a ball, every other day.',
    closed: true,
    own: { 'ines-okafor': { mark_bias_mm: 19, mark_scale: 1.5, distance: 0.88 } },
  },
  {
    id: '5a17a0e5-0000-4000-8000-000000000003',
    plan: {
      ...DEMO_LESSON,
      held_on: '2026-04-04',
      weather: 'dry, cold wind',
      players: ['ines-okafor'],
      stations: [THIRD],
      balls_per_station: 12,
      notes: 'First time together.',
    },
    summary: 'Fear of the sand: weight hung back, three balls of twelve stayed in.',
    homework: 'Weight forward before the swing, and leave it there.',
    closed: true,
    own: { 'ines-okafor': { mark_bias_mm: 24, mark_scale: 1.9, distance: 0.85 } },
  },
];

/** The balls of a lesson, read by the simulated tracker. */
function ballsOf({ plan, own }: DemoLesson, group: number): NewBall[] {
  const balls: NewBall[] = [];
  for (const id of plan.players) {
    const record = DEMO_PLAYERS.find((player) => player.id === id)!;
    plan.stations.forEach((station, at) => {
      const situation = situationFor(record, station.shot);
      const { player } = readSituation(situation).question;
      const call = answer(situation, 'yards', () => 0, 1).flag!.picture.kept;
      const learnt: LearntFactors = {
        version: 1,
        balls: 0,
        distance_scale: 1,
        aim_bias_deg: 0,
        aim_scale: 1,
        clubs: [],
        ...own[id]!,
      };
      const hit = hitOf(call, player, station, record);
      for (let n = 0; n < plan.balls_per_station; n++) {
        const count = balls.length;
        balls.push({
          id: `5a17a0e5-0000-4000-900${group}-${String(count + 1).padStart(12, '0')}`,
          player: id,
          station: at,
          call,
          source: 'tracker',
          hit_at: `${plan.held_on}T09:${String(count).padStart(2, '0')}:00Z`,
          ...trackedBall(hit, { ...player, learnt }, group + at + 1, n),
        });
      }
    });
  }
  return balls;
}

/** The lessons of the demo with their balls, as files that can be imported. */
export const demoLessons = (): LessonFile[] =>
  DEMO_LESSONS.map((lesson, group) => {
    const { own: _own, ...rest } = lesson;
    return {
      format: 'mellow-divot/lesson',
      version: 1,
      ...rest,
      balls: ballsOf(lesson, group),
    };
  });
