import { samplerOf } from '@/core/ground/numeric/sampling';
import { seenBall } from '@/core/model/shot/seen';
import { AS_MEANT, type SwingError } from '@/core/model/swing/swingError';
import { skilled, twoHits } from '@/core/testing/otherPlayers';
import { changedBy, drawUnknown } from './caused';
import { CAUSES, NOTHING } from './causes';

const golfer = skilled('middle');
const [hit] = twoHits(golfer);
const cause = (id: string) => CAUSES.find((each) => each.id === id)!;
const NO_BIAS = { mark: 0, height: 0 };

test('without a cause, or at no strength, a swing is what it was', () => {
  const swing = { ...AS_MEANT, mark: 0.01, height: -0.003, speed: 1.05, face: 0.02 };
  expect(changedBy(NOTHING.effect, 1, NO_BIAS)(swing)).toEqual(swing);
  const none = changedBy(cause('hangs-back').effect, 0, NO_BIAS)(swing);
  for (const key of Object.keys(swing) as (keyof SwingError)[]) {
    expect(none[key]).toBeCloseTo(swing[key], 12);
  }
});

test('spread grows about the player’s own bias, not about nought', () => {
  const { effect } = cause('body-slides');
  const slides = changedBy(effect, 1, { mark: 0.01, height: 0 });
  const at = (mark: number): number => slides({ ...AS_MEANT, mark }).mark;
  expect(at(0.01)).toBeCloseTo(0.01, 12);
  expect(at(0.02) - at(0.01)).toBeCloseTo(0.01 * effect.wider!.mark!, 12);
});

test.each([
  ['hangs-back', 'entry', 1],
  ['afraid-of-sand', 'entry', -1],
  ['ball-too-far-back', 'entry', -1],
  ['ball-too-far-forward', 'entry', 1],
  ['decelerates', 'carry', -1],
  ['too-quick', 'carry', 1],
  ['aims-to-the-lead-side', 'y', 1],
  ['aims-to-the-trail-side', 'y', -1],
] as const)('%s moves %s the way coaches see it', (id, field, sign) => {
  const { setup, aim, shot } = hit!;
  const seen = (error: SwingError): number => seenBall(setup, aim, golfer, shot, error)[field];
  const made = changedBy(cause(id).effect, 1, NO_BIAS)(AS_MEANT);
  expect(sign * (seen(made) - seen(AS_MEANT))).toBeGreaterThan(0.005);
});

test('something unknown moves two things, and the same seed the same two', () => {
  const effects = [1, 2, 3, 4].map((seed) => drawUnknown(samplerOf(seed)));
  for (const { shift } of effects) expect(Object.keys(shift)).toHaveLength(2);
  expect(drawUnknown(samplerOf(2))).toEqual(effects[1]);
  expect(new Set(effects.map((effect) => JSON.stringify(effect))).size).toBe(4);
});
