import { radians } from '../units/angle';
import { clubLengths, sightedLip } from './lipHeight';
import { doubts } from './measured';
import { paced, paceLengthFrom } from './pacing';
import { groundTilt, simulatedTilt, type TiltReading } from './tilt';

describe('pacing', () => {
  test('is paces times pace, and more paces are relatively better known', () => {
    const near = paced(5, 0.9);
    const far = paced(40, 0.9);
    expect(near.value).toBeCloseTo(4.5, 9);
    expect(far.sd / far.value).toBeLessThan(near.sd / near.value);
    expect(far.sd / far.value).toBeGreaterThan(0.03);
  });

  test.each([
    [-1, 0.9],
    [301, 0.9],
    [10, 0.3],
    [10, 2],
    [Number.NaN, 0.9],
  ])('refuses %p paces of %p m', (paces, pace) => {
    expect(() => paced(paces, pace)).toThrow(RangeError);
  });

  test('a known line gives the pace; one that is no pace is refused', () => {
    expect(paceLengthFrom(18, 20)).toBeCloseTo(0.9, 9);
    expect(() => paceLengthFrom(18, 60)).toThrow(/make no pace/);
  });
});

describe('lip height', () => {
  test('a sighting of 45 degrees at 2 m is a lip of 2 m over the eye', () => {
    expect(sightedLip(radians(45), { value: 2, sd: 0.1 }, 0).value).toBeCloseTo(2, 9);
    expect(sightedLip(radians(45), { value: 2, sd: 0.1 }, 1.6).value).toBeCloseTo(3.6, 9);
  });

  test('is less sure the steeper and the farther it is', () => {
    const at = (deg: number, far: number) =>
      sightedLip(radians(deg), { value: far, sd: 0.1 }, 0).sd;
    expect(at(50, 3)).toBeGreaterThan(at(20, 3));
    expect(at(20, 8)).toBeGreaterThan(at(20, 3));
  });

  test('looking down at a lip below the ball gives no height, and the impossible is refused', () => {
    expect(sightedLip(radians(-5), { value: 3, sd: 0.1 }, 0).value).toBe(0);
    expect(() => sightedLip(radians(80), { value: 3, sd: 0.1 }, 0)).toThrow(/75 degrees/);
    expect(() => sightedLip(radians(20), { value: 0, sd: 0.1 }, 0)).toThrow(/above 0/);
  });

  test('club lengths', () => {
    expect(clubLengths(1.5, 0.9).value).toBeCloseTo(1.35, 9);
    expect(clubLengths(9, 0.9).sd).toBeGreaterThan(clubLengths(1, 0.9).sd);
    expect(() => clubLengths(21, 0.9)).toThrow(/0 to 20/);
  });
});

describe('tilt', () => {
  const read = (along: number, across: number, handed: 'right' | 'left'): TiltReading[] => {
    const sensor = simulatedTilt({ along, across }, handed, 7);
    return Array.from({ length: 40 }, () => sensor.next().value);
  };

  test.each(['right', 'left'] as const)('a simulated sensor is read back, %s-handed', (handed) => {
    const { along, across } = groundTilt(read(8, -4, handed), handed);
    expect(Math.abs(along.value - 8)).toBeLessThan(0.3);
    expect(Math.abs(across.value + 4)).toBeLessThan(0.3);
    expect(along.sd).toBeGreaterThan(0.5);
  });

  test('ground that falls to the right is below the feet of a right-hander, above those of a left-hander', () => {
    const readings = Array.from({ length: 6 }, () => ({ topUp: 0, rightDown: 5 }));
    expect(groundTilt(readings, 'right').across.value).toBe(-5);
    expect(groundTilt(readings, 'left').across.value).toBe(5);
  });

  test('too few readings are no tilt', () => {
    expect(() => groundTilt([{ topUp: 1, rightDown: 0 }], 'right')).toThrow(/at least 5/);
  });
});

describe('doubts', () => {
  const thresholds = [
    { value: 10, direction: 'up', text: 'past 10' },
    { value: 6, direction: 'down', text: 'inside 6' },
  ] as const;

  test('a threshold at the measured value is an even chance; one far away is not told', () => {
    const [doubt, ...rest] = doubts({ value: 10, sd: 0.5 }, thresholds);
    expect(doubt!.text).toBe('past 10');
    expect(doubt!.chance).toBeCloseTo(0.5, 6);
    expect(rest).toEqual([]);
  });

  test('a rough measurement leaves both in doubt, the nearer first', () => {
    expect(doubts({ value: 7, sd: 2 }, thresholds).map(({ text }) => text)).toEqual([
      'inside 6',
      'past 10',
    ]);
  });
});
