import { samplerOf } from '@/core/ground/numeric/sampling';
import { nextWithin } from '@/core/ground/numeric/order';
import type { Shot } from '@/core/ground/situation/shot';
import type { Hit } from '@/core/model/shot/hit';
import type { Golfer } from '@/core/model/golfer/golfer';
import { golferOf } from '@/core/model/golfer/golferOf';
import { oddsOf } from '@/core/model/odds/odds';
import { sampleSwings } from '@/core/model/spread/swings';
import { bestWithClub } from '@/core/search/audit/bestWithClub';
import { callingHit } from '@/core/search/calls/leaders';
import type { Question } from '@/core/search/calls/question';
import type { Estimate } from '../learning/estimate';
import { differing } from '../peers/meant';
import { drawPeer } from '../peers/peer';
import { GAINS, practised, type GainName, type Worked } from './gains';

/** Who practises, and what is assumed. */
export interface Practising {
  question: Omit<Question, 'seed' | 'shot'>;
  /** What an hour brings, as a share of a spread. */
  hour: number;
  /** The club that the player takes from sand where nobody says otherwise; null where that is not known. */
  habit: string | null;
}

/** What practice saves in one shot, strokes. */
export interface ShotWorth {
  pin: number;
  /** For each player that this one may be. */
  saved: Record<GainName, number[]>;
  /** What the called club saves over the one that is usually taken. */
  club: number;
}

/**
 * Players that this one may be, and swings of each. The swings are each player's own: what so few swings leave to chance is then in the spread
 * of the players, and so in what is said in brackets.
 */
const PLAYERS = 24;
const SWINGS = 256;
const SEED = 11;

/** How far this player may be from what is believed, of how far players of one skill lie apart: less where balls were learnt from. Tuned. */
const APART = { guessed: 1, learnt: 0.4 } as const;

/** Swings by which a club's set-up is chosen, and by which it is judged. */
const CHOOSE_SEED = 12;
const CHOOSE = 64;

/** The players that this one may be, the same for every shot. */
function mayBe({ question: { player } }: Practising): Golfer[] {
  const golfer = golferOf(player);
  const sampler = samplerOf(SEED);
  const clubs = player.bag.map(({ name }) => name);
  const apart = player.learnt ? APART.learnt : APART.guessed;
  return Array.from({ length: PLAYERS }, () =>
    differing(golfer, drawPeer(golfer.habits, clubs, sampler, apart)),
  );
}

const mean = (values: ArrayLike<number>): number =>
  Array.from(values).reduce((sum, value) => sum + value, 0) / values.length;

/**
 * What an hour of practice saves in a shot, as it is called, and what the called club saves over the one that is usually taken. The same
 * swings are compared with and without. Null where nothing is called at the flag. Pauses as the search does.
 */
export function* worthInShot(
  practising: Practising,
  shot: Shot,
): Generator<void, ShotWorth | null> {
  const { question, hour } = practising;
  const hit = yield* callingHit({ ...question, shot });
  if (!hit) return null;
  const { setup, aim } = hit;
  const strokes = (golfer: Golfer, seed: number): number =>
    oddsOf(setup, golfer, shot, aim, sampleSwings(golfer.habits, SWINGS, seed)).strokes;
  const saved: ShotWorth['saved'] = {
    'entry-spread': [],
    'entry-bias': [],
    distance: [],
    face: [],
  };
  for (const [i, golfer] of mayBe(practising).entries()) {
    yield;
    const seed = SEED + 1 + i;
    const now = strokes(golfer, seed);
    for (const gain of GAINS) {
      const better = { ...golfer, habits: practised(golfer.habits, gain, hour) };
      saved[gain].push(now - strokes(better, seed));
    }
  }
  return { pin: shot.pin, saved, club: lostTo(practising, hit) };
}

/** What the club that is usually taken loses against a call, on swings other than it was chosen by; none where it is the one called. */
function lostTo({ question, habit }: Practising, { setup, aim, shot }: Hit): number {
  const club = question.player.bag.find(({ name }) => name === habit);
  if (!club || club.name === setup.club.name) return 0;
  const golfer = golferOf(question.player);
  const judge = sampleSwings(golfer.habits, SWINGS, SEED);
  const choose = sampleSwings(golfer.habits, CHOOSE, CHOOSE_SEED);
  const other = bestWithClub(club, question, golfer, shot, { choose, judge });
  const called = oddsOf(setup, golfer, shot, aim, judge).strokes;
  return other ? Math.max(0, mean(other.strokes) - called) : 0;
}

/** What is worth practising: strokes saved a bunker shot, and how sure that is. */
export interface Worth {
  what: Worked;
  saved: Estimate;
}

/** What each gain saves over some shots, most first. Empty without shots. */
export function worthOf(shots: readonly ShotWorth[]): Worth[] {
  if (shots.length === 0) return [];
  const gained = GAINS.map((what): Worth => {
    const players = shots[0]!.saved[what].map((_, i) =>
      mean(shots.map(({ saved }) => saved[what][i]!)),
    );
    const [low, high] = [0.05, 0.95].map((share) => nextWithin(players, share));
    return { what, saved: { mean: mean(players), low: low!, high: high! } };
  });
  return [...gained, { what: 'club' as const, saved: clubWorth(shots) }].sort(
    (a, b) => b.saved.mean - a.saved.mean,
  );
}

/** What the called clubs save: one player is judged, what is not known is which shots are met. */
function clubWorth(shots: readonly ShotWorth[]): Estimate {
  const losses = shots.map(({ club }) => club);
  const lost = mean(losses);
  const spread = Math.sqrt(mean(losses.map((each) => (each - lost) ** 2)));
  const error = (1.645 * spread) / Math.sqrt(losses.length);
  return { mean: lost, low: Math.max(0, lost - error), high: lost + error };
}

/** Fewest shots on either side of a distance that something is said of. */
const FEWEST = 3;

/**
 * From which distance on, or up to which, the club that is usually taken costs most: where its loss a shot on one side is most above
 * that on the other. Null where it costs nothing worth saying.
 *
 * @param least loss a shot that is worth saying, strokes
 */
export function costlyFrom(
  shots: readonly ShotWorth[],
  least = 0.03,
): { side: 'past' | 'inside'; pin: number; lost: number } | null {
  const ordered = [...shots].sort((a, b) => a.pin - b.pin);
  const lost = ordered.map(({ club }) => club);
  let best: ReturnType<typeof costlyFrom> = null;
  let widest = 0;
  for (let i = FEWEST; i <= ordered.length - FEWEST; i++) {
    const [near, far] = [mean(lost.slice(0, i)), mean(lost.slice(i))];
    if (Math.abs(far - near) <= widest || Math.max(near, far) < least) continue;
    widest = Math.abs(far - near);
    const pin = (ordered[i - 1]!.pin + ordered[i]!.pin) / 2;
    best = far > near ? { side: 'past', pin, lost: far } : { side: 'inside', pin, lost: near };
  }
  return best;
}
