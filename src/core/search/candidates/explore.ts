import type { School } from '../schools/school';
import type { Shot } from '@/core/ground/situation/shot';
import { degrees, radians } from '@/core/ground/units/angle';
import { playableBallPosition } from '@/core/model/swing/setup';
import { openingLimitDeg } from '@/core/ground/club/club';
import { setupOf, type Family } from './candidate';
import { byScore, rate, type Rated, type Rater } from './rate';
import { toMetres } from '@/core/ground/units/length';
import { longest, solveFor, type Solved, type Unsolved } from './solve';

/** Why one club cannot do it in one school. */
export type Obstacle =
  | { state: 'cannot-reach'; total: number; wanted: number }
  | { state: 'cannot-get-out'; clearance: number | null }
  | { state: 'too-far'; total: number }
  | { state: 'aim'; aimDeg: number; most: number }
  | { state: 'unfit'; text: string };

const COARSE = 16;
const MIDDLE = 64;

/** Where the ball as meant may stop past the target, m: a player who comes up short on a miss aims past it. */
export const PAST = [-1.2, 1.5, 3] as const;
const FIRST_PAST = 0.4;

/** Survivors of a family's coarse pass. */
const KEEP_EACH = 1;

/** From this far on a ball that cannot reach the flag is still worth playing as far as it goes, m; a sunk one always is. */
const LAY_UP_FROM = toMetres(60, 'yd');

function reasonOf(result: Unsolved, shot: Shot): Obstacle {
  switch (result.state) {
    case 'cannot-reach':
      return { state: result.state, total: result.finish.x, wanted: shot.carry ?? shot.pin };
    case 'cannot-get-out':
      return { state: result.state, clearance: result.finish.lipClearance };
    case 'too-far':
      return { state: result.state, total: result.finish.x };
  }
}

/** Aim that a side slope allows beyond the school's own, as a multiple of the slope. Tuned. */
const AIM_PER_SLOPE = 1.5;

/** Turns the feet as the school turns them with the aim; false when the aim is more than the school can live with. */
function standsTo(solved: Solved, school: School, shot: Shot): boolean {
  const allowed = school.mostAimDeg + Math.abs(degrees(shot.across)) * AIM_PER_SLOPE;
  if (Math.abs(degrees(solved.aim)) > allowed) return false;
  solved.setup.stanceOpen = solved.aim * school.feetWithPath;
  return true;
}

/** A family's solved set-ups rated on `count` swings, best first, or why there is none. */
export function coarse(
  family: Family,
  rater: Rater,
  count = COARSE,
): { rated: Rated[]; reason: Obstacle | null } {
  const { club, school, faces, entries } = family;
  const { golfer, shot } = rater;
  const rated: Rated[] = [];
  let reason: Obstacle | null = null;
  let furthest = -Infinity;
  for (const face of school.solves === 'face' ? faces.slice(0, 1) : faces) {
    for (const entry of school.solves === 'entry' ? entries.slice(0, 1) : entries) {
      const setup = setupOf(school, club, face, entry, shot);
      const exact = solveFor(setup, school, golfer, shot, FIRST_PAST);
      const result =
        exact.state === 'cannot-reach' && (shot.pin > LAY_UP_FROM || school.kind === 'dig')
          ? longest(setup, school, golfer, shot)
          : exact;
      rater.flown += 8;
      if (result.state === 'solved') {
        if (!standsTo(result, school, shot)) {
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
  }
  return { rated: rated.sort(byScore).slice(0, KEEP_EACH), reason };
}

/** Solves a rated set-up again with some of its set-up changed; null when that cannot be. */
function varied(
  rated: Rated,
  rater: Rater,
  change: { face?: number; entry?: number; past?: number },
  count: number,
): Rated | null {
  const { school } = rated;
  const { shot, golfer } = rater;
  const setup = { ...rated.setup };
  if (change.face !== undefined) {
    const limit = radians(openingLimitDeg(setup.club));
    setup.opening = Math.min(limit, setup.opening + change.face);
  }
  if (change.entry !== undefined) {
    const least = Math.min(...school.entry(shot));
    setup.entry = Math.max(Math.min(least, 0.02), setup.entry + change.entry);
    setup.ballPosition = playableBallPosition(setup, shot);
  }
  const past = change.past ?? rated.finish.x - shot.pin;
  const result: Solved | Unsolved = solveFor(setup, school, golfer, shot, past);
  rater.flown += 8;
  if (result.state !== 'solved') return null;
  if (!standsTo(result, school, shot)) return null;
  return rate(rater, result, school, count);
}

/** A set-up on the middle sample, or the same one meant to stop so far past the target, m, where that is better. */
export function withLandings(rated: Rated, rater: Rater, others: readonly number[]): Rated {
  let winner = rate(rater, rated, rated.school, MIDDLE);
  if (rater.shot.carry !== undefined) return winner;
  for (const past of others) {
    const other = varied(rated, rater, { past }, MIDDLE);
    if (other && other.score < winner.score) winner = other;
  }
  return winner;
}

/** Steps of the fine pass: face, radians, and mark, m. */
const FACE_STEP = radians(5);
const ENTRY_STEP = 0.006;

/** Climbs from a set-up to better ones near it in face and mark, a step at a time. */
export function refined(rated: Rated, rater: Rater, count: number): Rated {
  const { solves, technique } = rated.school;
  let winner = rated;
  if (technique === 'putt' || technique === 'pick' || technique === 'chip') return winner;
  const changes: { face?: number; entry?: number }[] = [];
  if (solves !== 'face') changes.push({ face: FACE_STEP }, { face: -FACE_STEP });
  if (solves !== 'entry') changes.push({ entry: ENTRY_STEP }, { entry: -ENTRY_STEP });
  for (const change of changes) {
    const [low, high] = faceRange(rated);
    const next = winner.setup.opening + (change.face ?? 0);
    if (next < low - 1e-9 || next > high + 1e-9) continue;
    const other = varied(winner, rater, change, count);
    if (other && other.score < winner.score) winner = other;
  }
  return winner;
}

/** How far a school lets the face turn from what it tried: a step either way, and never from open to closed. */
function faceRange(rated: Rated): readonly [number, number] {
  const opening = rated.setup.opening;
  return opening < 0 ? [-radians(60), 0] : [0, opening + FACE_STEP];
}

/** Those that are not worse than the first by more than `within` strokes; the list is sorted, best first. */
export const hopeful = (sorted: readonly Rated[], within: number): Rated[] =>
  sorted.filter(({ score }) => score <= sorted[0]!.score + within);

/** The best of each club and school, order kept. */
export function bestOfEach(rated: readonly Rated[]): Rated[] {
  const seen = new Set<string>();
  return rated.filter(({ setup, school }) => {
    const key = `${setup.club.name}/${school.id}`;
    return seen.has(key) ? false : seen.add(key);
  });
}
