import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import type { Question } from '../calls/question';
import { DEFAULT_CAUTION } from '../candidates/rank';
import type { Player } from '@/core/ground/player/player';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import type { SwingError } from '@/core/model/swing/swingError';
import { callKey } from '../calls/call';
import { leaderOf, type Leader } from '../calls/leaders';
import { familiesFor, type Family } from '../candidates/candidate';
import { coarse, withLandings } from '../candidates/explore';
import { pricesFor } from '../candidates/plainness';
import { POINTS } from '../candidates/points';
import { byCost, rateOn, type Rated, type Rater } from '../candidates/rate';

/** What a quick search needs besides the shot. */
export interface QuickQuestion {
  player: Player;
  golfer: Golfer;
  swings: readonly SwingError[];
  caution: number;
  only?: readonly string[] | undefined;
  schools?: readonly string[] | undefined;
}

/** Swings that all looks share. */
const SAMPLE = 64;

/** A question made ready for scans of many shots. */
export const quickQuestion = (question: Omit<Question, 'seed'>): QuickQuestion => {
  const golfer = golferOf(question.player);
  return {
    player: question.player,
    golfer,
    swings: sampleSwings(golfer.habits, SAMPLE, POINTS),
    caution: question.caution ?? DEFAULT_CAUTION,
    only: question.only?.length ? question.only : undefined,
    schools: question.schools,
  };
};

/** The middle face and mark only: enough to tell who leads. */
export const thinned = (family: Family): Family => ({
  ...family,
  faces: family.faces.length > 2 ? family.faces.slice(1) : family.faces.slice(0, 2),
  entries: family.entries.slice(0, 1),
});

/** Swings of the first pass, and of the second. */
const FIRST = 8;
const SECOND = 16;

/** How many of the best go on from the first pass and from the second; the best of every club and kind go on besides. */
const GO_ON = 12;
const LEAD = 8;
const KEYS = 6;

/** How many of those that lead are also meant to stop further past the flag, and how far, m: misses come up short. */
const LAND = 6;
const LONGER = [2.6] as const;

/** A family with its middle face only, and with the other faces that a look tries. */
function parted(family: Family): { first: Family; rest: Family | null } {
  const [face, ...others] = thinned(family).faces;
  const narrowed = { ...family, entries: family.entries.slice(-1) };
  return {
    first: { ...narrowed, faces: [face!] },
    rest:
      others.length > 0 && family.school.solves !== 'face' ? { ...narrowed, faces: others } : null,
  };
}

/**
 * The calls that lead in a shot, the best of each club and kind, best first: a search with fewer set-ups and swings,
 * for scans of many shots. Every family is tried with one face on few swings; the best of each club and kind go on to
 * their other faces and to all swings. Empty when nothing gets out.
 */
export function leaders(question: QuickQuestion, shot: Shot): Leader[] {
  const { player, golfer, swings, caution, schools, only } = question;
  const price = pricesFor(player, shot, schools);
  const rater: Rater = { golfer, shot, swings, caution, price, flown: 0 };
  const { families } = familiesFor(player, shot, only);
  const keyOf = ({ rated }: { rated: Rated }): string => callKey(leaderOf(rated, shot));
  const first = families
    .flatMap((family) => {
      const { first: one, rest } = parted(family);
      const [rated] = coarse(one, rater, FIRST).rated;
      return rated ? [{ rated, rest }] : [];
    })
    .sort((a, b) => byCost(a.rated, b.rated));
  const second = leadingAndBest(first, GO_ON, KEYS, keyOf)
    .map(({ rated, rest }) => ({
      rated: [
        rateOn(rater, rated, SECOND),
        ...(rest ? coarse(rest, rater, SECOND).rated : []),
      ].sort(byCost)[0]!,
    }))
    .sort((a, b) => byCost(a.rated, b.rated));
  const seen = new Map<string, Leader>();
  leadingAndBest(second, LEAD, KEYS, keyOf)
    .map(({ rated }, i) =>
      leaderOf(withLandings(rated, rater, i < LAND ? LONGER : [], SAMPLE), shot),
    )
    .sort(byCost)
    .forEach((leader) => {
      if (!seen.has(callKey(leader))) seen.set(callKey(leader), leader);
    });
  return [...seen.values()];
}

/** The first `count` of a sorted list, and the best of each of the first `keys` keys in it. */
function leadingAndBest<T>(
  sorted: readonly T[],
  count: number,
  keys: number,
  keyOf: (each: T) => string,
): T[] {
  const seen = new Set<string>();
  return sorted.filter((each, i) => {
    const fresh = !seen.has(keyOf(each)) && seen.size < keys;
    if (fresh) seen.add(keyOf(each));
    return fresh || i < count;
  });
}
