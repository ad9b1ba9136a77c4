import { TOPICS, type EyeResult } from '@/core/lesson/eye/answer';
import { cardsOf } from '@/core/lesson/eye/cards';
import { sceneOf } from '@/core/lesson/eye/scene';

/** A scene that was answered, all of it rightly, and what a test says otherwise. */
export function anEyeResult(fields: Partial<EyeResult> = {}): EyeResult {
  const scene = sceneOf(5, 3);
  const { seed, level, pin, lip, lie, sand, slope } = scene;
  return {
    id: '00000000-0000-4000-8000-00000000e001',
    player: 'ada',
    seed,
    level,
    answered_at: '2026-06-01T10:00:00.000Z',
    shows: cardsOf(scene),
    answer: {
      pin_m: pin,
      lip_m: lip,
      lie,
      sand,
      slope,
      club: '56',
      face_deg: 12,
      entry_in: 2,
      swing_fraction: 0.7,
    },
    right: Object.fromEntries(TOPICS.map((topic) => [topic, 1])) as EyeResult['right'],
    lost: 0.02,
    ...fields,
  };
}
