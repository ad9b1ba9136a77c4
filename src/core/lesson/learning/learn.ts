import { CARRY_POWER, type Golfer } from '@/core/model/golfer/golfer';
import { median } from '@/core/ground/numeric/order';
import { samplerOf } from '@/core/ground/numeric/sampling';
import { clamp } from '@/core/ground/numeric/soft';
import { degrees } from '@/core/ground/units/angle';
import { seenBall, type Seen } from '@/core/model/shot/seen';
import type { Shot } from '@/core/ground/situation/shot';
import { AS_MEANT, type SwingError } from '@/core/model/swing/swingError';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import { sampleSwings } from '@/core/model/spread/swings';
import type { Setup } from '@/core/model/swing/setup';
import { learnChannel, type Estimate, type Posterior, type Prior, type Residual } from './channel';
import { LEARNT_LIMITS, type LearntFactors } from '@/core/ground/player/learnt';

/** A logged ball with the call that it was hit for. What was not seen is absent. */
export interface LoggedBall {
  setup: Setup;
  aim: number;
  shot: Shot;
  entry?: number;
  carry?: number;
  x?: number;
  y?: number;
  /** Struck so that the distance says nothing about the swing: thin, off the heel, into the lip. */
  mishit?: boolean;
}

/** What was believed of a quantity before the balls, and what is believed after them. */
export interface Learning {
  /** Balls that told something. */
  balls: number;
  /** Mark behind where it was meant, m. */
  mark: Channel;
  /** Logarithm of the distance over the model's for the mark that was seen. */
  distance: Channel & { clubs: { club: string; offset: Estimate }[] };
  /** Direction off the line, radians, to the player's side positive. */
  direction: Channel;
  factors: Omit<LearntFactors, 'version'>;
}

/** One quantity before and after. */
export interface Channel {
  balls: number;
  before: { bias: number; spread: number };
  after: Pick<Posterior, 'bias' | 'spread'>;
}

/** How many balls' worth the spread of a skill is believed with. Tuned. */
const SPREAD_WORTH = 8;

/** Standard deviations of players of one skill about it: mark, m; logarithm of distance; direction, radians. Tuned. */
const BIAS = { mark: 0.012, distance: 0.15, direction: 0.05 } as const;

/** How far single clubs differ in distance from what the model makes of them. Tuned. */
const CLUB_SPREAD = 0.05;

/** Shortest distance that is told apart from a ball left at the feet, m. */
const GONE = 0.5;

const SIMULATED = 96;
const MOST_SETUPS = 4;

/** Residuals of a ball against its call; those that were not seen are absent. */
function residualsOf(ball: LoggedBall, golfer: Golfer, markBias: number) {
  const { setup, aim, shot, entry, mishit } = ball;
  const mark = entry === undefined ? undefined : entry - setup.entry;
  const gone = ball.carry ?? (ball.x === undefined ? undefined : Math.hypot(ball.x, ball.y ?? 0));
  let distance: number | undefined;
  if (gone !== undefined && gone > GONE && !mishit) {
    const model = seenBall(setup, aim, golfer, shot, { ...AS_MEANT, mark: mark ?? markBias });
    const reached = ball.carry === undefined ? Math.hypot(model.x, model.y) : model.carry;
    if (reached > GONE) distance = Math.log(gone / reached);
  }
  const direction =
    ball.x === undefined || ball.y === undefined || ball.x < GONE || mishit
      ? undefined
      : Math.atan2(ball.y, ball.x);
  return { mark, distance, direction };
}

/** A robust standard deviation: 1.4826 times the median distance from the median. */
function robustSpread(values: readonly number[]): number {
  if (values.length < 8) return 0;
  const middle = median(values);
  return 1.4826 * median(values.map((value) => Math.abs(value - middle)));
}

/** Spreads that the model itself gives a golfer of this skill in these set-ups. */
function spreadsBefore(balls: readonly LoggedBall[], golfer: Golfer, seed: number) {
  const swings = sampleSwings(
    { ...golfer.habits, bias: { mark: 0, height: 0, aim: 0 } },
    SIMULATED,
    seed,
  );
  const kinds = new Map(balls.map((ball) => [`${ball.setup.club.name}/${ball.setup.entry}`, ball]));
  const all = { mark: [] as number[], distance: [] as number[], direction: [] as number[] };
  for (const { setup, aim, shot } of [...kinds.values()].slice(0, MOST_SETUPS)) {
    const footing = footingOf(setup, shot);
    const error: SwingError = { ...AS_MEANT };
    for (const swing of swings) {
      const seen: Seen = seenBall(setup, aim, golfer, shot, { ...madeWith(swing, footing, error) });
      const found = residualsOf({ setup, aim, shot, ...seen, mishit: seen.thin }, golfer, 0);
      if (found.mark !== undefined) all.mark.push(found.mark);
      if (found.distance !== undefined) all.distance.push(found.distance);
      if (found.direction !== undefined) all.direction.push(found.direction);
    }
  }
  return {
    mark: robustSpread(all.mark) || golfer.habits.mark,
    distance: robustSpread(all.distance) || golfer.habits.speed * CARRY_POWER,
    direction: robustSpread(all.direction) || golfer.habits.aim,
  };
}

