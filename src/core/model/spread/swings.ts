import { inverseNormal } from '@/core/ground/numeric/normal';
import { seededUint32 } from '@/core/ground/numeric/random';
import { sobol } from '@/core/ground/numeric/sobol';
import type { SwingError } from '../swing/swingError';
import type { Habits } from '../golfer/habits';

const DIMENSIONS = 6;

/** Fastest and slowest that a spread may make a swing, as a factor. */
const SPEED_RANGE = [0.25, 1.6] as const;

/** Deviates beyond this are not believed: a swing five deviations out is a whiff, not a data point. */
const MOST_DEVIATIONS = 4;

function bounded(z: number): number {
  return Math.max(-MOST_DEVIATIONS, Math.min(MOST_DEVIATIONS, z));
}

/**
 * One human swing of a player.
 *
 * @param z six standard normal deviates by their place: mark, height, attack, speed, face, aim
 */
export function swingOf(habits: Habits, z: (place: number) => number): SwingError {
  const heavy = (place: number): number => {
    const value = bounded(z(place));
    return value * (1 + habits.tail * value * value);
  };
  const speed = bounded(z(3));
  const quitting = Math.max(0, -speed - 0.8);
  const factor = 1 + habits.speed * speed - habits.quit * quitting * quitting;
  return {
    mark: habits.bias.mark + habits.mark * heavy(0),
    height: habits.bias.height + habits.height * heavy(1),
    attack: habits.attack * bounded(z(2)),
    speed: Math.max(SPEED_RANGE[0], Math.min(SPEED_RANGE[1], factor)),
    face: habits.face * bounded(z(4)),
    aim: habits.bias.aim + habits.aim * bounded(z(5)),
  };
}

/** Samples that were drawn last: a search asks for the same ones again and again. */
const samples = new Map<string, readonly SwingError[]>();
const MOST_SAMPLES = 16;

/**
 * The same `count` human swings for every candidate (common random numbers), so that two set-ups are told
 * apart by what they do, not by luck. Any power-of-two prefix is itself an even sample.
 *
 * @param habits the player's spread
 * @param count swings, a power of two
 * @param seed same seed, same swings
 */
export function sampleSwings(habits: Habits, count: number, seed: number): readonly SwingError[] {
  const key = JSON.stringify([count, seed, habits]);
  const known = samples.get(key);
  if (known) return known;
  const points = sobol(count, DIMENSIONS, seededUint32(seed));
  const swings = Array.from({ length: count }, (_, i) =>
    swingOf(habits, (place) => inverseNormal(points[i * DIMENSIONS + place]!)),
  );
  samples.set(key, swings);
  if (samples.size > MOST_SAMPLES) samples.delete(samples.keys().next().value!);
  return swings;
}
