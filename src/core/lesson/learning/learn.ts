import type { SandPreset } from '@/core/ground/sand/presets';
import { clamp } from '@/core/ground/numeric/soft';
import { quantile } from '@/core/ground/numeric/order';
import { samplerOf, type Sampler } from '@/core/ground/numeric/sampling';
import { LEARNT_LIMITS, type LearntFactors } from '@/core/ground/player/learnt';
import { radians } from '@/core/ground/units/angle';
import { CARRY_POWER, type Golfer } from '@/core/model/golfer/golfer';
import { ballsLike, differing, drawManner, type Calls } from '../peers/meant';
import { CLUBS_FROM, differenceOf, drawPeer, numbersOf, type Difference } from '../peers/peer';
import type { LoggedBall } from '../peers/recorded';
import { estimateOf, type Estimate } from './estimate';
import { posteriorOf, type Posterior } from './posterior';
import { clearestShift, type Shift } from './shift';
import { summaryOf, tellingOf, type Told } from './summary';

/** One quantity before and after the balls. */
export interface Channel {
  /** Balls that told of it. */
  balls: number;
  before: { bias: number; spread: number };
  after: { bias: Estimate; spread: Estimate };
}

/** What was believed of a player before the balls, and what is believed after them. */
export interface Learning {
  /** Balls that told something, of those that it rests on. */
  balls: number;
  /** Mark behind where it was meant, m. */
  mark: Channel;
  /** Logarithm of the distance over the model's; its spread is that of the speed alone. */
  distance: Channel & {
    clubs: { club: string; offset: Estimate }[];
    /** Kinds of sand, where the balls came from several. */
    sands: { sand: SandPreset; offset: Estimate }[];
  };
  /** Direction off the line, radians, to the player's side positive. */
  direction: Channel;
  factors: Omit<LearntFactors, 'version'>;
  /** Players who might have hit these balls, each as likely as the other. */
  draws: Difference[];
  /** Where the player has changed, if so: only what came after it is learnt from. */
  changed: Pick<Shift, 'what' | 'after'> | null;
}

/** What is learnt rests on so many balls, the latest: what was hit before is another swing. */
const LATEST = 120;

/** Balls that are simulated in all, and the fewest and most players that they are spread over. Tuned to take under a second. */
const SIMULATED = 30_000;
const PEERS = [700, 1500] as const;

/** How far off the model is for everybody in one kind of sand, and how far kinds of sand lie apart, as logarithms of distance. Tuned. */
const MODEL_OFF = 0.015;
const SANDS_APART = 0.06;

/** A shift as clear as this share of players show who never change is taken for a change. */
const UNCHANGED = 0.98;

/** So many of the players that might have hit the balls are given back. */
const DRAWS = 24;

/** Players who were drawn: what they are like, what their balls look like, and how clearly those shift by chance. */
interface Peers {
  numbers: number[][];
  summaries: Map<string, number>[];
  shifts: number[];
}

/** Names in the order in which they come first. */
const distinct = <T>(names: readonly T[]): T[] => [...new Set(names)];

/** What the balls are told apart by: clubs, where there are several, and sands. */
function groupsOf(balls: readonly LoggedBall[]) {
  const clubs = distinct(balls.map(({ setup }) => setup.club.name));
  const sands = distinct(balls.flatMap(({ sand }) => sand ?? []));
  const several = { clubs: clubs.length > 1, sands: sands.length > 1 };
  return {
    clubs,
    sands: several.sands ? sands : [],
    each: balls.map(({ setup, sand }) => [
      ...(several.clubs ? [`of ${setup.club.name}`] : []),
      ...(several.sands && sand !== undefined ? [`in ${sand}`] : []),
    ]),
  };
}

