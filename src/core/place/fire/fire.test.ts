import fc from 'fast-check';
import { box, bunkerOver, plainPlace, spotIn } from '@/core/testing/place';
import { shapeAbout } from '../survey/shapes';
import { FIRE, playAcross, type Fire } from './linesOfFire';
import { fromBall, groundOfStation, shotForHand } from './stationGround';

const fire = (x: number, y: number, hx: number, hy: number): Fire => ({
  ball: { x_m: x, y_m: y },
  hole: { x_m: hx, y_m: hy },
});

test('lines that cross, run close by or point at somebody are not used together; far ones side by side are', () => {
  const north = fire(0, 0, 0, 20);
  expect(playAcross(north, fire(-10, 10, 10, 10))).toBe(true);
  expect(playAcross(north, fire(3, 2, 3, 22))).toBe(true);
  expect(playAcross(north, fire(30, 0, 30, 20))).toBe(false);
  // Somebody ahead and aside, within the cone of a ball off the toe.
  expect(playAcross(north, fire(6, 25, 30, 40))).toBe(true);
  expect(playAcross(north, fire(25, 15, 60, 15))).toBe(false);
  // Back to back.
  expect(playAcross(north, fire(0, -12, 0, -30))).toBe(false);
  expect(playAcross(north, fire(0, -3, 0, -30))).toBe(true);
});

test('who stands at a station is never within reach of balls of one that is used with it', () => {
  const point = fc.double({ min: -40, max: 40, noNaN: true });
  const station = fc
    .tuple(point, point, point, point)
    .filter(([x, y, hx, hy]) => Math.hypot(hx - x, hy - y) > 5)
    .map(([x, y, hx, hy]) => fire(x, y, hx, hy));
  fc.assert(
    fc.property(station, station, (a, b) => {
      expect(playAcross(a, b)).toBe(playAcross(b, a));
      fc.pre(!playAcross(a, b));
      // By hand: balls come by anywhere along the line, a step at a time.
      const pin = Math.hypot(a.hole.x_m - a.ball.x_m, a.hole.y_m - a.ball.y_m);
      for (let along = 0; along < pin + FIRE.past; along += 1) {
        const x = a.ball.x_m + ((a.hole.x_m - a.ball.x_m) * along) / pin;
        const y = a.ball.y_m + ((a.hole.y_m - a.ball.y_m) * along) / pin;
        const away = Math.hypot(x - b.ball.x_m, y - b.ball.y_m);
        expect(away).toBeGreaterThanOrEqual(FIRE.clear - 1e-9);
      }
    }),
  );
});

test('the ground about a station lies from its ball as by hand, and a left-hander stands to the slope the other way', () => {
  const place = plainPlace({
    bunkers: [
      bunkerOver(box([-4, -3], [4, 3]), 1),
      bunkerOver(shapeAbout('pot', [300, 0]), 1, { id: 'far' }),
    ],
  });
  const { spot } = spotIn(place, [0, -1]);
  const ground = groundOfStation('5a17a0e5-0000-4000-8000-0000000000d1', place, spot);
  expect(ground.outlines.map(({ lying }) => lying)).toEqual(['green', 'sand']);
  expect(fromBall(ground, [3, 9])).toEqual({ along: 10, right: 3 });
  const shot = { pin_m: 17, slope: { along_deg: 2, across_deg: 5 } };
  expect(shotForHand(shot, ground, 'left').slope).toEqual({ along_deg: 2, across_deg: -5 });
  expect(shotForHand(shot, ground, 'right')).toBe(shot);
  expect(shotForHand(shot, undefined, 'left')).toBe(shot);
});
