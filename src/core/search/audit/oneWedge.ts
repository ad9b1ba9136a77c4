import { typicalClub, type Club } from '@/core/ground/club/club';
import type { Player } from '@/core/ground/player/player';
import { golferOf } from '@/core/model/golfer/golferOf';
import { strokesLeftIn } from '@/core/model/shot/stakes';
import { sampleSwings } from '@/core/model/spread/swings';
import { degrees, radians } from '@/core/ground/units/angle';
import { bestWithClub, type ClubResult, type Playing, type Samples } from './bestWithClub';
import { JUDGE, judgingSwings, judgedSaving } from './judging';
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

const LOFTS = [46, 49, 52, 55, 58, 61, 64] as const;
const BOUNCES = [4, 8, 12, 16] as const;
const CHOOSE = 64;

/** What a club does in each shot of a mix; null where it cannot be played at the flag. */
export type ClubResults = (ClubResult | null)[];

const CANDIDATES = LOFTS.flatMap((loft) => BOUNCES.map((bounce) => ({ loft, bounce })));

/** How many clubs are tried for a bag: those in it, then the wedges that might come. */
export const clubsToTry = (bag: readonly Club[]): number => bag.length + CANDIDATES.length;

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

function wedgesOf(bag: readonly Club[]): Club[] {
  const wedges = bag.filter(({ type }) => type === 'wedge');
  if (wedges.length === 0) throw new RangeError('the bag holds no wedge to change');
  return wedges;
}

/**
 * What one of the clubs to try does over a mix of shots, everything else as it is.
 *
 * @param index which of {@link clubsToTry}
 * @throws RangeError when the bag holds no wedge, or there is no such club
 */
export function tryClub(
  playing: Playing,
  mix: readonly MixedShot[],
  seed: number,
  index: number,
): ClubResults {
  const { player } = playing;
  const [model] = wedgesOf(player.bag);
  const made = CANDIDATES[index - player.bag.length];
  const own = player.bag[index];
  if (!own && !made) throw new RangeError(`tryClub: there is no club ${index} to try`);
  const club = own ?? wedgeLike(model!, made!.loft, made!.bounce);
  const bag = own ? player.bag : [...player.bag, club];
  const golfer = golferOf(player);
  const samples: Samples = {
    choose: sampleSwings(golfer.habits, CHOOSE, seed),
    judge: judgingSwings(golfer.habits, seed + 1),
  };
  return mix.map(({ shot }) =>
    bestWithClub(club, { ...playing, player: { ...player, bag } }, golfer, shot, samples),
  );
}

/**
 * "A better wedge?": for each wedge of the bag the loft and bounce that would save most strokes over a mix
 * of shots, most saved first. Chosen on one sample of the player's swings and judged on another; the error is that of the
 * judging sample, the mix taken as it is. Where nothing gets out the strokes are those of playing again.
 *
 * @param results what {@link tryClub} gives for each of {@link clubsToTry}, in their order
 * @throws RangeError when the bag holds no wedge
 */
export function wedgeChanges(
  player: Player,
  mix: readonly MixedShot[],
  results: readonly ClubResults[],
): WedgeChange[] {
  const have = results.slice(0, player.bag.length);
  const tried = CANDIDATES.map(({ loft, bounce }, k) => ({
    loftDeg: loft,
    bounceDeg: bounce,
    results: results[player.bag.length + k]!,
  }));
  const stuck = mix.map(({ shot }): ClubResult => {
    const strokes = 1 + strokesLeftIn(shot, player.skill);
    return { score: strokes, strokes: new Float64Array(JUDGE).fill(strokes) };
  });
  const bestOver = (sets: readonly ClubResults[]): ClubResult[] =>
    mix.map((_, i) => bestOf(sets.map((each) => each[i]!)) ?? stuck[i]!);
  const now = bestOver(have);
  const changes = wedgesOf(player.bag).map((wedge): WedgeChange => {
    const kept = have.filter((_, i) => player.bag[i] !== wedge);
    const options = tried.map(({ results: own, ...made }) => {
      const then = bestOver([...kept, own]);
      const score = then.reduce((sum, { score: s }, i) => sum + mix[i]!.weight * s, 0);
      return { ...made, then, score };
    });
    const best = options.reduce((a, b) => (b.score < a.score ? b : a));
    return {
      instead: wedge.name,
      loftDeg: best.loftDeg,
      bounceDeg: best.bounceDeg,
      ...judgedSaving(now, best.then, mix),
    };
  });
  return changes.sort((a, b) => b.saving - a.saving);
}

/** True when a club is already as the change would make it, within the steps of the search. */
export const isAsItIs = (club: Club, change: WedgeChange): boolean =>
  Math.abs(degrees(club.loft) - change.loftDeg) <= 1.5 &&
  Math.abs(degrees(club.bounce) - change.bounceDeg) <= 2;