/** Players of the skill, drawn at random, in the place of the one who hit the balls. */
function peersOf(
  balls: readonly LoggedBall[],
  calls: Calls,
  golfer: Golfer,
  toldOf: (balls: readonly LoggedBall[]) => Told[],
  { clubs, sands, each }: ReturnType<typeof groupsOf>,
  sampler: Sampler,
): Peers {
  const count = Math.round(clamp(SIMULATED / Math.max(1, balls.length), ...PEERS));
  const peers: Peers = { numbers: [], summaries: [], shifts: [] };
  for (let k = 0; k < count; k++) {
    const difference = drawPeer(golfer.habits, clubs, sampler);
    const bySand = sands.map(() => sampler.normal(0, SANDS_APART));
    const off = sampler.normal(0, MODEL_OFF);
    const inSand = (sand: SandPreset | undefined): Golfer => {
      const log = off + (sand === undefined ? 0 : (bySand[sands.indexOf(sand)] ?? 0));
      return differing(golfer, { ...difference, distance: difference.distance * Math.exp(log) });
    };
    const told = toldOf(ballsLike(balls, calls, inSand, drawManner(sampler), sampler));
    peers.numbers.push([...numbersOf(difference), ...bySand]);
    peers.summaries.push(summaryOf(told, each));
    peers.shifts.push(clearestShift(told)?.z ?? 0);
  }
  return peers;
}

/** The posterior of the summary that was seen, by the players who have its numbers: those that most of them lack are passed over. */
function believed({ numbers, summaries }: Peers, seen: ReadonlyMap<string, number>): Posterior {
  let whole = summaries.map((_, k) => k);
  const names = [...seen.keys()].filter((name) => {
    const having = whole.filter((k) => summaries[k]!.has(name));
    if (having.length < summaries.length / 2) return false;
    whole = having;
    return true;
  });
  return posteriorOf(
    whole.map((k) => numbers[k]!),
    whole.map((k) => names.map((name) => summaries[k]!.get(name)!)),
    names.map((name) => seen.get(name)!),
  );
}

/** So many draws, each as likely as the other: at even steps of the weight. */
function evenly({ draws, weights }: Posterior, count: number): number[][] {
  const mass = weights.reduce((sum, weight) => sum + weight, 0);
  const chosen: number[][] = [];
  let below = 0;
  draws.forEach((draw, k) => {
    below += weights[k]!;
    while (chosen.length < count && below >= ((chosen.length + 0.5) / count) * mass)
      chosen.push(draw);
  });
  return chosen;
}

const times = ({ mean, low, high }: Estimate, factor: number): Estimate => ({
  mean: mean * factor,
  low: low * factor,
  high: high * factor,
});

/**
 * Learns from logged balls what the skill cannot know of a player: where the mark really goes and how widely, how far the ball really goes,
 * and where it starts. Players of the skill who differ at random hit the same calls in the model, and their balls are written down as these
 * were, with the same things not seen; what is believed is what those are like whose balls look like these.
 *
 * @param balls in the order in which they were hit; the latest {@link LATEST} count
 * @param golfer as the skill and bag say, without anything learnt before
 * @param seed same balls and seed, same answer
 */
export function learn(balls: readonly LoggedBall[], golfer: Golfer, seed: number): Learning {
  const latest = balls.slice(-LATEST);
  const { calls, toldOf } = tellingOf(latest, golfer);
  const told = toldOf(latest);
  const groups = groupsOf(latest);
  const peers = peersOf(latest, calls, golfer, toldOf, groups, samplerOf(seed));
  const shift = clearestShift(told);
  if (shift && shift.z > quantile(peers.shifts, UNCHANGED)) {
    const { what } = shift;
    const after = balls.length - latest.length + shift.after;
    const since = learn(balls.slice(after), golfer, seed);
    return { ...since, changed: { what, after: after + (since.changed?.after ?? 0) } };
  }
  const posterior = believed(peers, summaryOf(told, groups.each));
  return learningOf(posterior, told, golfer, groups);
}

