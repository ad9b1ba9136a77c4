import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import { speedWith, type Golfer } from '../golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import { AS_MEANT, type SwingError } from '../swing/swingError';
import { intentOf, swingWith } from './strike';
import type { Setup } from '../swing/setup';

/** Misses that a coach asks about, in the order of how often they are seen. */
export const MISSES = ['heavy', 'thin', 'shut', 'open', 'slow', 'quick'] as const;

export type MissName = (typeof MISSES)[number];

/** What is different in each miss; the thin one depends on the shot, see {@link missError}. */
const MISS: Record<Exclude<MissName, 'thin'>, Partial<SwingError>> = {
  heavy: { mark: toMetres(1, 'in') },
  shut: { face: radians(-6) },
  open: { face: radians(6) },
  slow: { speed: 0.85 },
  quick: { speed: 1.15 },
};

const THIN_STEP = 0.001;
const HIGHEST_ARC = 0.04;

/**
 * The swing of a miss: the mark an inch further back, the face six degrees shut or open, a seventh less or more speed. A
 * thin one is the arc so much too high, to the millimetre, that the edge just meets the ball above where it should.
 * Null where no arc within 40 mm does (a putt, a ball deep in the sand).
 */
export function missError(
  miss: MissName,
  setup: Setup,
  golfer: Golfer,
  shot: Shot,
): SwingError | null {
  if (setup.technique === 'putt') return null;
  if (miss !== 'thin') return { ...AS_MEANT, ...MISS[miss] };
  const intent = intentOf(setup, speedWith(golfer, setup.club), shot);
  for (let high = THIN_STEP; high <= HIGHEST_ARC; high += THIN_STEP) {
    const error = { ...AS_MEANT, height: -high };
    const { launch } = swingWith(intent, error);
    if (launch.thin && Math.hypot(launch.vx, launch.vz) > 1) return error;
  }
  return null;
}
