import type { SandPreset } from '@/core/ground/sand/presets';
import type { Golfer } from '@/core/model/golfer/golfer';
import { withLearnt } from '@/core/model/golfer/golferOf';
import type { Hit } from '@/core/model/shot/hit';
import { readyFor, type Ready } from '@/core/model/shot/play';
import { divotBy, seenOf } from '@/core/model/shot/seen';
import { footingOf, madeWith, type Footing } from '@/core/model/spread/footing';
import { swingOf } from '@/core/model/spread/swings';
import { AS_MEANT, type SwingError } from '@/core/model/swing/swingError';
import type { Sampler } from '@/core/ground/numeric/sampling';
import type { Difference } from './peer';
import { recorded, type LoggedBall } from './recorded';

/** Calls that balls were hit for, each once, and which one each ball was for. */
export interface Calls {
  hits: Hit[];
  of: number[];
}

/** The calls of balls. */
export function callsOf(balls: readonly Hit[]): Calls {
  const hits: Hit[] = [];
  const of = balls.map(({ setup, aim, shot }) => {
    const known = hits.findIndex(
      (hit) => hit.setup === setup && hit.shot === shot && hit.aim === aim,
    );
    return known >= 0 ? known : hits.push({ setup, aim, shot }) - 1;
  });
  return { hits, of };
}

/** A player of the skill who differs from it so. */
export const differing = (golfer: Golfer, difference: Difference): Golfer =>
  withLearnt(golfer, { ...difference, version: 1, balls: 0 });

/** What nobody knows of a player's swings and of the records of them: it is drawn anew for every player. */
export interface Manner {
  /** Degrees of freedom of the errors' tails (Student's t). */
  freedom: number;
  /** Share of the numbers written down that are something else. */
  wild: number;
}

/** Heaviest tails, lightest, and most slips that are thought of. Tuned. */
const FREEDOM = [5, 50] as const;
const MOST_WILD = 0.1;

/** A manner at random: tails evenly by how heavy they are. */
export function drawManner({ uniform }: Sampler): Manner {
  const [heavy, light] = FREEDOM;
  const weight = 1 / light + uniform() * (1 / heavy - 1 / light);
  return { freedom: 1 / weight, wild: MOST_WILD * uniform() };
}

/** Deviates of Student's t, of standard deviation 1. */
function tailed(freedom: number, { normal, gamma }: Sampler): () => number {
  const half = freedom / 2;
  const narrow = Math.sqrt((freedom - 2) / freedom);
  return () => (narrow * normal(0, 1)) / Math.sqrt(gamma(half, half));
}

/** What a fault makes of a swing. */
export type Change = (swing: SwingError) => SwingError;

const asItIs: Change = (swing) => swing;

/**
 * The balls that another player would have been logged with, in place of those that were.
 *
 * @param inSand the player, in a kind of sand
 * @param change what a fault makes of each swing
 */
export function ballsLike(
  balls: readonly LoggedBall[],
  { hits, of }: Calls,
  inSand: (sand: SandPreset | undefined) => Golfer,
  { freedom, wild }: Manner,
  sampler: Sampler,
  change: Change = asItIs,
): LoggedBall[] {
  const readied = new Map<string, { ready: Ready; footing: Footing; golfer: Golfer }>();
  const error = { ...AS_MEANT };
  const z = tailed(freedom, sampler);
  return balls.map((like, i) => {
    const key = `${of[i]} ${like.sand ?? ''}`;
    let known = readied.get(key);
    if (!known) {
      const { setup, shot } = hits[of[i]!]!;
      const golfer = inSand(like.sand);
      known = { golfer, ready: readyFor(setup, golfer, shot), footing: footingOf(setup, shot) };
      readied.set(key, known);
    }
    const { golfer, ready, footing } = known;
    const made = change(madeWith(swingOf(golfer.habits, z), footing, error));
    const marked = like.depth !== undefined || like.length !== undefined;
    const divot = marked ? divotBy(ready.setup, golfer, ready.shot, made) : null;
    return recorded(seenOf(ready, like.aim, made), like, wild, sampler, divot);
  });
}
