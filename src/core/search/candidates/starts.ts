import type { Club } from '@/core/ground/club/club';
import { degrees } from '@/core/ground/units/angle';
import { schoolById } from '../schools/schools';
import { setupOf } from './candidate';
import { reached, solvedBy, standsTo } from './explore';
import { rate, type Rated, type Rater } from './rate';
import type { Unknown } from './solve';
import type { TechniqueName } from '@/core/model/swing/technique';

/** A set-up that was found for one shot, as far as another may start from it: plain data. */
export interface Start {
  club: string;
  /** Id of a school. */
  school: string;
  technique: TechniqueName;
  /** Radians. */
  opening: number;
  /** Entry behind the ball, m. */
  entry: number;
  /** How far past the flag the ball is meant to stop, m. */
  past: number;
}

/** What another shot may start from. */
export const startOf = ({ setup, school, finish }: Rated, pin: number): Start => ({
  club: setup.club.name,
  school: school.id,
  technique: setup.technique,
  opening: setup.opening,
  entry: setup.entry,
  past: finish.x - pin,
});

/** The set-up of a start in a shot, its swing to be solved; null where its school has no place there, or the bag not its club. */
function unknownOf(start: Start, bag: readonly Club[], { shot }: Rater): Unknown | null {
  const school = schoolById(start.school);
  const club = bag.find(({ name }) => name === start.club);
  if (!school || !club || school.applies(shot)) return null;
  const { opening, entry, technique } = start;
  const setup = setupOf(school, club, degrees(opening), entry, shot, technique);
  return { setup, school, past: start.past };
}

/** The starts solved for the rater's shot, side by side, and rated on `count` swings; those that do not get there are left out. */
export function startedFrom(
  starts: readonly Start[],
  bag: readonly Club[],
  rater: Rater,
  count: number,
): Rated[] {
  const { golfer, shot } = rater;
  const unknowns = starts.flatMap((start) => unknownOf(start, bag, rater) ?? []);
  const solved = solvedBy(rater, unknowns);
  return unknowns.flatMap((unknown, i) => {
    const result = reached(solved[i]!, unknown, rater);
    if (result.state !== 'solved' || !standsTo(result, unknown.school, shot, golfer)) return [];
    return rate(rater, result, unknown.school, count);
  });
}
