import { multinormalOf, type Multinormal } from '@/core/ground/numeric/multinormal';
import { samplerOf } from '@/core/ground/numeric/sampling';
import type { Golfer } from '@/core/model/golfer/golfer';
import { tellingOf } from '../learning/summary';
import { ballsLike, differing, drawManner } from '../peers/meant';
import { drawPeer } from '../peers/peer';
import type { LoggedBall } from '../peers/recorded';
import { changedBy, drawStrength, drawUnknown } from './caused';
import { AT_WORK, SOMETHING_ELSE, type Effect } from './causes';
import { FEATURES, featuresOf, LEAST_SPREAD, type FeatureName, type Features } from './features';

/** What balls look like, and what they would look like under each cause: the moments of the summaries, in the order of the names. */
export interface Looked {
  balls: number;
  names: FeatureName[];
  seen: number[];
  /** By the id of the cause. */
  looks: ReadonlyMap<string, Multinormal>;
}

/** Sets of balls that each cause is simulated with, and the most balls in a set. */
const SETS = 80;
const MOST = 24;

/** Share by which covariances between summaries are shrunk, and by which each is drawn to the mean of all causes. Tuned. */
const SHRINK = 0.1;
const POOLED = 0.5;

/** How far a player lies from the golfer, of how far players of one skill lie apart, once balls have taught something. Tuned. */
const KNOWN = 0.5;

/** So many of a list, evenly from first to last. */
const evenly = <T>(list: readonly T[], most: number): T[] =>
  list.length <= most
    ? [...list]
    : Array.from({ length: most }, (_, i) => list[Math.floor((i * list.length) / most)]!);

/** Each covariance drawn to the mean of all, and no spread below its least. */
function held(looks: Map<string, Multinormal>, names: readonly FeatureName[]): void {
  const all = [...looks.values()];
  const pooled = names.map((_, i) =>
    names.map(
      (__, j) => all.reduce((sum, { covariance }) => sum + covariance[i]![j]!, 0) / all.length,
    ),
  );
  for (const { covariance } of all) {
    names.forEach((name, i) => {
      const row = covariance[i]!;
      names.forEach((_, j) => (row[j] = (1 - POOLED) * row[j]! + POOLED * pooled[i]![j]!));
      row[i] = Math.max(LEAST_SPREAD[name] ** 2, row[i]!);
    });
  }
}

/**
 * Simulates every cause through the model for players like this one and these calls, in sets of as many balls as were logged, written down as
 * these were, and says what each looks like. Ticks do not matter here: the same looks serve while a coach looks on.
 *
 * @param logged what was seen, the latest last
 * @param golfer with what was learnt and taken over, if anything was
 * @param known whether something was
 * @param seed same input and seed, same looks
 */
export function looksFor(
  logged: readonly LoggedBall[],
  golfer: Golfer,
  known: boolean,
  seed: number,
): Looked {
  const balls = evenly(logged, MOST);
  const { calls, toldOf } = tellingOf(balls, golfer);
  const features = featuresOf(logged, tellingOf(logged, golfer).toldOf(logged));
  const clubs = [...new Set(balls.map(({ setup }) => setup.club.name))];
  const sampler = samplerOf(seed);
  const simulated = (effect: () => Effect): Features => {
    const difference = drawPeer({ bias: golfer.habits.bias }, clubs, sampler, known ? KNOWN : 1);
    const player = differing(golfer, difference);
    const change = changedBy(effect(), drawStrength(sampler), player.habits.bias);
    const hit = ballsLike(balls, calls, () => player, drawManner(sampler), sampler, change);
    return featuresOf(hit, toldOf(hit));
  };
  const sets = new Map(
    AT_WORK.map((cause) => [
      cause.id,
      Array.from({ length: SETS }, () =>
        simulated(() => (cause === SOMETHING_ELSE ? drawUnknown(sampler) : cause.effect)),
      ),
    ]),
  );
  // A summary that many sets lack, such as the direction of balls that all stayed in, cannot be compared.
  const names = FEATURES.filter(
    (name) =>
      features[name] !== undefined &&
      [...sets.values()].every(
        (each) => each.filter((set) => set[name] !== undefined).length > SETS / 2,
      ),
  );
  const looks = new Map<string, Multinormal>();
  for (const [id, each] of sets) {
    const whole = each.filter((set) => names.every((name) => set[name] !== undefined));
    if (whole.length < 2) continue;
    looks.set(
      id,
      multinormalOf(
        whole.map((set) => names.map((name) => set[name]!)),
        SHRINK,
      ),
    );
  }
  held(looks, names);
  return { balls: logged.length, names, seen: names.map((name) => features[name]!), looks };
}
