import { conditionals } from '@/core/ground/numeric/multinormal';
import { CAUSES, NOTHING, SIGNS, type Cause, type Sign } from './causes';
import { featuresOf, type FeatureName, type Features, type FoundBall } from './features';
import type { Look, Looks } from './looks';

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

/** Fewer balls than this tell nothing without ticks. */
const FEWEST = 6;

/** Chances that a coach ticks a sign of the cause that is at work, and one that is not of it. */
const SEEN_WHEN_THERE = 0.8;
const SEEN_OTHERWISE = 0.08;

/** From this chance on the first suspect is said to be the one. */
const CLEAR = 0.5;

/** How far out a summary is held against a cause in full; beyond, an odd summary is evidence, not proof. */
const FAR = 4;

/** Logarithm of a normal density with its tails held up. */
function logDensity({ z, sd }: { z: number; sd: number }): number {
  const bounded = Math.abs(z) < FAR ? z * z : FAR * FAR + 2 * (Math.abs(z) - FAR);
  return -bounded / 2 - Math.log(sd);
}

/** What each summary says for a cause, given the summaries before it. */
function evidenceOf(features: Features, { names, moments }: Look): Evidence[] {
  const at = names.flatMap((name, i) => (features[name] === undefined ? [] : [i]));
  const seen = conditionals(
    at.map((i) => features[names[i]!]!),
    {
      mean: at.map((i) => moments.mean[i]!),
      covariance: at.map((i) => at.map((j) => moments.covariance[i]![j]!)),
    },
  );
  return at.map((i, k) => ({ what: names[i]!, weight: logDensity(seen[k]!) }));
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
 * Ranks the causes of what was seen: the summaries of the balls are weighed under the looks that each cause has in the model
 * (a normal discriminant with a covariance for each cause), with what the coach has ticked and how common each cause is.
 *
 * @param balls what was seen; fewer than {@link FEWEST} are not enough without ticks
 * @param looks of the causes for this player and these calls, as {@link looksFor} gives them
 */
export function findFault(balls: readonly FoundBall[], ticks: Ticks, looks: Looks): Finding {
  const causes = [NOTHING, ...CAUSES];
  const features = featuresOf(balls);
  const parts = causes.map((cause) => {
    const look = looks.get(cause.id);
    const evidence = look ? evidenceOf(features, look) : [];
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
