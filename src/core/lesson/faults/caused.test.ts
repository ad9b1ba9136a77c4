import { samplerOf } from '@/core/ground/numeric/sampling';
import { plainGolferOf } from '@/core/model/golfer/golferOf';
import { aimFor } from '@/core/model/shot/play';
import { AS_MEANT } from '@/core/model/swing/swingError';
import { sampleSwings } from '@/core/model/spread/swings';
import { aPlayer, aShot, aSplash, CLUB_56 } from '@/core/testing/fixtures';
import { CAUSES, NOTHING } from './causes';
import { causedBalls, causedSwing, meantHits } from './caused';
import type { Hit } from '@/core/model/shot/hit';

const golfer = plainGolferOf(aPlayer('middle'));
const hitAt = (pin: number, fraction: number): Hit => {
  const setup = aSplash(CLUB_56, 20, 0.04, fraction);
  const shot = aShot(pin, 1);
  return { setup, aim: aimFor(setup, golfer, shot), shot };
};
const hits = meantHits([hitAt(15, 0.75)], golfer);
const swings = sampleSwings(golfer.habits, 512, 3);
const cause = (id: string) => CAUSES.find((each) => each.id === id)!;
const mean = (values: number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

test('without a cause, or at no strength, a swing is what it was', () => {
  const swing = { ...AS_MEANT, mark: 0.01, height: -0.003, speed: 1.05, face: 0.02 };
  expect(causedSwing(swing, NOTHING, 1, { mark: 0, height: 0 })).toEqual(swing);
  const none = causedSwing(swing, cause('hangs-back'), 0, { mark: 0, height: 0 });
  for (const key of Object.keys(swing) as (keyof typeof swing)[]) {
    expect(none[key]).toBeCloseTo(swing[key], 12);
  }
});

test('spread grows about the player’s own bias, not about nought', () => {
  const bias = { mark: 0.01, height: 0 };
  const slides = cause('body-slides');
  const at = (mark: number): number => causedSwing({ ...AS_MEANT, mark }, slides, 1, bias).mark;
  expect(at(0.01)).toBeCloseTo(0.01, 12);
  expect(at(0.02) - at(0.01)).toBeCloseTo(0.01 * slides.effect.wider!.mark!, 12);
});

test('the same seed gives the same balls, another one others', () => {
  const draw = (seed: number) =>
    causedBalls(cause('decelerates'), hits, { golfer, swings, count: 8 }, samplerOf(seed));
  expect(draw(1)).toEqual(draw(1));
  expect(draw(1)).not.toEqual(draw(2));
});

test.each([
  ['hangs-back', 'entryOff', 1],
  ['afraid-of-sand', 'entryOff', -1],
  ['ball-too-far-back', 'entryOff', -1],
  ['ball-too-far-forward', 'entryOff', 1],
  ['decelerates', 'carryShare', -1],
  ['too-quick', 'carryShare', 1],
  ['aims-to-the-lead-side', 'direction', 1],
  ['aims-to-the-trail-side', 'direction', -1],
] as const)('%s moves %s the way coaches see it', (id, field, sign) => {
  const of = (each: typeof NOTHING): number =>
    mean(
      causedBalls(each, hits, { golfer, swings, count: 120 }, samplerOf(5)).flatMap(
        (ball) => ball[field] ?? [],
      ),
    );
  expect(sign * (of(cause(id)) - of(NOTHING))).toBeGreaterThan(0.005);
});

test('the calls come in the proportion in which they were hit, each against its own carry', () => {
  const near = hitAt(15, 0.75);
  const far = hitAt(25, 0.95);
  const balls = causedBalls(
    NOTHING,
    meantHits([near, near, far], golfer),
    { golfer, swings: [{ ...AS_MEANT }], count: 30 },
    samplerOf(1),
  );
  expect(balls).toHaveLength(30);
  for (const { carryShare, entryOff } of balls) {
    expect(carryShare).toBeCloseTo(1, 6);
    expect(entryOff).toBeCloseTo(0, 3);
  }
});
