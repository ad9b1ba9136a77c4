import type { Fact } from '@/core/ground/fact/fact';
import { clearanceOf } from '@/core/model/flight/finish';
import type { School } from '../schools/school';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import { degrees, radians } from '@/core/ground/units/angle';
import { playableBallPosition } from '@/core/model/swing/setup';
import { openingLimitDeg } from '@/core/ground/club/club';
import { sitsDown } from '@/core/ground/sand/lie';
import { clamp } from '@/core/ground/numeric/soft';
import { setupOf, techniquesOf, type Family } from './candidate';
import { byCost, rate, rateOn, type Rated, type Rater } from './rate';
import { toMetres } from '@/core/ground/units/length';
import { farthest, longest, solveAll, type Solved, type Unknown, type Unsolved } from './solve';

/** Why one club cannot do it in one school. */
export type Obstacle =
  | { state: 'cannot-reach'; total: number; wanted: number }
  | { state: 'cannot-get-out'; clearance: number | null }
  | { state: 'too-far'; total: number }
  | { state: 'aim'; aimDeg: number; most: number }
  | { state: 'unfit'; why: Fact };

/** Where the ball as meant stops past the target at first, m. */
const FIRST_PAST = 0.4;

/** From this far on a ball that cannot reach the flag is still worth playing as far as it goes, m; a sunk one always is. */
const LAY_UP_FROM = toMetres(60, 'yd');

/** A shot so long from a lie that does not let a ball be picked is worth playing short as well, m; a slope as steep as that, radians. */
const HARD_FROM = toMetres(30, 'yd');
const STEEP = radians(4);

const isHard = (shot: Shot): boolean =>
  shot.pin > HARD_FROM && (sitsDown(shot.burial) || Math.abs(shot.along) >= STEEP);

function reasonOf(result: Unsolved, shot: Shot): Obstacle {
  switch (result.state) {
    case 'cannot-reach':
      return { state: result.state, total: result.finish.x, wanted: shot.carry ?? shot.pin };
    case 'cannot-get-out':
      return { state: result.state, clearance: clearanceOf(result.finish) };
    case 'too-far':
      return { state: result.state, total: result.finish.x };
  }
}

/** Aim that a side slope allows beyond the school's own, as a multiple of the slope. Tuned. */
const AIM_PER_SLOPE = 1.5;

/** Set-ups solved for the rater's shot, side by side. */
export function solvedBy(rater: Rater, unknowns: readonly Unknown[]): (Solved | Unsolved)[] {
  rater.flown += 8 * unknowns.length;
  return solveAll(unknowns, rater.golfer, rater.shot);
}

/** What a set-up came to; its longest swing where the flag is out of its reach and it is worth playing as far as it goes. */
export function reached(
  exact: Solved | Unsolved,
  { setup, school }: Unknown,
  { golfer, shot, short = false }: Rater,
): Solved | Unsolved {
  const laysUp = short || shot.pin > LAY_UP_FROM || school.kind === 'dig' || isHard(shot);
  return exact.state === 'cannot-reach' && laysUp ? longest(setup, school, golfer, shot) : exact;
}

/** Turns the feet as the school turns them with the aim; false when the aim is more than the school can live with. */
export function standsTo(
  solved: Solved,
  school: School,
  shot: Shot,
  { startsOff = 0 }: Golfer,
): boolean {
  const allowed = school.mostAimDeg + Math.abs(degrees(shot.across)) * AIM_PER_SLOPE;
  // What is aimed off against balls that start off the line is no turn of the ball against the feet.
  if (Math.abs(degrees(solved.aim + startsOff)) > allowed) return false;
  solved.setup.stanceOpen = solved.aim * school.feetWithPath;
  return true;
}

/** What was found of a family: its solved set-ups, best first, or why there is none. */
export interface Found {
  rated: Rated[];
  reason: Obstacle | null;
}

/** The set-ups that a family tries: a free face or mark is solved, so that one stands for all. */
function triedBy({ club, school, faces, entries }: Family, shot: Shot): Unknown[] {
  const marks = school.solves === 'entry' ? entries.slice(0, 1) : entries;
  return (school.solves === 'face' ? faces.slice(0, 1) : faces).flatMap((face) =>
    marks.flatMap((entry) =>
      techniquesOf(school).map((technique) => ({
        setup: setupOf(school, club, face, entry, shot, technique),
        school,
        past: FIRST_PAST,
      })),
    ),
  );
}

/** The set-ups of many families solved side by side and rated on `count` swings, family by family. */
export function coarseOf(families: readonly Family[], rater: Rater, count: number): Found[] {
  const { golfer, shot } = rater;
  const tried = families.map((family) => triedBy(family, shot));
  const solved = solvedBy(rater, tried.flat());
  let next = 0;
  return families.map(({ school }, f) => {
    const rated: Rated[] = [];
    let reason: Obstacle | null = null;
    let furthest = -Infinity;
    for (const unknown of tried[f]!) {
      const result = reached(solved[next++]!, unknown, rater);
      if (result.state === 'solved') {
        if (!standsTo(result, school, shot, golfer)) {
          const aimDeg = Math.abs(degrees(result.aim));
          reason = { state: 'aim', aimDeg, most: school.mostAimDeg };
          continue;
        }
        rated.push(rate(rater, result, school, count));
      } else if (result.finish.x > furthest && rated.length === 0) {
        furthest = result.finish.x;
        reason = reasonOf(result, shot);
      }
    }
    return { rated: rated.sort(byCost), reason };
  });
}

