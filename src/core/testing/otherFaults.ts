import { samplerOf } from '@/core/ground/numeric/sampling';
import { radians } from '@/core/ground/units/angle';
import { changedBy } from '@/core/lesson/faults/caused';
import { CAUSES, type Cause, type Effect } from '@/core/lesson/faults/causes';
import { findFault, type Finding } from '@/core/lesson/faults/find';
import { looksFor } from '@/core/lesson/faults/looks';
import type { Ticks } from '@/core/lesson/faults/ticks';
import type { LoggedBall } from '@/core/lesson/peers/recorded';
import type { Change } from '@/core/lesson/peers/meant';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Hit } from '@/core/model/shot/hit';
import { golferWith, knownPlayer, loggedBy, AS_USUAL, type Blemishes } from './otherPlayers';

/* Faults to judge the finder by, made otherwise than it makes its own: every part of an effect has a strength of its own, and other things
   are a little off besides; coaches differ in how often they see a sign, and see one that is not there. */

/** A fault of one player: its effect as it is in this one. */
function effectIn({ effect }: Cause, seed: number): Effect {
  const { uniform, normal } = samplerOf(seed);
  const strength = 0.6 + 0.9 * uniform();
  const part = (): number => strength * (0.7 + 0.6 * uniform());
  const { shift, wider = {} } = effect;
  return {
    shift: {
      mark: (shift.mark ?? 0) * part() + normal(0, 0.004),
      height: (shift.height ?? 0) * part() + normal(0, 0.0008),
      attack: (shift.attack ?? 0) * part() + radians(normal(0, 0.8)),
      speed: (1 + ((shift.speed ?? 1) - 1) * part()) * (1 + normal(0, 0.03)),
      face: (shift.face ?? 0) * part() + radians(normal(0, 2)),
      aim: (shift.aim ?? 0) * part() + radians(normal(0, 1.2)),
    },
    wider: Object.fromEntries(
      Object.entries(wider).map(([name, factor]) => [name, 1 + (factor - 1) * part()]),
    ),
  };
}

/** One lesson: what is wrong with whom was looked at, and what the finder makes of it. */
export interface Trial {
  causes: readonly Cause[];
  /** After the coach's last look. */
  finding: Finding;
  /** After each number of looks, from none; shorter where there was nothing left to look at. */
  byLooks: readonly Finding[];
}

/** How a lesson is tried. */
export interface Lesson {
  golfer: Golfer;
  hits: readonly Hit[];
  balls: number;
  blemishes?: Blemishes;
  /** How often the coach looks; three times unless said. */
  looks?: number;
  /** How often the coach sees a sign that is not there; one coach as another where it is not said. */
  otherwise?: number;
}

/** A player with these faults (none for a sound one) has a lesson. */
export function trialOf(causes: readonly Cause[], seed: number, lesson: Lesson): Trial {
  const { golfer, hits, balls, blemishes = AS_USUAL, looks = 3 } = lesson;
  const { uniform } = samplerOf(seed + 77);
  const player = golferWith(golfer, knownPlayer(seed + 5));
  const effects = causes.map((cause, i) => effectIn(cause, seed + 11 * i));
  const change: Change = (swing) =>
    effects.reduce((made, effect) => changedBy(effect, 1, player.habits.bias)(made), swing);
  const logged: LoggedBall[] = loggedBy(player, hits, balls, seed, blemishes, change);
  const looked = looksFor(logged, golfer, false, seed);
  const there = 0.65 + 0.25 * uniform();
  const usual = 0.03 + 0.12 * uniform();
  const otherwise = lesson.otherwise ?? usual;
  const ticks: Record<string, boolean> = {};
  const byLooks = [findFault(looked, ticks as Ticks)];
  for (let look = 0; look < looks; look++) {
    const { next } = byLooks[look]!;
    if (!next) break;
    const shows = causes.some(({ signs }) => signs.includes(next.id));
    ticks[next.id] = uniform() < (shows ? there : otherwise);
    byLooks.push(findFault(looked, ticks as Ticks));
  }
  return { causes, finding: byLooks.at(-1)!, byLooks };
}

/** Where a cause stands among the suspects, from 0. */
export const placeOf = (cause: Cause, { suspects }: Finding): number =>
  suspects.findIndex((suspect) => suspect.cause === cause);

/** All causes, so often. */
export const everyCause = (times: number): Cause[] =>
  Array.from({ length: times }, () => CAUSES).flat();
