import { chancesOf } from '@/core/ground/numeric/belief';
import { conditionals, type Multinormal } from '@/core/ground/numeric/multinormal';
import { normalCdf } from '@/core/ground/numeric/normal';
import { AT_WORK, NO_FAULT, NOTHING, SIGNS, type Cause, type Sign } from './causes';
import type { FeatureName } from './features';
import type { Looked } from './looks';
import { tickChance, withTicks, type Eye, type Ticks } from './ticks';

/** A piece of evidence and how much it speaks for a cause against the others, as a logarithm of odds. */
export interface Evidence {
  what: FeatureName | 'sign';
  /** The sign, when it is one, and whether the coach saw it. */
  sign?: string;
  seen?: boolean;
  weight: number;
}

/** A cause with the chance that it is at work, alone or with another, and what speaks for and against it. */
export interface Suspect {
  cause: Cause;
  chance: number;
  evidence: Evidence[];
}

/** What the finder makes of a set of balls. */
export interface Finding {
  /** Every cause, most likely first. */
  suspects: Suspect[];
  /** False when the first is not clearly ahead, when it fits badly, or when there is too little to go by. */
  clear: boolean;
  /** True when no cause makes balls like these. */
  odd: boolean;
  /** What would tell most if the coach looked at it next, of the fault or of the coach's eye; null when everything was looked at. */
  next: Sign | null;
  balls: number;
}

/** Fewer balls than this tell nothing without ticks. */
export const FEWEST = 6;

/** From this chance on the first suspect is said to be the one. */
const CLEAR = 0.8;

/** Share of the players with a fault who have another besides. Tuned. */
export const TWO = 0.3;

/** Degrees of freedom of the tails of a summary. Tuned on players that the looks are not made of. */
const TAILS = 5;

/** Balls that the best cause would make less often than this are odd. */
const ODD = 0.002;

/** One cause, or two at once. */
interface State {
  causes: readonly Cause[];
  look: Multinormal;
  prior: number;
}

/** What two causes look like at once: both move the summaries, and the wider one rules how far they scatter. */
function together(one: Multinormal, other: Multinormal, none: Multinormal): Multinormal {
  const wider = one.covariance.map((row, i) =>
    row.map((value, j) => (value + other.covariance[i]![j]!) / 2),
  );
  return {
    mean: one.mean.map((value, i) => value + other.mean[i]! - none.mean[i]!),
    covariance: wider,
  };
}

/** Everything that may be at work, with its look and how common it is. */
function statesOf({ looks }: Looked): State[] {
  const single = AT_WORK.flatMap((cause): State[] => {
    const look = looks.get(cause.id);
    return look ? [{ causes: [cause], look, prior: cause.common }] : [];
  });
  const none = looks.get(NOTHING.id);
  const faults = single.filter(({ causes: [cause] }) => !NO_FAULT.has(cause!.id));
  const all = faults.reduce((sum, { prior }) => sum + prior, 0);
  const pairs = !none
    ? []
    : faults.flatMap((one, i) =>
        faults.slice(i + 1).map((other) => ({
          causes: [...one.causes, ...other.causes],
          look: together(one.look, other.look, none),
          prior: (2 * TWO * one.prior * other.prior) / all,
        })),
      );
  return [...single, ...pairs];
}

/**
 * What each summary says for a look, given the summaries before it: logarithms of densities of Student's t, so that an odd summary is
 * evidence, not proof.
 */
const weightsOf = (seen: readonly number[], look: Multinormal): number[] =>
  conditionals(seen, look).map(
    ({ z, sd }) => -((TAILS + 1) / 2) * Math.log1p((z * z) / TAILS) - Math.log(sd),
  );

/** Chance that a look makes balls as far out as these or further: chi squared by E. B. Wilson and M. M. Hilferty (1931). */
function chanceOf(seen: readonly number[], look: Multinormal): number {
  const n = seen.length;
  if (n === 0) return 1;
  const squares = conditionals(seen, look).reduce((sum, { z }) => sum + z * z, 0);
  return 1 - normalCdf((Math.cbrt(squares / n) - 1 + 2 / (9 * n)) / Math.sqrt(2 / (9 * n)));
}

