import { meanOf } from '@/core/ground/numeric/mean';
import { samplerOf } from '@/core/ground/numeric/sampling';
import type { LearntFactors } from '@/core/ground/player/learnt';
import type { Skill } from '@/core/ground/player/player';
import { CAUSES, NO_FAULT, NOTHING, type Cause } from '@/core/lesson/faults/causes';
import { TWO, type Finding } from '@/core/lesson/faults/find';
import type { Estimate } from '@/core/lesson/learning/estimate';
import { learn } from '@/core/lesson/learning/learn';
import { savingOf } from '@/core/lesson/learning/saving';
import { golferOf } from '@/core/model/golfer/golferOf';
import { oddsOf } from '@/core/model/odds/odds';
import type { Hit } from '@/core/model/shot/hit';
import { sampleSwings } from '@/core/model/spread/swings';
import { prescribe } from '@/core/search/calls/prescribe';
import { BAG } from '@/core/testing/bench';
import { aPlayer, aShot } from '@/core/testing/fixtures';
import { everyCause, placeOf, trialOf, type Trial } from '@/core/testing/otherFaults';
import {
  AS_THE_SKILL,
  AS_USUAL,
  golferWith,
  knownPlayer,
  learntOf,
  loggedBy,
  skilled,
  twoHits,
  type Known,
} from '@/core/testing/otherPlayers';
import { isSmall, line } from './benchLine';

/* Part of npm run bench: what is learnt of players and found behind their misses, tried on players and records made otherwise than the
   product makes its own. */

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** Players that each row of the coverage is of. */
const PLAYERS = isSmall ? 2 : 60;
const COUNTS = isSmall ? [6] : [6, 12, 30, 100];

/** How often the interval of nine in ten holds the truth. */
function coverage(skill: Skill, count: number): void {
  const golfer = skilled(skill);
  const hits = twoHits(golfer);
  const held = Array.from({ length: PLAYERS }, (_, k): boolean[] => {
    const known = knownPlayer(1000 + 7 * k + count);
    const balls = loggedBy(golferWith(golfer, known), hits, count, 500 + k, AS_USUAL);
    const { mark, distance, direction } = learn(balls, golfer, k);
    const holds = ({ low, high }: Estimate, truth: number): boolean =>
      low <= truth && truth <= high;
    return [
      holds(mark.after.bias, known.mark),
      holds(mark.after.spread, known.markScale * mark.before.spread),
      holds(distance.after.bias, known.distance),
      holds(distance.after.spread, known.distanceScale * distance.before.spread),
      holds(direction.after.bias, known.aim),
      holds(direction.after.spread, known.aimScale * direction.before.spread),
    ];
  });
  const each = held[0]!.map((_, i) => percent(meanOf(held.map((row) => Number(row[i])))));
  line(
    `learning, ${skill}, ${count} balls: intervals that hold`,
    percent(meanOf(held.flat().map(Number))),
    `mark ${each[0]}, its spread ${each[1]}, distance ${each[2]}, its spread ${each[3]}, side ${each[4]}, its spread ${each[5]}; aim 85 to 95`,
  );
}

/** What taking over what balls taught saves, where it is advised, by how many they were, beside what knowing the player would. */
function savings(skill: Skill, counts: readonly number[]): void {
  const player = { ...aPlayer(skill), bag: BAG };
  const golfer = skilled(skill);
  const shot = aShot(15, 1.5);
  const callsWith = (learnt?: LearntFactors): Hit[] =>
    prescribe(
      { player: learnt ? { ...player, learnt } : player, shot, seed: 7 },
      { tell: 2 },
    ).calls.map(({ setup, aim }) => ({ setup, aim, shot }));
  const hits = callsWith().slice(0, 2);
  const now = hits[0]!;
  const savedBy = (then: Hit, known: Known): number => {
    const own = golferWith(golfer, known);
    const swings = sampleSwings(own.habits, 4096, 99);
    const strokes = ({ setup, aim }: Hit): number => oddsOf(setup, own, shot, aim, swings).strokes;
    return strokes(now) - strokes(then);
  };
  const saved = (known: Known, k: number, count: number): number => {
    const balls = loggedBy(golferWith(golfer, known), hits, count, 900 + k, AS_USUAL);
    const { factors, draws } = learn(balls, golfer, k);
    const [then] = callsWith({ version: 1, ...factors });
    if (!savingOf([{ now, then: then! }], golferOf(player), draws).worth) return 0;
    return savedBy(then!, known);
  };
  const players = Array.from({ length: isSmall ? 1 : 30 }, (_, k) => k);
  const mean = (of: (k: number) => number): string => meanOf(players.map(of)).toFixed(3);
  const known = (k: number): Known => knownPlayer(4000 + k);
  const most = mean((k) => savedBy(callsWith(learntOf(known(k)))[0]!, known(k)));
  for (const count of counts) {
    const worse = meanOf(players.map((k) => Number(saved(AS_THE_SKILL, k, count) < -0.005)));
    line(
      `learning, ${skill}, ${count} balls: saved where it is advised, strokes`,
      mean((k) => saved(known(k), k, count)),
      `${most} with the player known; players as the skill says made worse by over 0.005: ${percent(worse)}, aim under 15`,
    );
  }
}

const placeAmongFaults = (cause: Cause, { suspects }: Finding): number =>
  suspects
    .filter((suspect) => !NO_FAULT.has(suspect.cause.id))
    .findIndex((suspect) => suspect.cause === cause);

