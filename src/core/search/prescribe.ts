import { openingLimitDeg, type Club } from '../club/club';
import { referenceHeadSpeed } from '../player/headSpeed';
import type { Player } from '../player/player';
import { SPLASH_SCHOOLS } from '../schools/splash';
import type { School } from '../schools/school';
import type { Finish } from '../shot/finish';
import { oddsOf, type Golfer, type Odds } from '../shot/odds';
import type { Shot } from '../shot/shot';
import { HABITS } from '../spread/habits';
import { sampleSwings } from '../spread/swings';
import { degrees, radians } from '../units/angle';
import type { Setup } from '../swing/setup';
import { setupOf } from './candidate';
import { DEFAULT_CAUTION, TIE_STROKES, scoreOf, standardErrorOfDifference } from './rank';
import { solveSwing, type Solved } from './solveSwing';

/** Swings sampled in the coarse pass, after pruning, and for what is shown. */
const COARSE = 64;
const MIDDLE = 256;
const FINE = 1024;

/** Where the ball as meant may stop past the flag, m: a player who comes up short on a miss aims past it. */
const PAST_FLAG = [-1, 0.5, 2] as const;

/** Survivors of the coarse pass for each club and school, and overall before the fine pass. */
const KEEP_EACH = 3;
const KEEP_ALL = 12;

export interface Call {
  school: School;
  setup: Setup;
  aim: number;
  meant: Finish;
  odds: Odds;
  score: number;
}

export interface RuledOut {
  club: Club;
  school: School;
  reason:
    | { state: 'cannot-reach'; total: number; wanted: number }
    | { state: 'cannot-get-out'; clearance: number | null }
    | { state: 'too-far'; total: number }
    | { state: 'aim'; aimDeg: number; most: number };
}

export interface Prescription {
  calls: Call[];
  ruledOut: RuledOut[];
  golfer: Golfer;
  /** The first two calls cannot be told apart on this sample, and their difference, strokes. */
  tie: { difference: number; standardError: number } | null;
}

/** What the search is asked. */
export interface Question {
  player: Player;
  shot: Shot;
  seed: number;
  caution?: number;
  schools?: readonly string[];
}

interface Rated extends Solved {
  school: School;
  odds: Odds;
  score: number;
}

/** All solved set-ups of one club in one school, or why there is none. */
function solveAll(
  club: Club,
  school: School,
  golfer: Golfer,
  shot: Shot,
): { solved: Solved[]; reason: RuledOut['reason'] | null } {
  const solved: Solved[] = [];
  let reason: RuledOut['reason'] | null = null;
  let best = -Infinity;
  const limit = openingLimitDeg(club);
  for (const faceDeg of school.faceDeg.tries) {
    if (faceDeg > limit) continue;
    for (const mark of school.entry.tries) {
      const setup = setupOf(school, club, faceDeg, mark, shot.burial);
      for (const past of shot.carry === undefined ? PAST_FLAG : [0]) {
        const result = solveSwing(setup, golfer, shot, past);
        if (result.state === 'solved') {
          const aimDeg = degrees(Math.abs(result.aim));
          if (aimDeg <= school.mostAimDeg) {
            result.setup.stanceOpen = Math.abs(result.aim) * school.feetWithPath;
            solved.push(result);
          } else reason ??= { state: 'aim', aimDeg, most: school.mostAimDeg };
          continue;
        }
        if (result.finish.x <= best) continue;
        best = result.finish.x;
        reason =
          result.state === 'cannot-reach'
            ? { state: result.state, total: result.finish.x, wanted: shot.carry ?? shot.pin }
            : result.state === 'cannot-get-out'
              ? { state: result.state, clearance: result.finish.lipClearance }
              : { state: result.state, total: result.finish.x };
      }
    }
  }
  return { solved, reason };
}

