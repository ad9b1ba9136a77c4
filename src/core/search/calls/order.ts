import { radians } from '@/core/ground/units/angle';
import type { Call } from './call';
import { TIE_STROKES, standardErrorOfDifference } from '../candidates/rank';

/** Two calls that cannot be told apart: their difference in strokes, and its standard error. */
export interface Tie {
  difference: number;
  standardError: number;
}

/** The tie between the first two calls by score, or null. */
export function tieOf(calls: readonly Call[]): Tie | null {
  const [first, second] = calls;
  if (!first || !second) return null;
  const difference = Math.abs(second.odds.strokes - first.odds.strokes);
  const standardError = standardErrorOfDifference(first.odds.each, second.odds.each);
  const gap = second.score - first.score;
  return gap < Math.max(TIE_STROKES, 2 * standardError) ? { difference, standardError } : null;
}

/** How odd a kind is where another does as well: a splash is what a bunker is for. */
const KIND_FUSS: Record<Call['kind'], number> = {
  splash: 0,
  'long-splash': 0,
  dig: 0,
  putt: 0.3,
  chip: 0.6,
  pick: 0.8,
  'out-sideways': 1,
  relief: 2,
};

/** A comfortable swing, as a share of full head speed: more of it counts as fuss. */
const COMFORTABLE = 0.78;

/** Plainness of a call for ties: squarer face, plainer school and kind, no more than a half swing. Lower is plainer. */
export function fussOf(call: Call): number {
  return (
    call.school.fuss +
    KIND_FUSS[call.kind] +
    Math.abs(call.setup.opening) / radians(40) +
    4 * Math.max(0, call.setup.fraction - COMFORTABLE)
  );
}

/** A preferred school goes first while it costs no more than this over the best, strokes. */
export const PREFERENCE_STROKES = 0.08;

/** How many of the first calls have clubs of their own unless the schools differ. */
const DISTINCT = 5;

/**
 * Calls as they are told: preferred schools first while they cost little more than the best; among those tied with
 * the best the plainest first; then, within the first five, each club once before any club again in another school;
 * the rest by score.
 *
 * @param preferred ids of schools
 */
export function order(byScore: readonly Call[], preferred: readonly string[] = []): Call[] {
  const least = byScore[0]?.score ?? 0;
  const liked = (call: Call): boolean =>
    preferred.includes(call.school.id) && call.score - least < PREFERENCE_STROKES;
  const calls = [...byScore.filter(liked), ...byScore.filter((call) => !liked(call))];
  const best = calls[0];
  if (!best) return [];
  const tied = calls.filter(
    (call) => call.score - best.score < TIE_STROKES && liked(call) === liked(best),
  );
  const rest = calls.filter((call) => !tied.includes(call));
  const sorted = [...tied.sort((a, b) => fussOf(a) - fussOf(b)), ...rest];
  const clubs = new Set<string>();
  const first: Call[] = [];
  const later: Call[] = [];
  for (const call of sorted) {
    const key = `${call.setup.club.name}/${call.kind === 'out-sideways' ? call.toward : ''}`;
    if (first.length < DISTINCT && !clubs.has(key)) {
      clubs.add(key);
      first.push(call);
    } else later.push(call);
  }
  return [...first, ...later];
}
