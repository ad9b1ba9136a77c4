import type { Player } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import { isUsual } from '../candidates/plainness';
import type { Choice } from './call';
import { asGood } from '../candidates/rank';

/** How many of the first calls have clubs of their own unless the schools differ. */
const DISTINCT = 5;

/** Calls whose choice rests on as many swings as any: the others were left behind before, on fewer. */
function inFull<T extends Choice>(calls: readonly T[]): T[] {
  const most = Math.max(...calls.map(({ chosenOn }) => chosenOn));
  return calls.filter(({ chosenOn }) => chosenOn === most);
}

/**
 * Calls as they are told: by what they cost with the price of what is not plain, those rated in full first, a way out where its
 * cost puts it; then, within the first five, each club once before any club again in another school.
 */
export function order<T extends Choice>(calls: readonly T[]): T[] {
  const clubs = new Set<string>();
  const first: T[] = [];
  const later: T[] = [];
  const atFlag = calls.filter(({ kind }) => kind !== 'out-sideways');
  const full = new Set(inFull(atFlag));
  const rank = (call: T): number => (full.has(call) ? 0 : 1);
  const sorted = [...atFlag].sort((a, b) => rank(a) - rank(b) || a.cost - b.cost);
  for (const way of calls.filter((call) => !atFlag.includes(call))) {
    const dearer = sorted.findIndex(({ cost }) => cost > way.cost);
    sorted.splice(dearer < 0 ? sorted.length : dearer, 0, way);
  }
  for (const call of sorted) {
    const key = `${call.setup.club.name}/${call.kind === 'out-sideways' ? call.toward : ''}`;
    if (first.length < DISTINCT && !clubs.has(key)) {
      clubs.add(key);
      first.push(call);
    } else later.push(call);
  }
  return [...first, ...later];
}

/** Clubs that do as well as the one that is called, as far as anybody could tell on the course, or better. */
export interface Tie {
  /** Their names, at least two, the one that is called first. */
  clubs: string[];
  /** The best of the other clubs, and how many strokes it saves over the call. */
  best: { club: string; saves: number };
  /** Why the first goes first: its school is preferred, the player trusts it, it is the usual club for the shot, or it is played most plainly. */
  because: 'preferred' | 'trusted' | 'usual' | 'plain';
}

/**
 * The clubs that cost no more than a tie over the least strokes where they were chosen, prices apart, where there are others than
 * the one that is called; null where it stands alone, or is not struck at the flag.
 *
 * @param calls in the order in which they are told
 * @param strokesOf what a call costs as it is told
 * @param preferred ids of schools that the house or the player prefers
 */
export function tieOf<T extends Choice>(
  calls: readonly T[],
  player: Player,
  shot: Shot,
  strokesOf: (call: T) => number,
  preferred: readonly string[] = [],
): Tie | null {
  const [first] = calls;
  if (!first || first.kind === 'out-sideways') return null;
  const full = inFull(calls.filter(({ kind }) => kind !== 'out-sideways'));
  const others = asGood(
    [first, ...full].map((call) => ({
      call,
      club: call.setup.club.name,
      score: call.chosenScore,
    })),
  );
  const [best] = others;
  if (!best) return null;
  const { name } = first.setup.club;
  return {
    clubs: [...new Set([name, ...others.map(({ club }) => club)])],
    best: { club: best.club, saves: strokesOf(first) - strokesOf(best.call) },
    because: preferred.includes(first.school.id) ? 'preferred' : reasonFor(first, player, shot),
  };
}

/** Why a club goes first that is no better than others. */
function reasonFor({ setup: { club }, kind }: Choice, player: Player, shot: Shot): Tie['because'] {
  if (club.name === player.trusted) return 'trusted';
  return isUsual(club, kind, player.bag, shot) ? 'usual' : 'plain';
}