/**
 * Searches club, school, face, mark and landing for the calls that cost the player the fewest strokes:
 * a coarse pass over every set-up, then fewer set-ups on more swings of the same sample. Best first, one call
 * for each club and school.
 */
export function prescribe(question: Question): Prescription {
  const { player, shot, seed } = question;
  const caution = question.caution ?? DEFAULT_CAUTION;
  const golfer: Golfer = { skill: player.skill, headSpeed: referenceHeadSpeed(player) };
  const swings = sampleSwings(HABITS[player.skill], FINE, seed);
  const rate = (solved: Solved, school: School, count: number): Rated => {
    const odds = oddsOf(solved.setup, golfer, shot, solved.aim, swings.slice(0, count));
    return { ...solved, school, odds, score: scoreOf(odds, caution) };
  };
  const byScore = (a: Rated, b: Rated): number => a.score - b.score;

  const schools = SPLASH_SCHOOLS.filter(
    (school) => !question.schools?.length || question.schools.includes(school.id),
  );
  const kept: Rated[] = [];
  const ruledOut: RuledOut[] = [];
  for (const club of player.bag) {
    for (const school of schools) {
      if (!school.clubs(club)) continue;
      const { solved, reason } = solveAll(club, school, golfer, shot);
      if (solved.length === 0) {
        if (reason) ruledOut.push({ club, school, reason });
        continue;
      }
      const rated = solved.map((each) => rate(each, school, COARSE)).sort(byScore);
      kept.push(...rated.slice(0, KEEP_EACH));
    }
  }

  const finalists = bestOfEach(kept.map((each) => rate(each, each.school, MIDDLE)).sort(byScore));
  const calls = finalists
    .map((each, i) => rate(each, each.school, i < KEEP_ALL ? FINE : MIDDLE))
    .sort(byScore)
    .map(({ school, setup, aim, finish, odds, score }) => ({
      school,
      setup,
      aim,
      meant: finish,
      odds,
      score,
    }));
  return { calls: distinctFirst(simplerFirst(calls)), ruledOut, golfer, tie: tieOf(calls) };
}

/** The best of each club and school, order kept. */
function bestOfEach(rated: Rated[]): Rated[] {
  const seen = new Set<string>();
  return rated.filter(({ setup, school }) => {
    const key = `${setup.club.name}/${school.id}`;
    return seen.has(key) ? false : seen.add(key);
  });
}

function tieOf(calls: readonly Call[]): Prescription['tie'] {
  const [first, second] = calls;
  if (!first || !second) return null;
  const difference = Math.abs(second.odds.strokes - first.odds.strokes);
  const standardError = standardErrorOfDifference(first.odds.each, second.odds.each);
  return difference < Math.max(TIE_STROKES, 2 * standardError)
    ? { difference, standardError }
    : null;
}

/** Plainness of a set-up for ties: squarer face, plainer school, no more than a half swing. Lower is plainer. */
function fussOf(call: Call): number {
  return (
    call.school.fuss +
    Math.abs(call.setup.opening) / radians(30) +
    4 * Math.max(0, call.setup.fraction - 0.78)
  );
}

/** Among the calls within a tie of the best, the plainest goes first. */
function simplerFirst(calls: Call[]): Call[] {
  const best = calls[0];
  if (!best) return calls;
  const tied = calls.filter((call) => call.score - best.score < TIE_STROKES);
  const rest = calls.filter((call) => call.score - best.score >= TIE_STROKES);
  return [...tied.sort((a, b) => fussOf(a) - fussOf(b)), ...rest];
}

/** Puts the best call of each club before second ways with a club already called. */
function distinctFirst(calls: Call[]): Call[] {
  const clubs = new Set<string>();
  const first: Call[] = [];
  const again: Call[] = [];
  for (const call of calls) {
    if (clubs.has(call.setup.club.name)) again.push(call);
    else {
      clubs.add(call.setup.club.name);
      first.push(call);
    }
  }
  return [...first, ...again];
}
