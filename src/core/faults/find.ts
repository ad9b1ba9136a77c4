import { samplerOf } from '../numeric/sampling';
import type { Golfer } from '../shot/play';
import { sampleSwings } from '../spread/swings';
import { CAUSES, NOTHING, SIGNS, type Cause, type Sign } from './causes';
import { causedAt, meantHits, type Hit, type Simulated } from './caused';
import { featuresOf, type FeatureName, type Features, type FoundBall } from './features';

/** What a coach has seen of a sign: there, not there; absent while nobody has looked. */
export type Ticks = Readonly<Record<string, boolean>>;

/** A piece of evidence and how much it speaks for a cause against the others, as a logarithm of odds. */
export interface Evidence {
  what: FeatureName | 'sign';
  /** The sign, when it is one. */
  sign?: string;
  weight: number;
}

/** A cause with how likely it is and what speaks for and against it. */
export interface Suspect {
  cause: Cause;
  chance: number;
  evidence: Evidence[];
}

/** What the finder makes of a set of balls. */
export interface Finding {
  /** Every cause, most likely first. */
  suspects: Suspect[];
  /** False when the first is not clearly ahead, or there is too little to go by. */
  clear: boolean;
  /** What would tell most if the coach looked at it next; null when everything was looked at. */
  next: Sign | null;
  balls: number;
}

/** Sets of balls that each cause is simulated with. */
const SETS = 36;
const FEWEST = 6;
const MOST = 24;

/** Chances that a coach ticks a sign of the cause that is at work, and one that is not of it. */
const SEEN_WHEN_THERE = 0.8;
const SEEN_OTHERWISE = 0.08;

/** From this chance on the first suspect is said to be the one. */
const CLEAR = 0.5;

interface Moments {
  mean: number;
  sd: number;
}

/** Least spread of a summary, so that a cause is not ruled out by a hair. */
const LEAST_SD: Record<FeatureName, number> = {
  entry: 0.002,
  entrySpread: 0.12,
  carry: 0.03,
  carrySpread: 0.12,
  direction: 0.008,
  thin: 0.08,
  depth: 0.002,
};

/** What each summary looks like under a cause: mean and spread over simulated sets. */
function expected(sets: readonly Features[]): Partial<Record<FeatureName, Moments>> {
  const found: Partial<Record<FeatureName, Moments>> = {};
  for (const name of Object.keys(LEAST_SD) as FeatureName[]) {
    const list = sets.map((set) => set[name]).filter((value) => value !== undefined);
    if (list.length < SETS / 2) continue;
    const mean = list.reduce((sum, v) => sum + v, 0) / list.length;
    const variance = list.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (list.length - 1);
    found[name] = { mean, sd: Math.max(LEAST_SD[name], Math.sqrt(variance)) };
  }
  return found;
}

/** Logarithm of a normal density, with tails held up: an odd summary is evidence, not proof. */
function logDensity(value: number, { mean, sd }: Moments): number {
  const z = (value - mean) / sd;
  const bounded = z * z < 16 ? z * z : 16 + 2 * (Math.abs(z) - 4);
  return -bounded / 2 - Math.log(sd);
}

const tickChance = (cause: Cause, sign: string, seen: boolean): number => {
  const there = cause.signs.includes(sign) ? SEEN_WHEN_THERE : SEEN_OTHERWISE;
  return seen ? there : 1 - there;
};

/** Chances that add up to one, from logarithms. */
function normalised(logs: readonly number[]): number[] {
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const sum = weights.reduce((a, b) => a + b, 0);
  return weights.map((weight) => weight / sum);
}

/** The sign not looked at yet that is expected to tell most: the mutual information of sign and cause. */
function mostTelling(
  causes: readonly Cause[],
  chances: readonly number[],
  ticks: Ticks,
): Sign | null {
  let best: Sign | null = null;
  let most = 0;
  const entropy = (p: number): number =>
    p <= 0 || p >= 1 ? 0 : -p * Math.log(p) - (1 - p) * Math.log(1 - p);
  for (const sign of SIGNS) {
    if (sign.id in ticks) continue;
    const each = causes.map((cause) => tickChance(cause, sign.id, true));
    const overall = each.reduce((sum, p, i) => sum + p * chances[i]!, 0);
    const told = entropy(overall) - each.reduce((sum, p, i) => sum + entropy(p) * chances[i]!, 0);
    if (told > most) {
      most = told;
      best = sign;
    }
  }
  return best;
}

/**
 * Ranks the causes of what was seen: each is simulated through the model for this player and these calls, sets of as many balls
 * as were logged; the summaries of the balls that were hit are weighed under each (a naive Bayes of normal summaries),
 * with what the coach has ticked and how common each cause is.
 *
 * @param balls what was seen; fewer than {@link FEWEST} are not enough without ticks
 * @param hits the call of each ball; at least one
 * @param seed same input and seed, same finding
 */
export function findFault(
  balls: readonly FoundBall[],
  ticks: Ticks,
  hits: readonly Hit[],
  golfer: Golfer,
  seed: number,
): Finding {
  const causes = [NOTHING, ...CAUSES];
  const features = featuresOf(balls);
  const names = Object.keys(features) as FeatureName[];
  const swings = sampleSwings(golfer.habits, 512, seed);
  const sampler = samplerOf(seed);
  const meant = meantHits(hits, golfer);
  const count = Math.min(MOST, Math.max(3, balls.length));
  const simulated: Simulated = { golfer, swings, count, depths: 'depth' in features };
  const parts = causes.map((cause) => {
    const evidence: Evidence[] = [];
    if (names.length > 0) {
      const looks = expected(
        Array.from({ length: SETS }, () => featuresOf(causedAt(cause, meant, simulated, sampler))),
      );
      for (const name of names) {
        const moments = looks[name];
        if (moments) evidence.push({ what: name, weight: logDensity(features[name]!, moments) });
      }
    }
    for (const [sign, seen] of Object.entries(ticks)) {
      evidence.push({ what: 'sign', sign, weight: Math.log(tickChance(cause, sign, seen)) });
    }
    return evidence;
  });
  const logs = causes.map(
    (cause, i) => Math.log(cause.common) + parts[i]!.reduce((sum, { weight }) => sum + weight, 0),
  );
  const chances = normalised(logs);
  const suspects = causes.map((cause, i): Suspect => {
    // What speaks for a cause is what speaks for it more than for the others on the whole.
    const evidence = parts[i]!.map((own, k) => {
      const usual = causes.reduce(
        (sum, _, j) => sum + chances[j]! * (parts[j]![k]?.weight ?? 0),
        0,
      );
      const others = (usual - chances[i]! * own.weight) / Math.max(1e-6, 1 - chances[i]!);
      return { ...own, weight: own.weight - others };
    });
    return { cause, chance: chances[i]!, evidence: evidence.sort((a, b) => b.weight - a.weight) };
  });
  suspects.sort((a, b) => b.chance - a.chance);
  const enough = balls.length >= FEWEST || Object.keys(ticks).length >= 2;
  return {
    suspects,
    clear: enough && suspects[0]!.chance >= CLEAR,
    next: mostTelling(causes, chances, ticks),
    balls: balls.length,
  };
}
