import type { Skill } from '@/core/ground/player/player';
import { degrees, radians } from '@/core/ground/units/angle';
import { golferOf } from '@/core/model/golfer/golferOf';
import { oddsOf } from '@/core/model/odds/odds';
import { sampleSwings } from '@/core/model/spread/swings';
import { prescribe } from '@/core/search/calls/prescribe';
import type { Call } from '@/core/search/calls/call';
import type { Question } from '@/core/search/calls/question';
import { DEFAULT_CAUTION, scoreOf } from '@/core/search/candidates/rank';
import { BAG } from './bench';
import { aPlayer, aShot, CLUB_52, CLUB_56, CLUB_60 } from './fixtures';

/* How far the first call hangs on the swings that were sampled. Shared by the tests and by the bench. */

const THREE = [CLUB_60, CLUB_56, CLUB_52];
const SKILLS: readonly Skill[] = ['beginner', 'middle', 'good', 'expert'];

/** Thirty situations as a coach meets them: four kinds of player, two bags, every kind of sand and lie. */
export const SITUATIONS: readonly Omit<Question, 'seed'>[] = [
  aShot(12, 2),
  aShot(12, 3),
  aShot(8, 3, 6),
  aShot(15, 6.5, 9.8),
  aShot(18, 1),
  aShot(20, 4),
  aShot(24, 2),
  aShot(15, 1, 8, 'firm'),
  aShot(18, 3, 8, 'soft'),
  aShot(14, 2, 8, 'wet'),
  aShot(16, 3, 8, 'powder'),
  { ...aShot(15, 2), burial: 0.014 },
  { ...aShot(15, 2), burial: 0.022 },
  { ...aShot(16, 3), along: radians(8) },
  { ...aShot(16, 2), along: radians(-8) },
  { ...aShot(16, 2), across: radians(8) },
  aShot(30, 2),
  aShot(34, 3, 10),
  aShot(40, 2, 10),
  aShot(50, 2, 12),
  aShot(75, 3, 15),
  aShot(120, 3, 20),
  { ...aShot(15, 2), burial: 0.03 },
  { ...aShot(18, 3), beyond: 'water' as const },
  aShot(10, 5, 5),
  aShot(22, 3, 8, 'soft'),
  aShot(26, 1, 8, 'firm'),
  aShot(14, 0.3, 6, 'firm'),
  aShot(18, 1, 8, 'hardpan'),
  aShot(28, 5, 12),
].map((shot, i) => ({
  player: aPlayer(SKILLS[i % 4], i % 3 === 2 ? BAG : THREE),
  shot,
}));

/** What one situation gave over several seeds. */
export interface Steadiness {
  /** Share of the seeds whose first call has the commonest club and school. */
  same: number;
  /** Widest difference from the middle one among those, degrees of face and share of a full swing. */
  face: number;
  swing: number;
  /** Standard deviation of the first call's strokes. */
  scatter: number;
  /** How much better the first call says it is than it is, strokes, on the mean. */
  optimism: number;
  /** What the first call of a seed costs over the best first call of any seed, strokes of the order, on the mean. */
  loss: number;
  commonest: string;
}

const JUDGING = 8192;
const named = ({ setup, school }: Call): string => `${setup.club.name}/${school.id}`;
const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * Asks one situation several times, each time with another seed or with other points to choose on too, and judges each first
 * call on swings that no search has seen.
 */
export function steadinessOf(
  situation: Omit<Question, 'seed'>,
  asked: readonly { seed: number; points?: number }[],
): Steadiness {
  const golfer = golferOf(situation.player);
  const judging = sampleSwings(golfer.habits, JUDGING, 987_654);
  const judged = new Map<string, { strokes: number; score: number }>();
  const judge = (call: Call) => {
    const { setup, shot, aim } = call;
    const key = JSON.stringify([named(call), setup.opening, setup.entry, setup.fraction]);
    let known = judged.get(key);
    if (!known) {
      const odds = oddsOf(setup, golfer, shot, aim, judging);
      known = { strokes: odds.strokes, score: scoreOf(odds, DEFAULT_CAUTION) };
      judged.set(key, known);
    }
    return known;
  };
  const first = asked.map(
    ({ seed, points }) =>
      prescribe({ ...situation, seed }, { ...(points === undefined ? {} : { points }), tell: 1 })
        .calls[0]!,
  );
  const counts = new Map<string, Call[]>();
  for (const call of first) counts.set(named(call), [...(counts.get(named(call)) ?? []), call]);
  const [[commonest, calls]] = [...counts].sort((a, b) => b[1].length - a[1].length) as [
    [string, Call[]],
  ];
  const widest = (of: (call: Call) => number): number => {
    const values = calls.map(of).sort((a, b) => a - b);
    const middle = values[values.length >> 1]!;
    return Math.max(values.at(-1)! - middle, middle - values[0]!);
  };
  const strokes = first.map(({ odds }) => odds.strokes);
  const scores = first.map((call) => judge(call).score);
  return {
    same: calls.length / asked.length,
    face: widest(({ setup }) => degrees(setup.opening)),
    swing: widest(({ setup }) => setup.fraction),
    scatter: Math.sqrt(mean(strokes.map((each) => (each - mean(strokes)) ** 2))),
    optimism: mean(first.map((call) => judge(call).strokes - call.odds.strokes)),
    loss: mean(scores) - Math.min(...scores),
    commonest,
  };
}
