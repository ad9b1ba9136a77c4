import { UTCDate } from '@date-fns/utc';
import { addDays } from 'date-fns';
import { markOf, type EyeAnswer, type EyeResult } from '@/core/lesson/eye/answer';
import { cardsOf } from '@/core/lesson/eye/cards';
import { sceneOf, type Level } from '@/core/lesson/eye/scene';

const SCENES = 14;
const CALL = { club: '56', face_deg: 25, entry_in: 2, swing_fraction: 0.7 } as const;

/** Scenes that a player of the demo answered in the last two weeks: a good eye for sand, a poor one for lips. */
export function demoEye(today: string): EyeResult[] {
  return Array.from({ length: SCENES }, (_, n): EyeResult => {
    const level: Level = n < 4 ? 2 : 3;
    const scene = sceneOf(900 + n, level);
    const answer: EyeAnswer = {
      pin_m: scene.pin * (n % 3 === 0 ? 1.3 : 1.05),
      lip_m: scene.lip * (n % 4 === 0 ? 1 : 1.6),
      lie: n % 5 === 0 ? 'clean' : scene.lie,
      sand: scene.sand,
      slope: n % 6 === 0 ? 'level' : scene.slope,
      ...CALL,
    };
    const best = { ...CALL, club: n % 4 === 0 ? '60' : CALL.club, entry_in: n % 3 === 0 ? 1 : 2 };
    const lost = n % 3 === 0 ? 0.21 : 0.08;
    return {
      id: `5a17a0e5-0000-4000-8000-0000000002${String(n).padStart(2, '0')}`,
      player: 'ines-okafor',
      seed: scene.seed,
      level,
      answered_at: addDays(new UTCDate(`${today}T09:00:00Z`), n - SCENES).toISOString(),
      shows: cardsOf(scene),
      answer,
      right: markOf(scene, answer, best, lost),
      lost,
    };
  });
}