/** Lessons of one kind of player: with one fault, with none, with two at once. */
interface Lessons {
  single: Trial[];
  sound: Trial[];
  double: Trial[];
}

/** Numbers of looks after which the finder is asked. */
const LOOKS = isSmall ? [1] : [3, 6, 12];

/** Lessons of each kind that are given, when little is run. */
const FEW = isSmall ? 2 : Infinity;

function lessonsOf(skill: Skill, balls: number, times: number): Lessons {
  const golfer = skilled(skill);
  const lesson = { golfer, hits: twoHits(golfer), balls, looks: Math.max(...LOOKS) };
  const { oneOf } = samplerOf(balls);
  return {
    single: everyCause(times)
      .slice(0, FEW)
      .map((cause, i) => trialOf([cause], 1000 + 31 * i, lesson)),
    sound: Array.from({ length: Math.min(FEW, 10 * times) }, (_, i) =>
      trialOf([], 90_000 + 17 * i, lesson),
    ),
    double: Array.from({ length: Math.min(FEW, 20 * times) }, (_, i) => {
      const one = oneOf(CAUSES);
      let other = oneOf(CAUSES);
      while (other === one) other = oneOf(CAUSES);
      return trialOf([one, other], 50_000 + 13 * i, lesson);
    }),
  };
}

/** A lesson as it stood after so many looks. */
const after = (looks: number, trial: Trial): Trial => ({
  ...trial,
  finding: trial.byLooks[Math.min(looks, trial.byLooks.length - 1)]!,
});

/** A chance that was said, whether it was so, and how many such players come. */
interface Said {
  chance: number;
  is: number;
  weight: number;
}

/** Every chance that was said, the lessons as common as the finder takes faults to be. */
function saidBy({ single, sound, double }: Lessons): Said[] {
  const faults = CAUSES.reduce((sum, { common }) => sum + common, 0);
  const commonOf = ({ causes }: Trial): number => {
    if (causes.length === 0) return NOTHING.common / sound.length;
    if (causes.length === 2) return (TWO * faults) / double.length;
    return (causes[0]!.common * CAUSES.length) / single.length;
  };
  return [...single, ...sound, ...double].flatMap((trial) =>
    trial.finding.suspects.map(({ cause, chance }) => ({
      chance,
      is: Number(trial.causes.length > 0 ? trial.causes.includes(cause) : cause === NOTHING),
      weight: commonOf(trial),
    })),
  );
}

/** What the finder makes of faults, of sound players and of two faults at once. */
function finder(name: string, { single, sound, double }: Lessons): void {
  const places = single.map(({ causes, finding }) => placeAmongFaults(causes[0]!, finding));
  const clear = single.filter(({ finding }) => finding.clear);
  const right = clear.filter(({ causes, finding }) => placeOf(causes[0]!, finding) === 0);
  const alarms = sound.filter(
    ({ finding }) => finding.clear && !NO_FAULT.has(finding.suspects[0]!.cause.id),
  );
  const both = double.filter(({ causes, finding }) =>
    causes.every((cause) => placeAmongFaults(cause, finding) < 3),
  );
  line(
    `faults, ${name}: among the first three`,
    percent(places.filter((place) => place < 3).length / places.length),
    `first ${percent(places.filter((place) => place === 0).length / places.length)}; clear ${percent(clear.length / single.length)}, right then ${percent(right.length / Math.max(1, clear.length))}`,
  );
  line(
    '  sound players who are given a clear fault',
    percent(alarms.length / sound.length),
    'aim under 15 %',
  );
  line('  both of two faults among the first three', percent(both.length / double.length));
  const said = saidBy({ single, sound, double });
  for (const from of [0.1, 0.3, 0.5, 0.7, 0.9]) {
    const band = said.filter(({ chance }) => chance >= from && chance < from + 0.2);
    const weight = meanOf(band.map((each) => each.weight));
    const share = (of: (each: Said) => number): string =>
      percent(meanOf(band.map((each) => each.weight * of(each))) / weight);
    line(
      `  said with ${share(({ chance }) => chance)}: right`,
      share(({ is }) => is),
      `of ${band.length}`,
    );
  }
  const named = CAUSES.map((cause, i) => {
    const own = places.filter((_, k) => k % CAUSES.length === i);
    return `${cause.id} ${own.filter((place) => place < 3).length} of ${own.length}`;
  });
  console.log(`  among the first three: ${named.join(', ')}`);
}

/** The finder after few looks and after many, at the same lessons. */
function finders(skill: Skill, balls: number, times: number): void {
  const { single, sound, double } = lessonsOf(skill, balls, times);
  for (const looks of LOOKS) {
    const seen = (trials: Trial[]) => trials.map((trial) => after(looks, trial));
    finder(`${skill}, ${balls} balls, ${looks} looks`, {
      single: seen(single),
      sound: seen(sound),
      double: seen(double),
    });
  }
}

const SKILLS = isSmall ? (['middle'] as const) : (['middle', 'expert', 'beginner'] as const);
for (const skill of SKILLS) {
  for (const count of COUNTS) coverage(skill, count);
  savings(skill, isSmall ? [20] : [20, 60]);
}
finders('middle', 15, 6);
if (!isSmall) {
  finders('expert', 20, 4);
  finders('beginner', 12, 4);
}
