import { samplerOf } from '@/core/ground/numeric/sampling';
import { SKILLS } from '@/core/ground/player/player';
import { degrees, radians } from '@/core/ground/units/angle';
import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import { openingLimitDeg } from '@/core/ground/club/club';
import { prescribe } from '@/core/search/calls/prescribe';
import type { Question } from '@/core/search/calls/question';
import {
  familiesFor,
  setupOf,
  techniquesOf,
  type Family,
} from '@/core/search/candidates/candidate';
import { reached, solvedBy, standsTo } from '@/core/search/candidates/explore';
import { pricesFor } from '@/core/search/candidates/plainness';
import { raceThrough, type Round } from '@/core/search/candidates/race';
import { DEFAULT_CAUTION } from '@/core/search/candidates/rank';
import { rate, type Rated, type Rater } from '@/core/search/candidates/rate';
import type { Unknown } from '@/core/search/candidates/solve';
import { schoolById } from '@/core/search/schools/schools';
import { BAG } from './bench';
import { aBed, aPlayer, aShot } from './fixtures';

/* What the first call costs over the best set-up of a grid that is far denser than what the search looks at. */

/** A question as coaches meet them, at random: any player, sand, lie, lip, slope and distance at which a ball is splashed or dug out. */
export function randomQuestion(seed: number): Omit<Question, 'seed'> {
  const { uniform, oneOf } = samplerOf(40_000 + seed);
  const player = aPlayer(oneOf(SKILLS), BAG);
  const preset = oneOf(['powder', 'soft', 'medium', 'medium', 'firm', 'wet'] as const);
  const pin = uniform() < 0.7 ? 7 + 18 * uniform() : 25 + 30 * uniform();
  const burial = oneOf([undefined, undefined, undefined, undefined, 9, 15, 24, 34]);
  const lip = oneOf([0.5, 1, 2, 3, 4.5]);
  const slope = oneOf([0, 0, 0, 0, 8, -8]);
  const away = Math.min(pin / 2, 2 + lip * 1.2 + 6 * uniform());
  const shot = { ...aShot(pin, lip, away), ...aBed(preset, burial), along: radians(slope) };
  return { player, shot };
}

/** How far a grid goes beyond the faces, degrees, and the marks, m, that a school tries. */
export interface Beyond {
  face: number;
  mark: number;
}

/** Not beyond what a school tries; and further than anybody teaches it. */
export const AS_TAUGHT: Beyond = { face: 0, mark: 0 };
export const WIDER: Beyond = { face: 8, mark: 0.01 };

/** Steps of the grid: faces, degrees, marks, m; and where the ball is meant to stop past the flag, m. */
const FACE_STEP = 4;
const MARK_STEP = 0.004;
const PAST = [0.4, 2.2];

/** A face further shut than this is a technique of its own, which has to be practised first, degrees. */
const MOST_SHUT = -42;

/** Swings of the first look, the rounds of the race, and swings that judge. */
const FIRST = 48;
const ROUNDS: readonly Round[] = [
  { swings: 256, near: 0.25, own: 0.15, most: 150 },
  { swings: 1024, near: 0.06, own: 0.04, most: 40 },
  { swings: 4096, near: 0.02, own: 0.02, most: 8 },
];
const JUDGING = 8192;

/** From `low` to `high`, both among them. */
function steps(low: number, high: number, step: number): number[] {
  const count = Math.max(1, Math.round((high - low) / step));
  return Array.from({ length: count + 1 }, (_, i) => low + ((high - low) * i) / count);
}

/** Every set-up of the grid for one club in one school; ball-first shots and putts have the face and mark that they have. */
function gridOf(
  { club, school, faces, entries }: Family,
  shot: Question['shot'],
  beyond: Beyond,
): Unknown[] {
  const set = ['pick', 'chip', 'putt'].includes(school.kind);
  const most = Math.min(openingLimitDeg(club), Math.max(...faces) + beyond.face);
  const least = Math.max(Math.min(...faces) - beyond.face, Math.min(...faces, MOST_SHUT));
  const wide = set ? faces : steps(least, most, FACE_STEP);
  const [near, far] = [Math.min(...entries), Math.max(...entries)];
  const marks = set ? entries : steps(near - beyond.mark, far + beyond.mark, MARK_STEP);
  return techniquesOf(school).flatMap((technique) =>
    (school.solves === 'face' ? wide.slice(0, 1) : wide).flatMap((face) =>
      (school.solves === 'entry' ? marks.slice(0, 1) : marks).flatMap((mark) =>
        PAST.map((past) => ({
          setup: setupOf(school, club, face, mark, shot, technique),
          school,
          past,
        })),
      ),
    ),
  );
}

/** What a first call costs over the best of the grid, strokes with their prices, and what that best is. */
export interface Regret {
  regret: number;
  call: string;
  better: string;
}

/**
 * The first call of a question against the best set-up of the grid: both are judged on swings that neither was chosen on, so that it can be
 * a little less than nothing. Null where nothing is struck at the flag.
 */
export function regretOf(question: Omit<Question, 'seed'>, beyond: Beyond): Regret | null {
  const { player } = question;
  const [call] = prescribe({ ...question, seed: 5 }, { tell: 1 }).calls;
  if (!call || call.attempt || call.toward !== 0) return null;
  const { shot } = call;
  const golfer = golferOf(player);
  const caution = question.caution ?? DEFAULT_CAUTION;
  const price = pricesFor(player, shot);
  const raterOn = (count: number, points: number): Rater => ({
    golfer,
    shot,
    swings: sampleSwings(golfer.habits, count, points),
    caution,
    price,
    flown: 0,
  });
  const choosing = raterOn(4096, 77);
  const { families } = familiesFor(player, shot);
  const unknowns = families.flatMap((family) => gridOf(family, shot, beyond));
  const results = solvedBy(choosing, unknowns);
  const going = unknowns.flatMap((unknown, i): Rated[] => {
    const solved = reached(results[i]!, unknown, choosing);
    if (solved.state !== 'solved' || !standsTo(solved, unknown.school, shot, golfer)) return [];
    return [rate(choosing, solved, unknown.school, FIRST)];
  });
  const best = raceThrough(going, choosing, ROUNDS).going[0];
  const school = schoolById(call.school.id);
  if (!best || !school) return null;
  const judge = raterOn(JUDGING, 987_654);
  const judged = (solved: Pick<Rated, 'setup' | 'aim' | 'finish'>, as: Rated['school']): number =>
    rate(judge, { state: 'solved', ...solved }, as, JUDGING).cost;
  const named = ({ setup }: Pick<Rated, 'setup'>, id: string): string =>
    `${setup.club.name}/${id}/${setup.technique} face ${degrees(setup.opening).toFixed(0)} mark ${(100 * setup.entry).toFixed(1)} cm`;
  return {
    regret: judged(call, school) - judged(best, best.school),
    call: named(call, school.id),
    better: named(best, best.school.id),
  };
}