/** {@link coarseOf} one family. */
export const coarse = (family: Family, rater: Rater, count: number): Found =>
  coarseOf([family], rater, count)[0]!;

/**
 * A family's best attempt where it does not get out as meant: its longest swing, whatever the lip does to it; null where it cannot
 * even be aimed.
 */
export function attempt(family: Family, rater: Rater, count: number): Rated | null {
  const { golfer, shot } = rater;
  const rated = triedBy(family, shot).flatMap(({ setup, school }) => {
    const tried = farthest(setup, school, golfer, shot);
    rater.flown += 4;
    return standsTo(tried, school, shot, golfer) ? [rate(rater, tried, school, count)] : [];
  });
  return rated.sort(byCost)[0] ?? null;
}

/** What of a set-up is varied: face, radians, mark, m, and how far past the target the ball is meant to stop, m. */
interface Variation {
  face?: number;
  entry?: number;
  past?: number;
}

/** Faces that a school lets a set-up have, radians: what it tries, and a little more open. */
function faceRange({ school, setup }: Rated, shot: Shot): readonly [number, number] {
  const faces = school.faceDeg(shot);
  const most = Math.min(openingLimitDeg(setup.club), Math.max(...faces) + MORE_OPEN);
  return [radians(Math.min(...faces)), radians(most)];
}
const MORE_OPEN = 5;

/** How much nearer and further than the marks that a school tries a mark may be, m. */
const NEARER = 0.008;
const FURTHER = 0.002;

/** A rated set-up with some of it changed by so much; null when that cannot be. */
function changed(
  rated: Rated,
  shot: Shot,
  { face = 0, entry = 0, past = 0 }: Variation,
): Unknown | null {
  const { school } = rated;
  const setup = { ...rated.setup };
  if (face !== 0) {
    const [low, high] = faceRange(rated, shot);
    setup.opening += face;
    if (setup.opening < low - 1e-9 || setup.opening > high + 1e-9) return null;
  }
  if (entry !== 0) {
    const marks = school.entry(shot);
    setup.entry = clamp(
      setup.entry + entry,
      Math.min(...marks) - NEARER,
      Math.max(...marks) + FURTHER,
    );
    if (setup.entry === rated.setup.entry) return null;
    setup.ballPosition = playableBallPosition(setup, shot);
  }
  return { setup, school, past: rated.finish.x - shot.pin + past };
}

/** Variations of a rated set-up, solved again side by side and rated; null for those that cannot be. */
export function varied(
  rated: Rated,
  rater: Rater,
  variations: readonly Variation[],
  count: number,
): (Rated | null)[] {
  const { shot, golfer } = rater;
  const unknowns = variations.map((each) => changed(rated, shot, each));
  const solved = solvedBy(
    rater,
    unknowns.flatMap((each) => each ?? []),
  );
  let next = 0;
  return unknowns.map((each) => {
    const result = each && solved[next++]!;
    if (result?.state !== 'solved' || !standsTo(result, rated.school, shot, golfer)) return null;
    return rate(rater, result, rated.school, count);
  });
}

/** The set-up, or the same one meant to stop further from the target by one of these, m, where that costs less. */
export function withLandings(
  rated: Rated,
  rater: Rater,
  others: readonly number[],
  count: number,
): Rated {
  let winner = rateOn(rater, rated, count);
  if (rater.shot.carry !== undefined) return winner;
  const further = others.map((past) => ({ past }));
  for (const other of varied(rated, rater, further, count)) {
    if (other && other.cost < winner.cost) winner = other;
  }
  return winner;
}

/** Steps of {@link settled}: face, radians, mark, m, and landing, m. */
const STEPS: readonly Variation[] = [{ face: radians(6) }, { entry: 0.007 }];

const times = (variation: Variation, factor: number): Variation =>
  Object.fromEntries(
    Object.entries(variation).map(([name, by]) => [name, factor * (by as number)]),
  );

/** Lowest point of the parabola through (-1, low), (0, middle) and (1, high), no further out than 1. */
function lowest(low: number, middle: number, high: number): number {
  const bend = low + high - 2 * middle;
  if (bend <= 0) return low < high ? -1 : 1;
  return clamp((low - high) / (2 * bend), -1, 1);
}

/** A vertex nearer than this to what is known already is not played, steps. */
const AS_GOOD = 0.15;

/** Settles face, mark and landing, one after the other, at the lowest point of the parabola through a step to either side. */
export function settled(rated: Rated, rater: Rater, count: number): Rated {
  const { solves, technique } = rated.school;
  const fixed = technique === 'putt' || technique === 'pick' || technique === 'chip';
  let winner = rateOn(rater, rated, count);
  for (const step of STEPS) {
    if (step.face !== undefined && (fixed || solves === 'face')) continue;
    if (step.entry !== undefined && (fixed || solves === 'entry')) continue;
    const middle = winner;
    const [low, high] = varied(middle, rater, [times(step, -1), step], count);
    for (const other of [low, high]) if (other && other.cost < winner.cost) winner = other;
    if (!low || !high) continue;
    const at = lowest(low.cost, middle.cost, high.cost);
    if (Math.min(Math.abs(at), 1 - Math.abs(at)) < AS_GOOD) continue;
    const [between] = varied(middle, rater, [times(step, at)], count);
    if (between && between.cost < winner.cost) winner = between;
  }
  return winner;
}