/** The sign not looked at yet that is expected to tell most: the mutual information of sign and state. */
function mostTelling(
  states: readonly State[],
  chances: readonly number[],
  ticks: Ticks,
  eye: Eye,
): Sign | null {
  let best: Sign | null = null;
  let most = 0;
  const entropy = (p: number): number =>
    p <= 0 || p >= 1 ? 0 : -p * Math.log(p) - (1 - p) * Math.log(1 - p);
  for (const sign of SIGNS) {
    if (sign.id in ticks) continue;
    const each = states.map(({ causes }) => tickChance(causes, sign.id, true, eye));
    const overall = each.reduce((sum, p, i) => sum + p * chances[i]!, 0);
    const told = entropy(overall) - each.reduce((sum, p, i) => sum + entropy(p) * chances[i]!, 0);
    if (told > most) {
      most = told;
      best = sign;
    }
  }
  return best;
}

/** A sign that shows with less than this, by the balls alone, tells of the coach's eye and of nothing else. Tuned. */
const CONTROL = 0.08;

/**
 * A sign that is not to be expected, asked once after the first that was seen: who sees it too sees much that is not there. Null where one
 * was asked already, or nothing was seen yet.
 */
function controlOf(states: readonly State[], untold: readonly number[], ticks: Ticks): Sign | null {
  if (!Object.values(ticks).includes(true)) return null;
  const chances = chancesOf(untold);
  const shows = (sign: Sign): number =>
    states.reduce(
      (sum, { causes }, i) =>
        sum + (causes.some(({ signs }) => signs.includes(sign.id)) ? chances[i]! : 0),
      0,
    );
  const unlikely = SIGNS.map((sign) => ({ sign, shows: shows(sign) })).filter(
    (each) => each.shows < CONTROL,
  );
  if (unlikely.some(({ sign }) => sign.id in ticks)) return null;
  return unlikely.sort((a, b) => a.shows - b.shows)[0]?.sign ?? null;
}

/** States without balls: the causes as common as they are. */
const unseen = (): State[] =>
  AT_WORK.map((cause) => ({
    causes: [cause],
    look: { mean: [], covariance: [] },
    prior: cause.common,
  }));

/**
 * Ranks the causes of what was seen, one at a time and two at once: the summaries of the balls are weighed under the looks that each has in
 * the model (a normal discriminant), with what the coach has ticked and how common each cause is.
 *
 * @param looked the balls beside the looks of the causes, as {@link looksFor} gives them
 */
export function findFault(looked: Looked, ticks: Ticks): Finding {
  const { names, seen, balls } = looked;
  const found = names.length > 0 ? statesOf(looked) : [];
  const states = found.length > 0 ? found : unseen();
  const told = states.map(({ look }) => (found.length > 0 ? weightsOf(seen, look) : []));
  const ticked = Object.entries(ticks);
  const untold = states.map(
    ({ prior }, i) => Math.log(prior) + told[i]!.reduce((sum, weight) => sum + weight, 0),
  );
  const { chances, eye } = withTicks(
    states.map(({ causes }) => causes),
    untold,
    ticks,
  );
  const evidence = (cause: Cause): Evidence[] => {
    const own = states.findIndex(({ causes }) => causes.length === 1 && causes[0] === cause);
    const against = (of: (i: number) => number): number => {
      // What speaks for a cause is what speaks for it more than for those without it on the whole.
      let sum = 0;
      let mass = 0;
      states.forEach(({ causes }, i) => {
        if (causes.includes(cause)) return;
        sum += chances[i]! * of(i);
        mass += chances[i]!;
      });
      return own < 0 || mass < 1e-9 ? 0 : of(own) - sum / mass;
    };
    return [
      ...(found.length > 0 ? names : []).map((what, k): Evidence => ({
        what,
        weight: against((i) => told[i]![k]!),
      })),
      ...ticked.map(([sign, there]): Evidence => ({
        what: 'sign',
        sign,
        seen: there,
        weight: against((i) => Math.log(tickChance(states[i]!.causes, sign, there, eye))),
      })),
    ].sort((a, b) => b.weight - a.weight);
  };
  const suspects = AT_WORK.map((cause) => ({
    cause,
    chance: states.reduce(
      (sum, { causes }, i) => sum + (causes.includes(cause) ? chances[i]! : 0),
      0,
    ),
  }))
    .sort((a, b) => b.chance - a.chance)
    .map((each): Suspect => ({ ...each, evidence: evidence(each.cause) }));
  const best = states[chances.indexOf(Math.max(...chances))]!;
  const odd = found.length > 0 && chanceOf(seen, best.look) < ODD;
  const enough = balls >= FEWEST || ticked.length >= 2;
  return {
    suspects,
    clear: enough && !odd && suspects[0]!.chance >= CLEAR,
    odd,
    next: controlOf(states, untold, ticks) ?? mostTelling(states, chances, ticks, eye),
    balls,
  };
}
