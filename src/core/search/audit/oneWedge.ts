import { typicalClub, type Club } from '@/core/ground/club/club';
import type { Player } from '@/core/ground/player/player';
import { golferOf } from '@/core/model/golfer/golferOf';
import { DEFAULT_CAUTION } from '../candidates/rank';
import { strokesLeftIn } from '@/core/model/shot/outcome';
import { sampleSwings } from '@/core/model/spread/swings';
import { degrees, radians } from '@/core/ground/units/angle';
import { bestWithClub, type ClubResult, type Samples } from './bestWithClub';
import type { MixedShot } from './mix';

/** One wedge of the bag made otherwise, and what that is worth over a mix of shots. */
export interface WedgeChange {
  /** The wedge that would go. */
  instead: string;
  /** Of the wedge that would come, degrees. */
  loftDeg: number;
  bounceDeg: number;
  /** Strokes saved a shot, judged on swings other than those it was chosen by, and its standard error. */
  saving: number;
  error: number;
}

/** How far the search is; the changes once it is done, most saved first. */
export interface WedgeSearch {
  done: number;
  total: number;
  changes: WedgeChange[] | null;
}

const LOFTS = [46, 49, 52, 55, 58, 61, 64] as const;
const BOUNCES = [4, 8, 12, 16] as const;
const CHOOSE = 64;
const JUDGE = 128;

/** What each club of a set does in each shot of a mix. */
type Results = (ClubResult | null)[];

/** The best of several clubs in one shot, by what they were chosen by. */
function bestOf(results: readonly (ClubResult | null)[]): ClubResult | null {
  let best: ClubResult | null = null;
  for (const result of results) if (result && (!best || result.score < best.score)) best = result;
  return best;
}

/** A wedge like another, of this loft and bounce, with what goes with the loft. */
function wedgeLike(club: Club, loftDeg: number, bounceDeg: number): Club {
  const { length, lie } = typicalClub('wedge', loftDeg);
  const { sole, camber, headMass } = club;
  return {
    name: `${loftDeg}/${bounceDeg}`,
    type: 'wedge',
    loft: radians(loftDeg),
    bounce: radians(bounceDeg),
    sole,
    camber,
    headMass,
    length,
    lie,
  };
}

/**
 * "If one wedge were different": for each wedge of the bag the loft and bounce that would save most strokes over a mix
 * of shots, everything else as it is. Chosen on one sample of the player's swings and judged on another; the error
 * is that of the judging sample, the mix taken as it is. Where nothing gets out the strokes are those of playing again.
 *
 * Yields after every club that has been tried.
 *
 * @throws RangeError when the bag holds no wedge
 */
export function* oneWedge(
  player: Player,
  mix: readonly MixedShot[],
  seed: number,
): Generator<WedgeSearch> {
  const wedges = player.bag.filter(({ type }) => type === 'wedge');
  if (wedges.length === 0) throw new RangeError('the bag holds no wedge to change');
  const golfer = golferOf(player);
  const samples: Samples = {
    choose: sampleSwings(golfer.habits, CHOOSE, seed),
    judge: sampleSwings(golfer.habits, JUDGE, seed + 1),
  };
  const candidates = LOFTS.flatMap((loft) => BOUNCES.map((bounce) => ({ loft, bounce })));
  const total = player.bag.length + candidates.length;
  let done = 0;
  const over = (club: Club, bag: Club[]): Results =>
    mix.map(({ shot }) =>
      bestWithClub(club, { ...player, bag }, golfer, shot, samples, DEFAULT_CAUTION),
    );

  const have = new Map<Club, Results>();
  for (const club of player.bag) {
    have.set(club, over(club, player.bag));
    yield { done: ++done, total, changes: null };
  }
  const tried: { loftDeg: number; bounceDeg: number; results: Results }[] = [];
  for (const { loft, bounce } of candidates) {
    const club = wedgeLike(wedges[0]!, loft, bounce);
    tried.push({ loftDeg: loft, bounceDeg: bounce, results: over(club, [...player.bag, club]) });
    yield { done: ++done, total, changes: null };
  }

  const stuck = mix.map(({ shot }): ClubResult => {
    const strokes = 1 + strokesLeftIn(shot, player.skill);
    return { score: strokes, strokes: new Float64Array(JUDGE).fill(strokes) };
  });
  const now = mix.map(
    (_, i) => bestOf([...have.values()].map((results) => results[i]!)) ?? stuck[i]!,
  );
  const changes = wedges.map((wedge): WedgeChange => {
    const kept = [...have].filter(([club]) => club !== wedge).map(([, results]) => results);
    const options = tried.map(({ results, ...made }) => {
      const then = mix.map(
        (_, i) => bestOf([...kept.map((each) => each[i]!), results[i]!]) ?? stuck[i]!,
      );
      const score = then.reduce((sum, { score: s }, i) => sum + mix[i]!.weight * s, 0);
      return { ...made, then, score };
    });
    const best = options.reduce((a, b) => (b.score < a.score ? b : a));
    return {
      instead: wedge.name,
      loftDeg: best.loftDeg,
      bounceDeg: best.bounceDeg,
      ...savingOf(now, best.then, mix),
    };
  });
  changes.sort((a, b) => b.saving - a.saving);
  yield { done, total, changes };
}

/** Weighted mean of what is saved on the judging swings, swing against the same swing, and its standard error. */
function savingOf(
  now: readonly ClubResult[],
  then: readonly ClubResult[],
  mix: readonly MixedShot[],
): { saving: number; error: number } {
  let saving = 0;
  let variance = 0;
  mix.forEach(({ weight }, i) => {
    const a = now[i]!.strokes;
    const b = then[i]!.strokes;
    let mean = 0;
    for (let j = 0; j < a.length; j++) mean += (a[j]! - b[j]!) / a.length;
    let spread = 0;
    for (let j = 0; j < a.length; j++) spread += (a[j]! - b[j]! - mean) ** 2 / (a.length - 1);
    saving += weight * mean;
    variance += (weight * weight * spread) / a.length;
  });
  return { saving, error: Math.sqrt(variance) };
}

/** True when a club is already as the change would make it, within the steps of the search. */
export const isAsItIs = (club: Club, change: WedgeChange): boolean =>
  Math.abs(degrees(club.loft) - change.loftDeg) <= 1.5 &&
  Math.abs(degrees(club.bounce) - change.bounceDeg) <= 2;
