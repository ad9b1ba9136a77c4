import { apart, type Point } from '../outline/ring';
import { flagOn } from '../record/onDay';
import { pointOf, type Flag } from '../record/place';
import type { DrawnGreen, DrawnPlace } from './drawnPlace';

/** A flag of a place on a day. */
export interface FlagOnDay {
  green: DrawnGreen;
  flag: Flag;
  /** Names green and flag. */
  key: string;
  /** It is said to be cut. */
  isCut: boolean;
  /** It is cut, or nobody said which of its green is. */
  inPlay: boolean;
}

/** All flags of a place on a day, YYYY-MM-DD: those in play first. */
export function flagsOn({ greens }: Pick<DrawnPlace, 'greens'>, day: string): FlagOnDay[] {
  const all = greens.flatMap((green) => {
    const cut = flagOn(green.green, day);
    return green.green.flags.map((flag) => ({
      green,
      flag,
      key: `${green.id}/${flag.id}`,
      isCut: flag === cut,
      inPlay: cut === null || flag === cut,
    }));
  });
  return [...all.filter(({ inPlay }) => inPlay), ...all.filter(({ inPlay }) => !inPlay)];
}

/** The flag that is played at from a place where none was chosen: the nearest of those in play; null where there is none. */
export function usualFlag(
  place: Pick<DrawnPlace, 'greens'>,
  from: Point,
  day: string,
): FlagOnDay | null {
  const away = ({ flag }: FlagOnDay): number => apart(from, pointOf(flag));
  const inPlay = flagsOn(place, day).filter((each) => each.inPlay);
  return inPlay.sort((a, b) => away(a) - away(b))[0] ?? null;
}
