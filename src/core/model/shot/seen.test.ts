import { plainGolferOf } from '../golfer/golferOf';
import { aimFor } from './play';
import { AS_MEANT } from '../swing/swingError';
import { aPlayer, aShot, aSplash, CLUB_56 } from '@/core/testing/fixtures';
import { divotBy, entryOf, seenBall } from './seen';

const golfer = plainGolferOf(aPlayer('middle'));
const shot = aShot(15, 1);
const setup = aSplash(CLUB_56, 20, 0.04, 0.75);
const aim = aimFor(setup, golfer, shot);
const seen = (error: Partial<typeof AS_MEANT> = {}) =>
  seenBall(setup, aim, golfer, shot, { ...AS_MEANT, ...error });

describe('where the club enters', () => {
  test('as meant it is the mark of the set-up', () => {
    expect(entryOf(setup, shot, AS_MEANT)).toBeCloseTo(setup.entry, 3);
  });

  test('a mark further back moves it by as much', () => {
    const moved = entryOf(setup, shot, { ...AS_MEANT, mark: 0.02 });
    expect(moved - entryOf(setup, shot, AS_MEANT)).toBeCloseTo(0.02, 3);
  });

  test('a deeper arc enters earlier, a higher one later', () => {
    const entries = [0.005, 0, -0.005].map((height) =>
      entryOf(setup, shot, { ...AS_MEANT, height }),
    );
    expect(entries[0]).toBeGreaterThan(entries[1]!);
    expect(entries[1]).toBeGreaterThan(entries[2]!);
  });
});

describe('depth of the divot', () => {
  const depth = (error: Partial<typeof AS_MEANT>): number =>
    divotBy(setup, golfer, shot, { ...AS_MEANT, ...error }).depth;

  test('a splash leaves one to three centimetres', () => {
    expect(depth({})).toBeGreaterThan(0.008);
    expect(depth({})).toBeLessThan(0.03);
  });

  test('it grows with a deeper arc and with a face that is shut', () => {
    expect(depth({ height: 0.006 })).toBeGreaterThan(depth({}));
    expect(depth({ face: -0.2 })).toBeGreaterThan(depth({}));
  });

  test('it is never below nought', () => {
    expect(depth({ height: -0.08 })).toBeGreaterThanOrEqual(0);
  });
});

describe('what is seen of a ball', () => {
  test('as meant it goes to the flag’s line', () => {
    const { x, y, thin, carry } = seen();
    expect(Math.abs(y)).toBeLessThan(0.3);
    expect(x).toBeGreaterThan(carry);
    expect(thin).toBe(false);
  });

  test('less speed and a mark further back both carry less', () => {
    expect(seen({ speed: 0.8 }).carry).toBeLessThan(seen().carry);
    expect(seen({ mark: 0.03 }).carry).toBeLessThan(seen().carry);
  });

  test('a path to the player’s side sends it there', () => {
    expect(seen({ aim: 0.1 }).y).toBeGreaterThan(0.5);
    expect(seen({ aim: -0.1 }).y).toBeLessThan(-0.5);
  });

  test('an arc well above the sand is thin', () => {
    expect(seen({ height: -0.03, mark: -0.03 }).thin).toBe(true);
  });
});
