import { box, greenOver, plainPlace, spotIn } from '@/core/testing/place';
import { withCut, withDepth } from '../record/edit';
import { drawnPlace } from './drawnPlace';
import { flagsOn, usualFlag } from './flagsOn';
import { groundShot } from './groundShot';
import { sandAt } from './sandAt';

/* What changes from day to day: holes and sand. */

const day = '2026-11-08';

/** A green with a flag at its front and one at its back, and a second green to the east. */
const place = plainPlace({
  greens: [
    greenOver(box([-12, 10], [12, 30]), [0, 12], {
      flags: [
        { id: 'front', name: 'Front', x_m: 0, y_m: 12 },
        { id: 'back', name: 'Back', x_m: 0, y_m: 28 },
      ],
    }),
    greenOver(box([30, -5], [50, 5]), [32, 0], { id: 'east', name: 'East' }),
  ],
});
const withBackCut = {
  ...place,
  greens: [withCut(place.greens[0]!, day, 'back'), place.greens[1]!],
};

test('where nobody said all flags are in play and the nearest is played at', () => {
  const drawn = drawnPlace(place);
  expect(flagsOn(drawn, day).every(({ inPlay, isCut }) => inPlay && !isCut)).toBe(true);
  expect(usualFlag(drawn, [0, 0], day)?.key).toBe('green/front');
  expect(usualFlag(drawn, [20, 0], day)?.key).toBe('east/flag');
  expect(usualFlag({ greens: [] }, [0, 0], day)).toBeNull();
});

test('of a green whose hole was cut the other flags are out of play, until that day not', () => {
  const drawn = drawnPlace(withBackCut);
  expect(flagsOn(drawn, day).map(({ key, isCut, inPlay }) => [key, isCut, inPlay])).toEqual([
    ['green/back', true, true],
    ['east/flag', false, true],
    ['green/front', false, false],
  ]);
  expect(usualFlag(drawn, [0, 0], day)?.key).toBe('green/back');
  expect(usualFlag(drawn, [0, 0], '2026-11-07')?.key).toBe('green/front');
});

test('the depth of sand is that of the spots about the ball, never beyond any of them', () => {
  const [bunker] = place.bunkers;
  const felt = withDepth(withDepth(bunker!, day, [-3, 0], 0.02), day, [3, 0], 0.12);
  const [sand] = felt.sand;
  expect(sandAt(sand!, [-3, 0]).depth_m).toBeCloseTo(0.02, 3);
  expect(sandAt(sand!, [3, 0]).depth_m).toBeCloseTo(0.12, 3);
  expect(sandAt(sand!, [0, 1]).depth_m).toBeCloseTo(0.07, 9);
  let before = 0;
  for (let x = -3; x <= 3; x += 0.5) {
    const depth = sandAt(sand!, [x, 0.4]).depth_m!;
    expect(depth).toBeGreaterThan(before);
    expect(depth).toBeLessThan(0.12);
    before = depth;
  }
  expect(sandAt(null, [0, 0])).toBeNull();

  // By hand: (0.02 / 0.26 + 0.12 / 36.26) / (1 / 0.26 + 1 / 36.26) = 0.0207 m.
  const { drawn, spot } = spotIn({ ...place, bunkers: [felt] }, [-3, 0.5]);
  const shot = groundShot(drawn, spot, { handed: 'right', lie: 'clean', day });
  expect(shot.sand).toEqual({ preset: 'medium', depth_m: 0.021 });
});
