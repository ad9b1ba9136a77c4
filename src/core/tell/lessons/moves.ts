import { presetSand } from '@/core/ground/sand/presets';
import { situationAt } from '@/core/lesson/plan/situationAt';
import { sheetFor } from '@/core/tell/answer/answer';
import type { CallEntry, Told } from '@/core/tell/sheet/callSheet';
import { readSituation } from '@/core/contract/shot/situation';
import { ladder, LADDER_SAMPLE } from '@/core/search/ladder/ladder';
import type { Station } from '@/core/lesson/plan/lesson';
import { atFlag } from '@/core/tell/sheet/atFlag';
import type { Player } from '@/core/ground/player/player';
import type { PlayerRecord } from '@/core/lesson/players/record';
import type { Difference } from '@/core/lesson/peers/peer';
import { savingOf, type Saving } from '@/core/lesson/learning/saving';
import { golferOf, plainGolferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import type { UnitSystem } from '@/core/ground/units/system';
import type { LearntFactors } from '@/core/ground/player/learnt';

/** What a club's swing does: the ball as meant carries so far, and eight in ten stop between two distances; m. */
export interface Reach {
  carry: number;
  low: number;
  high: number;
}

/** One rung of the ladder before and after. */
export interface RungMove {
  club: string;
  clock: string;
  before: Reach;
  after: Reach;
}

/** The call of a station before and after; null where nothing gets the ball out at the flag. */
export interface CallMove {
  station: string;
  before: CallEntry | null;
  after: CallEntry | null;
}

/** What calls and ladder would become. */
export interface Moves {
  rungs: RungMove[];
  calls: CallMove[];
  /** What that is expected to save; null where no station can be compared. */
  saving: Saving | null;
}

/** The rung that is compared, counted from the shortest: a little over half a swing is in every splash school. */
const RUNG = 2;
const SEED = 1;

/** Rungs of the splash ladder in medium sand, one a club. */
function rungsOf(player: Player) {
  const golfer = golferOf(player);
  const swings = sampleSwings(golfer.habits, LADDER_SAMPLE, SEED);
  return ladder(player, golfer, 'splash', [presetSand('medium')], swings).flatMap(
    ({ club, rungs }) => {
      const rung = rungs[RUNG];
      return rung ? [{ club, rung }] : [];
    },
  );
}

/**
 * What changes in the ladder and in the calls of some stations when a player's learning changes.
 *
 * @param before what calls use now, absent for the skill alone
 * @param after what they would use
 * @param draws players who might have hit the balls, as {@link learn} gives them
 */
export function movesOf(
  record: PlayerRecord,
  stations: readonly Station[],
  before: LearntFactors | undefined,
  after: LearntFactors | undefined,
  units: UnitSystem,
  draws: readonly Difference[] = [],
): Moves {
  const situation = (station: Station, learnt: LearntFactors | undefined) =>
    readSituation(situationAt({ ...record, ...(learnt ? { learnt } : {}) }, station));
  const calledAt = (station: Station, learnt: LearntFactors | undefined): Told | null =>
    sheetFor(situation(station, learnt), units, () => 0, 1).told.find(({ entry }) =>
      atFlag(entry),
    ) ?? null;
  const [first] = stations;
  if (!first) return { rungs: [], calls: [], saving: null };
  const now = rungsOf(situation(first, before).question.player);
  const then = rungsOf(situation(first, after).question.player);
  const called = stations.map((station) => ({
    station: station.name,
    before: calledAt(station, before),
    after: calledAt(station, after),
  }));
  const choices = called.flatMap(({ before: stands, after: learnt }) =>
    stands?.struck && learnt?.struck ? [{ now: stands.struck.call, then: learnt.struck.call }] : [],
  );
  const { player } = situation(first, undefined).question;
  return {
    rungs: now.flatMap(({ club, rung }) => {
      const moved = then.find((each) => each.club === club);
      return moved ? [{ club, clock: rung.clock, before: rung, after: moved.rung }] : [];
    }),
    calls: called.map((each) => ({
      station: each.station,
      before: each.before?.entry ?? null,
      after: each.after?.entry ?? null,
    })),
    saving:
      choices.length > 0 && draws.length > 0
        ? savingOf(choices, plainGolferOf(player), draws)
        : null,
  };
}
