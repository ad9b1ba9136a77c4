import { beliefDeviation, beliefMean, beliefOf } from '@/core/ground/numeric/belief';
import { normalCdf } from '@/core/ground/numeric/normal';
import { TOPICS, type EyeResult, type Topic } from './answer';
import { choicesAt, type Level } from './scene';

/** How good a trainee is at something, on the scale of the levels, and how sure that is: mean and standard deviation. */
export interface Ability {
  mean: number;
  deviation: number;
}

/** Chance of being right by guessing a number, which happens to be near, or a part of the call. */
const GUESS = {
  distance: 0.15,
  lip: 0.2,
  club: 0.3,
  face: 0.3,
  entry: 0.3,
  swing: 0.25,
} as const;

/** Chance of being right by guessing: of what is named, one of the choices that a level has. */
function guessAt(topic: Topic, level: Level): number {
  return topic === 'lie' || topic === 'sand' || topic === 'slope'
    ? 1 / choicesAt(level)[topic]
    : GUESS[topic];
}

/** How much harder each level is than the one before, and the middle one's difficulty. */
const LEVEL_STEP = 0.6;
const MIDDLE = 3;

/** Slope of the curve, which makes it as steep as the normal one. */
const STEEP = 1.7;

/** Abilities that are thought of. */
const GRID = Array.from({ length: 61 }, (_, i) => -3 + i / 10);

/**
 * Chance of being right: three-parameter logistic (A. Birnbaum, in Lord and Novick, 1968).
 *
 * @param ability 0 is who is right at the middle level half-way between guessing and always
 * @example
 * chanceRight(0, 'lie', 3); // => 0.625
 */
export function chanceRight(ability: number, topic: Topic, level: Level): number {
  const guess = guessAt(topic, level);
  const difficulty = (level - MIDDLE) * LEVEL_STEP;
  return guess + (1 - guess) / (1 + Math.exp(-STEEP * (ability - difficulty)));
}

/** A trainee learns: what was answered long ago counts less, by this factor a scene. Tuned: half after thirty. */
const FADES = 0.977;

/**
 * What is believed of a trainee in each topic: normal before, and after the answers by how likely each ability makes them (Bayes on a
 * grid).
 *
 * @param results first answered first
 */
export function abilitiesOf(
  results: readonly Pick<EyeResult, 'level' | 'right'>[],
): Record<Topic, Ability> {
  const abilities = TOPICS.map((topic): [Topic, Ability] => {
    const belief = beliefOf(GRID, (ability) =>
      results.reduce(
        (sum, { level, right }, i) => {
          const chance = chanceRight(ability, topic, level as Level);
          const weight = FADES ** (results.length - 1 - i);
          return sum + weight * Math.log(right[topic] === 1 ? chance : 1 - chance);
        },
        -(ability ** 2) / 2,
      ),
    );
    return [topic, { mean: beliefMean(belief), deviation: beliefDeviation(belief) }];
  });
  return Object.fromEntries(abilities) as Record<Topic, Ability>;
}

/** How likely a topic must be the weakest before it is named. Tuned: the one that is named is right in four of five trainees. */
const NAMED_FROM = 0.6;

/**
 * The topic that a trainee is weakest in; null while it cannot be told. Chances are those of each other topic being stronger, multiplied, with
 * what is believed of each taken as normal.
 */
export function weakest(abilities: Record<Topic, Ability>): Topic | null {
  const [low, ...others] = [...TOPICS].sort((a, b) => abilities[a].mean - abilities[b].mean);
  const least = abilities[low!];
  const chance = others.reduce((all, topic) => {
    const { mean, deviation } = abilities[topic];
    return all * normalCdf((mean - least.mean) / Math.hypot(deviation, least.deviation));
  }, 1);
  return chance >= NAMED_FROM ? low! : null;
}

/** Before so many scenes nothing is said of what is weak. */
export const FEWEST_SCENES = 10;

/** The level that asks most of a trainee who is so good on the whole: neither all right nor all wrong. */
export function levelFor(abilities: Record<Topic, Ability>): Level {
  const mean = TOPICS.reduce((sum, topic) => sum + abilities[topic].mean, 0) / TOPICS.length;
  return Math.max(1, Math.min(5, Math.round(MIDDLE + mean / LEVEL_STEP))) as Level;
}
