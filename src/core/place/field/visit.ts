import { type Place, pointOf } from '../record/place';
import { drawnPlace } from '../sight/drawnPlace';
import { groundShot, type Playing } from '../sight/groundShot';
import { likelyWays } from '../sight/likelyWays';
import { spotAt } from '../sight/sight';
import { unlessFaulty } from '@/core/contract/check/fault';
import { readSituation } from '@/core/contract/shot/situation';
import type { Point } from '../outline/ring';
import type { Hand } from '@/core/ground/player/player';
import type { BunkerNumbers } from './bunkerNumbers';
import { costAt } from './cost';
import { visitOf, type Visit } from './field';
import { gridOver } from './grid';

/** A bunker that is asked what its places cost, who plays from it at which flag. */
export interface CostQuestion {
  place: Pick<Place, 'bunkers' | 'greens' | 'areas'>;
  bunker: string;
  green: string;
  flag: string;
  playing: Playing;
  /** The player's situation; its shot is replaced. */
  situation: object;
  /** As the desk calls it; else by a quick search. */
  fine: boolean;
}

/** Ways out that are looked at from each place. */
const WAYS = 2;

/**
 * What some places of a bunker cost, null where nothing gets out or the flag cannot be played at. Yields what is known after each
 * place, so that whoever runs it may show it, or stop.
 */
export function* costsOf(
  { place, bunker, green, flag, playing, situation, fine }: CostQuestion,
  balls: readonly Point[],
): Generator<(number | null)[], (number | null)[]> {
  const drawn = drawnPlace(place);
  const found: (number | null)[] = [];
  for (const ball of balls) {
    const cost = unlessFaulty(() => {
      const spot = spotAt(drawn, { bunker, ball, green, flag });
      const shot = groundShot(drawn, spot, playing, likelyWays(drawn, spot, WAYS));
      return costAt(readSituation({ ...situation, shot }).question, fine);
    });
    found.push(cost);
    yield found;
  }
  return found;
}

/** What is asked of a visit to a bunker in the book: a clean ball, and the flag nearest to it; null where there is no flag. */
export function bookQuestion(
  place: CostQuestion['place'],
  { id, flags: [nearest] }: BunkerNumbers,
  handed: Hand,
  day: string,
  situation: object,
): Omit<CostQuestion, 'fine'> | null {
  if (!nearest) return null;
  const { green, flag } = nearest;
  const { bunkers, greens, areas } = place;
  const playing = { handed, lie: 'clean' as const, day };
  return { place: { bunkers, greens, areas }, bunker: id, green, flag, playing, situation };
}

/** Places that a quick look at a bunker takes. */
const QUICK_PLACES = 16;

/** How far the mean of a quick look is off that of the whole bunker as the desk calls it, strokes: measured on the demo's bunkers. */
export const QUICK_SPREAD = 0.1;

/** A quick look at what a visit to a bunker costs: a few places of it by a quick search; null where nothing gets out of any. */
export function* quickVisit(
  question: Omit<CostQuestion, 'fine'>,
): Generator<unknown, Visit | null> {
  const { place, bunker: id } = question;
  const bunker = drawnPlace(place).bunkers.find((each) => each.id === id);
  if (!bunker) throw new RangeError(`quickVisit: there is no bunker "${id}"`);
  const grid = gridOver(bunker.ring, QUICK_PLACES);
  const balls = grid.places.map(({ at }) => at);
  const costs = yield* costsOf({ ...question, fine: false }, balls);
  return visitOf(grid, costs, bunker.bunker.rests.map(pointOf));
}
