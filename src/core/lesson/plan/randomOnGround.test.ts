import { apart } from '@/core/place/outline/ring';
import { withCut } from '@/core/place/record/edit';
import { drawnPlace, shapeAt } from '@/core/place/sight/drawnPlace';
import { box, bunkerOver, greenOver, plainPlace } from '@/core/testing/place';
import { groundStation } from './groundStation';
import { randomOnGround } from './randomOnGround';

const day = '2026-11-08';
const place = plainPlace({
  bunkers: [
    bunkerOver(box([-4, -3], [4, 3]), 1, { rests: [{ x_m: 3, y_m: 2 }] }),
    bunkerOver(box([14, 12], [18, 20]), 0.5, { id: 'side', name: 'Side' }),
  ],
  greens: [
    greenOver(box([-12, 10], [12, 30]), [0, 16], {
      flags: [
        { id: 'front', name: 'Front', x_m: 0, y_m: 12 },
        { id: 'back', name: 'Back', x_m: 0, y_m: 28 },
      ],
    }),
  ],
});
const drawn = drawnPlace(place);
const balls = Array.from({ length: 300 }, (_, seed) => randomOnGround(drawn, day, seed)!);

test('a seed gives its ball again, and every ball is a station that can be played', () => {
  expect(randomOnGround(drawn, day, 7)).toEqual(balls[7]);
  for (const ball of balls.slice(0, 60)) {
    expect(shapeAt(drawn, ball.ball)?.lying).toBe('sand');
    expect(groundStation('id', place, drawn, ball, day, String).shot.lie).toBe(ball.lie);
  }
});

test('bunkers come as often as each other, lies as often as they are met, balls where they rest', () => {
  const inFront = balls.filter(({ ball }) => shapeAt(drawn, ball)?.id === 'front');
  // Half of 300, within three standard errors.
  expect(Math.abs(inFront.length - 150)).toBeLessThan(26);
  const clean = balls.filter(({ lie }) => lie === 'clean').length;
  expect(Math.abs(clean - 180)).toBeLessThan(26);
  const near = inFront.filter(({ ball }) => apart(ball, [3, 2]) < 2).length;
  // A seventh of the sand lies so near to it.
  expect(near).toBeGreaterThan(inFront.length / 3);
});

test('only what is in play and only the lies that are asked for', () => {
  const cut = { ...place, greens: [withCut(place.greens[0]!, day, 'back')] };
  for (let seed = 0; seed < 20; seed++) {
    const ball = randomOnGround(drawnPlace(cut), day, seed, ['plugged'])!;
    expect(ball).toMatchObject({ flag: 'back', lie: 'plugged' });
  }
  expect(randomOnGround(drawnPlace({ ...place, bunkers: [] }), day, 1)).toBeNull();
  expect(randomOnGround(drawnPlace({ ...place, greens: [] }), day, 1)).toBeNull();
});
