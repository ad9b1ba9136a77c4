import { check } from '@/core/contract/check/fault';
import {
  exactObject,
  integerField,
  listField,
  numberField,
  required,
  textField,
  wordField,
  type Of,
} from '@/core/contract/check/fields';
import { clubName } from '@/core/contract/shot/club';
import { playerIdField, timeField, uuidField } from '@/core/contract/check/ids';
import { LIES } from '@/core/ground/sand/lie';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { readShot, type ShotInput } from '@/core/contract/shot/shot';
import { LEVELS, SLOPES, type Scene, type Slope } from './scene';

/** What is learnt by looking and calling. */
export const TOPICS = [
  'distance',
  'lip',
  'lie',
  'sand',
  'slope',
  'club',
  'face',
  'entry',
  'swing',
] as const;

export type Topic = (typeof TOPICS)[number];

/** How a trainee read a scene: distance and lip in m. */
const readingFields = {
  pin_m: required(numberField(1, 100, 'm')),
  lip_m: required(numberField(0, 6, 'm')),
  lie: required(wordField(LIES)),
  sand: required(wordField(SAND_PRESETS)),
  slope: required(wordField(SLOPES)),
};

/** What a trainee called for it. */
const callFields = {
  club: required(clubName),
  face_deg: required(numberField(-20, 60, 'deg')),
  entry_in: required(numberField(-1, 5, 'in')),
  swing_fraction: required(numberField(0.1, 1.1)),
};

const answerSchema = exactObject({ ...readingFields, ...callFields });

/** What a trainee read and called. */
export type EyeAnswer = Of<typeof answerSchema>;

const right = (): ReturnType<typeof integerField> => integerField(0, 1);

const sceneResultFields = {
  id: required(uuidField),
  seed: required(integerField(1, 1_000_000_000)),
  level: required(integerField(1, LEVELS.length)),
  answered_at: required(timeField),
  /** Kinds of things that the scene showed: what is to be seen again goes by them. */
  shows: required(listField(textField(1, 40), 1, 10)),
  answer: required(answerSchema),
  /** 1 for each topic that was right. */
  right: required(
    exactObject({
      distance: required(right()),
      lip: required(right()),
      lie: required(right()),
      sand: required(right()),
      slope: required(right()),
      club: required(right()),
      face: required(right()),
      entry: required(right()),
      swing: required(right()),
    }),
  ),
  /** Strokes lost against the best call, on the mean. */
  lost: required(numberField(-1, 20)),
};

export const eyeResultFields = { ...sceneResultFields, player: required(playerIdField) };

const sceneResultSchema = required(exactObject(sceneResultFields));
const resultSchema = required(exactObject(eyeResultFields));

/** A scene that somebody answered, with what was right: a coach's or an assistant's own, where no player is named. */
export type SceneResult = Of<typeof sceneResultSchema>;

/** Checks a coach's or an assistant's own result. Throws FaultyInput. */
export const readSceneResult = (input: unknown): SceneResult => check(sceneResultSchema, input);

/** A scene that a player answered, with what was right. */
export type EyeResult = Of<typeof resultSchema>;

/** Checks a result. Throws FaultyInput naming every field that is wrong and what is allowed. */
export const readEyeResult = (input: unknown): EyeResult => check(resultSchema, input);

/** Checks what was read and called. Throws FaultyInput. */
export const readEyeAnswer = (input: unknown): EyeAnswer => check(required(answerSchema), input);

/** How near a number must be: a share of it, or so many m. Tuned to what coaches call a good eye. */
const NEAR = { distance: [0.12, 1.2], lip: [0.25, 0.15] } as const;

const near = (said: number, is: number, [share, least]: readonly [number, number]): boolean =>
  Math.abs(said - is) <= Math.max(least, share * is);

/** How near a part of the call must be to the best one. */
const CALL_NEAR = { face: 10, entry: 0.75, swing: 0.1 } as const;

/** A call that costs less than this against the best is as good: then nothing of it is wrong. Tuned. */
export const AS_GOOD = 0.05;

/** The best call of a scene, as far as answers are held against it. */
export type BestCall = Pick<EyeAnswer, 'club' | 'face_deg' | 'entry_in' | 'swing_fraction'>;

/**
 * What of an answer was right.
 *
 * @param lost strokes against the best call
 */
export function markOf(
  scene: Scene,
  answer: EyeAnswer,
  best: BestCall,
  lost: number,
): Record<Topic, 0 | 1> {
  const good = lost < AS_GOOD;
  const is = (held: boolean): 0 | 1 => (held ? 1 : 0);
  const close = (part: 'face_deg' | 'entry_in' | 'swing_fraction', most: number): 0 | 1 =>
    is(good || Math.abs(answer[part] - best[part]) <= most);
  return {
    distance: is(near(answer.pin_m, scene.pin, NEAR.distance)),
    lip: is(near(answer.lip_m, scene.lip, NEAR.lip)),
    lie: is(answer.lie === scene.lie),
    sand: is(answer.sand === scene.sand),
    slope: is(answer.slope === scene.slope),
    club: is(good || answer.club === best.club),
    face: close('face_deg', CALL_NEAR.face),
    entry: close('entry_in', CALL_NEAR.entry),
    swing: close('swing_fraction', CALL_NEAR.swing),
  };
}

/** Slopes that were only named, degrees. */
const NAMED: Record<Slope, { along_deg: number; across_deg: number }> = {
  level: { along_deg: 0, across_deg: 0 },
  uphill: { along_deg: 8, across_deg: 0 },
  downhill: { along_deg: -8, across_deg: 0 },
  above: { along_deg: 0, across_deg: 8 },
  below: { along_deg: 0, across_deg: -8 },
};

/** The shot that a trainee saw: what was estimated in place of what is, all else as it is drawn. */
export function seenShot({ shot: drawn }: Scene, answer: EyeAnswer): ShotInput {
  const { pin_m, lip_m, lie, sand, slope } = answer;
  const { shot } = readShot(drawn, 1);
  const moved = pin_m - shot.pin;
  const distance = Math.min(shot.lip.distance, pin_m * 0.8);
  return {
    pin_m,
    edge_m: Math.min(pin_m - 0.4, Math.max(distance + 0.1, shot.edge + moved)),
    back_m: Math.max(pin_m + 1, shot.back + moved),
    lip: { height_m: lip_m, distance_m: distance },
    lie,
    sand: { preset: sand },
    slope: NAMED[slope],
    ...(drawn.green && { green: drawn.green }),
  };
}