/** What is believed, as it is told and stored. */
function learningOf(
  posterior: Posterior,
  told: readonly Told[],
  { habits }: Golfer,
  { clubs, sands }: ReturnType<typeof groupsOf>,
): Learning {
  const { draws, weights } = posterior;
  const within = draws.map((draw) => numbersOf(limited(differenceOf(draw, clubs))));
  const at = (place: number, as = (value: number): number => value): Estimate =>
    estimateOf(
      within.map((numbers) => as(numbers[place]!)),
      weights,
    );
  const mark = at(0);
  const markScale = at(1, Math.exp);
  const distance = at(2);
  const distanceScale = at(3, Math.exp);
  const aim = at(4);
  const aimScale = at(5, Math.exp);
  const own = clubs.map((_, i) => at(CLUBS_FROM + i));
  const bySand = sands.map((_, i) =>
    estimateOf(
      draws.map((draw) => draw[CLUBS_FROM + clubs.length + i]!),
      weights,
    ),
  );
  const counted = (of: keyof Told): number => told.filter((ball) => ball[of] !== undefined).length;
  const balls = told.filter((ball) => Object.keys(ball).length > 0).length;
  const speed = habits.speed * CARRY_POWER;
  const middle = limited({
    mark_bias_mm: mark.mean,
    mark_scale: markScale.mean,
    distance: Math.exp(distance.mean),
    distance_scale: distanceScale.mean,
    aim_bias_deg: aim.mean,
    aim_scale: aimScale.mean,
    clubs: clubs.map((club, i) => ({ club, distance: Math.exp(own[i]!.mean) })),
  });
  return {
    balls,
    mark: {
      balls: counted('mark'),
      before: { bias: habits.bias.mark, spread: habits.mark },
      after: { bias: times(mark, 1 / 1000), spread: times(markScale, habits.mark) },
    },
    distance: {
      balls: counted('far'),
      before: { bias: 0, spread: speed },
      after: { bias: distance, spread: times(distanceScale, speed) },
      clubs: clubs.map((club, i) => ({ club, offset: own[i]! })),
      sands: sands.map((sand, i) => ({ sand, offset: bySand[i]! })),
    },
    direction: {
      balls: counted('side'),
      before: { bias: habits.bias.aim, spread: habits.aim },
      after: { bias: times(aim, radians(1)), spread: times(aimScale, habits.aim) },
    },
    factors: { balls, ...rounded(middle) },
    draws: evenly(posterior, DRAWS).map((draw) => limited(differenceOf(draw, clubs))),
    changed: null,
  };
}

function limitedTo(name: keyof typeof LEARNT_LIMITS, value: number): number {
  const [low, high] = LEARNT_LIMITS[name];
  return clamp(value, low, high);
}

/** A difference within what is believed of anybody. */
const limited = (difference: Difference): Difference => ({
  mark_bias_mm: limitedTo('mark_bias_mm', difference.mark_bias_mm),
  mark_scale: limitedTo('scale', difference.mark_scale),
  distance: limitedTo('distance', difference.distance),
  distance_scale: limitedTo('scale', difference.distance_scale),
  aim_bias_deg: limitedTo('aim_bias_deg', difference.aim_bias_deg),
  aim_scale: limitedTo('scale', difference.aim_scale),
  clubs: difference.clubs.map(({ club, distance }) => ({
    club,
    distance: limitedTo('distance', distance),
  })),
});

const rounder =
  (scale: number) =>
  (value: number): number =>
    Math.round(value * scale) / scale + 0;
const tenths = rounder(10);
const hundredths = rounder(100);
const thousandths = rounder(1000);

/** A difference as it is stored. */
const rounded = (difference: Difference): Difference => ({
  mark_bias_mm: tenths(difference.mark_bias_mm),
  mark_scale: hundredths(difference.mark_scale),
  distance: thousandths(difference.distance),
  distance_scale: hundredths(difference.distance_scale),
  aim_bias_deg: tenths(difference.aim_bias_deg),
  aim_scale: hundredths(difference.aim_scale),
  clubs: difference.clubs.map(({ club, distance }) => ({ club, distance: thousandths(distance) })),
});