const channel = (
  residuals: readonly Residual[],
  prior: Prior,
  posterior: Posterior,
  bias: number,
): Channel => ({
  balls: residuals.length,
  before: { bias, spread: prior.spread },
  after: { bias: posterior.bias, spread: posterior.spread },
});

/**
 * Learns from logged balls what the model cannot know of a player: where the mark really goes and how widely, how far
 * the ball really goes from a mark, and where it starts. Before any ball stands what the skill says.
 *
 * @param golfer as the skill and bag say, without anything learnt before
 * @param seed same balls and seed, same answer
 */
export function learn(balls: readonly LoggedBall[], golfer: Golfer, seed: number): Learning {
  const sampler = samplerOf(seed);
  const before = spreadsBefore(balls, golfer, seed);
  const { bias } = golfer.habits;
  const priorOf = (spread: number, deviation: number, group: number): Prior => ({
    spread,
    bias: deviation,
    worth: SPREAD_WORTH,
    group,
  });
  const clubs = [...new Set(balls.map(({ setup }) => setup.club.name))];

  const marks: Residual[] = [];
  for (const ball of balls) {
    if (ball.entry === undefined) continue;
    marks.push({ value: ball.entry - ball.setup.entry - bias.mark, group: 0 });
  }
  const markPrior = priorOf(before.mark, BIAS.mark, 0);
  const mark = shifted(learnChannel(marks, 1, markPrior, sampler), bias.mark);

  const distances: Residual[] = [];
  const directions: Residual[] = [];
  for (const ball of balls) {
    const found = residualsOf(ball, golfer, mark.bias.mean);
    const group = clubs.indexOf(ball.setup.club.name);
    if (found.distance !== undefined) distances.push({ value: found.distance, group });
    if (found.direction !== undefined) {
      directions.push({ value: found.direction - bias.aim, group: 0 });
    }
  }
  const distancePrior = priorOf(before.distance, BIAS.distance, CLUB_SPREAD);
  const distance = learnChannel(distances, clubs.length, distancePrior, sampler);
  const directionPrior = priorOf(before.direction, BIAS.direction, 0);
  const direction = shifted(learnChannel(directions, 1, directionPrior, sampler), bias.aim);

  const told = balls.filter(
    (ball) => ball.entry !== undefined || ball.carry !== undefined || ball.x !== undefined,
  ).length;
  return {
    balls: told,
    mark: channel(marks, markPrior, mark, bias.mark),
    distance: {
      ...channel(distances, distancePrior, distance, 0),
      clubs: clubs.map((club, i) => ({ club, offset: distance.groups[i]! })),
    },
    direction: channel(directions, directionPrior, direction, bias.aim),
    factors: {
      balls: told,
      mark_bias_mm: tenths(within('mark_bias_mm', mark.bias.mean * 1000)),
      mark_scale: hundredths(within('scale', mark.spread.mean / before.mark)),
      distance: thousandths(within('distance', Math.exp(distance.bias.mean))),
      distance_scale: hundredths(within('scale', distance.spread.mean / before.distance)),
      aim_bias_deg: tenths(within('aim_bias_deg', degrees(direction.bias.mean))),
      aim_scale: hundredths(within('scale', direction.spread.mean / before.direction)),
      clubs: clubs.map((club, i) => ({
        club,
        distance: thousandths(within('distance', Math.exp(distance.groups[i]!.mean))),
      })),
    },
  };
}

function within(name: keyof typeof LEARNT_LIMITS, value: number): number {
  const [low, high] = LEARNT_LIMITS[name];
  return clamp(value, low, high);
}

const rounder =
  (scale: number) =>
  (value: number): number =>
    Math.round(value * scale) / scale + 0;
const tenths = rounder(10);
const hundredths = rounder(100);
const thousandths = rounder(1000);

/** A posterior about nought moved to where it is about. */
function shifted(posterior: Posterior, by: number): Posterior {
  const { mean, low, high } = posterior.bias;
  return { ...posterior, bias: { mean: mean + by, low: low + by, high: high + by } };
}
