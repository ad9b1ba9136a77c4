import type { Club } from '@/core/ground/club/club';
import { ladderShot } from '../ladder/ladderShot';
import { schoolFor, styleSetup, type LadderStyle } from '../ladder/style';
import type { Player } from '@/core/ground/player/player';
import { presetSand, type SandPreset } from '@/core/ground/sand/presets';
import { TIE_STROKES } from '../candidates/rank';
import { solveFor } from '../candidates/solve';
import { oddsOf, type Odds } from '@/core/model/odds/odds';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { SwingError } from '@/core/model/swing/swingError';
import { degrees, radians } from '@/core/ground/units/angle';

/** How one wedge's sole gets on with one sand. */
export interface BounceFit {
  club: string;
  sand: SandPreset;
  /** Shares of the player's swings; null when the splash cannot be played with it. */
  thin: number | null;
  heavy: number | null;
  /** Whether another bounce, all else the same, would save more than a tie; and the bounce that saves most, degrees. */
  verdict: 'suits' | 'more' | 'less' | 'cannot';
  bestDeg: number | null;
  saving: number;
}

/** The splash that soles are judged by: nearly square, where the sole does most of the work, so far, m. */
const STYLE: LadderStyle = 'square';
export const FIT_DISTANCE = 13;

const BOUNCES_DEG = [4, 8, 12, 16] as const;

/** Odds of the splash with this club; null when it cannot be played with it. */
function splashOdds(
  club: Club,
  sand: SandPreset,
  player: Player,
  golfer: Golfer,
  swings: readonly SwingError[],
): Odds | null {
  const shot = ladderShot(presetSand(sand), FIT_DISTANCE);
  const school = schoolFor(STYLE, club, player);
  if (!school) return null;
  const solved = solveFor(styleSetup(STYLE, school, club, 1, shot), school, golfer, shot, 0);
  if (solved.state !== 'solved') return null;
  return oddsOf(solved.setup, golfer, shot, solved.aim, swings);
}

/**
 * Each wedge in each sand through one splash on common swings: how often it is thin and heavy, and whether another bounce
 * would serve better by more than a tie.
 */
export function bounceFits(
  player: Player,
  golfer: Golfer,
  sands: readonly SandPreset[],
  swings: readonly SwingError[],
): BounceFit[] {
  const wedges = player.bag.filter(({ type }) => type === 'wedge');
  return wedges.flatMap((club) =>
    sands.map((sand): BounceFit => {
      const own = splashOdds(club, sand, player, golfer, swings);
      if (!own) {
        const none = { thin: null, heavy: null, bestDeg: null, saving: 0 };
        return { club: club.name, sand, verdict: 'cannot', ...none };
      }
      let bestDeg = degrees(club.bounce);
      let strokes = own.strokes;
      for (const deg of BOUNCES_DEG) {
        const other = splashOdds({ ...club, bounce: radians(deg) }, sand, player, golfer, swings);
        if (other && other.strokes < strokes) {
          strokes = other.strokes;
          bestDeg = deg;
        }
      }
      const saving = own.strokes - strokes;
      const wanting = bestDeg > degrees(club.bounce) ? 'more' : 'less';
      return {
        club: club.name,
        sand,
        thin: own.thin,
        heavy: own.fat,
        verdict: saving > TIE_STROKES ? wanting : 'suits',
        bestDeg,
        saving,
      };
    }),
  );
}
