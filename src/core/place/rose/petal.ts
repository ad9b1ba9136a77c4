import { launchOver } from '@/core/ground/situation/lip';
import type { Question } from '@/core/search/calls/question';
import { wayOutChoice, wayOutToward } from '@/core/search/calls/escape';
import { DEFAULT_CAUTION } from '@/core/search/candidates/rank';
import { golferOf } from '@/core/model/golfer/golferOf';
import { playAsMeant } from '@/core/model/shot/play';
import { predict } from '@/core/model/shot/prediction';
import { sampleSwings } from '@/core/model/spread/swings';
import { POINTS } from '@/core/search/candidates/points';
import { TOLD, toldCall } from '@/core/search/calls/call';
import type { Escape } from '@/core/ground/situation/shot';

/** What is known of one direction out of the sand. */
export interface Petal {
  /** From the line to the flag to the right, as a right-hander sees it; mirrored for a left-hander, radians. */
  toward: number;
  /** The start angle that the lip asks, and that the best call there gives; null where nothing gets out, radians. */
  asks: number;
  gives: number | null;
  /** Chance of getting out; 0 where nothing does. */
  out: number;
  /** Strokes to hole out from here with it; null where nothing gets out. */
  strokes: number | null;
  club: string | null;
}

/** How well a direction is looked at: swings that the choice rests on, and whether it is told from others as the desk does. */
const LOOKS = { coarse: { sample: 48, told: false }, fine: { sample: 1024, told: true } } as const;

export type RoseLook = keyof typeof LOOKS;

/**
 * What one direction out of the sand gives: the same way out, by the same swings, as the desk tells where it is looked at finely.
 *
 * @param escape the lip, room and target there
 */
export function petalToward(question: Question, escape: Escape, look: RoseLook): Petal {
  const { player, shot, seed, caution = DEFAULT_CAUTION } = question;
  const { sample, told } = LOOKS[look];
  const golfer = golferOf(player);
  const swings = sampleSwings(golfer.habits, sample, POINTS);
  const { way } = wayOutToward({ player, golfer, shot, swings, caution }, escape, sample);
  const asks = launchOver(escape.lip);
  const { toward } = escape;
  if (!way) return { toward, asks, gives: null, out: 0, strokes: null, club: null };
  const { setup, aim } = way.rated;
  const meant = playAsMeant(setup, golfer, way.shot, aim);
  const odds = told
    ? toldCall(wayOutChoice(way), golfer, sampleSwings(golfer.habits, TOLD, seed), caution).odds
    : way.rated.odds;
  return {
    toward,
    asks,
    gives: predict(setup, golfer, way.shot, meant).launch,
    out: odds.out,
    strokes: odds.strokes,
    club: setup.club.name,
  };
}
