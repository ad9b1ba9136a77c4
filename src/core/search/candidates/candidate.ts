import { fact, type Fact } from '@/core/ground/fact/fact';
import { openingLimitDeg, type Club } from '@/core/ground/club/club';
import type { Player } from '@/core/ground/player/player';
import { SCHOOLS } from '../schools/schools';
import type { TechniqueName } from '@/core/model/swing/technique';
import type { School } from '../schools/school';
import type { Shot } from '@/core/ground/situation/shot';
import { radians } from '@/core/ground/units/angle';
import { playableBallPosition, slopeWeight, type Setup } from '@/core/model/swing/setup';
import { clamp } from '@/core/ground/numeric/soft';

/** One club in one school, with the faces and marks that it would try. */
export interface Family {
  club: Club;
  school: School;
  faces: readonly number[];
  entries: readonly number[];
}

/** The ways in which a school sends the head at the ball. */
export const techniquesOf = ({ technique, steeper }: School): TechniqueName[] =>
  steeper ? [technique, steeper] : [technique];

/** A school that has no place here, with the reason. */
export interface Unfit {
  school: School;
  club: Club | null;
  reason: Fact;
}

const uniqueNumbers = (values: readonly number[]): number[] => [...new Set(values)];

/** Slope across the line by which a coach changes the grip, radians, and by how much, m. */
const SIDE_SLOPE = radians(3);
const SIDE_GRIP = 0.025;

/** A school's set-up with this club, face and mark; the ball position follows from the mark, the grip from the slope. */
export function setupOf(
  school: School,
  club: Club,
  faceDeg: number,
  entry: number,
  shot: Shot,
  technique = school.technique,
): Setup {
  const above = shot.across > SIDE_SLOPE;
  const below = shot.across < -SIDE_SLOPE;
  const setup: Setup = {
    club,
    technique,
    opening: radians(faceDeg),
    release: radians(school.releaseDeg),
    ballPosition: 60,
    stanceWidth: school.stanceWidth + (above ? -0.15 : below ? 0.1 : 0),
    stanceOpen: 0,
    dig: school.dig,
    gripDown: above ? school.gripDown + SIDE_GRIP : below ? 0 : school.gripDown,
    handleLowered: radians(school.handleLoweredDeg),
    shaftLean: radians(school.shaftLeanDeg),
    weightLead: clamp(school.weightLead + slopeWeight(school.bodyWithSlope, shot), 0.25, 0.9),
    bodyWithSlope: school.bodyWithSlope,
    entry,
    fraction: school.fraction[1],
  };
  if (school.technique !== 'putt') {
    setup.ballPosition = playableBallPosition(setup, shot);
  }
  return setup;
}

/** Whether a player can be asked for a school: for one that has to be practised only who knows it. */
const isKnown = ({ id, trick }: School, { techniques }: Player): boolean =>
  !trick || techniques?.[id] === 'knows';

/**
 * Every club in every school that has a place here, those of schools that the player would have to learn first, and why the others
 * have none.
 *
 * @param only ids of schools that alone are looked at, whether the player knows them or not
 */
export function familiesFor(
  player: Player,
  shot: Shot,
  only?: readonly string[],
): { families: Family[]; learnable: Family[]; unfit: Unfit[] } {
  const families: Family[] = [];
  const learnable: Family[] = [];
  const unfit: Unfit[] = [];
  for (const school of SCHOOLS) {
    if (only?.length && !only.includes(school.id)) continue;
    const reason = school.applies(shot);
    if (reason) {
      unfit.push({ school, club: null, reason });
      continue;
    }
    const clubs = player.bag.filter((club) => school.clubs(club, player, shot));
    if (clubs.length === 0) {
      unfit.push({
        school,
        club: null,
        reason: fact('unfit.noClub'),
      });
    }
    for (const club of clubs) {
      const limit = openingLimitDeg(club);
      const faces = uniqueNumbers(school.faceDeg(shot).map((deg) => Math.min(deg, limit)));
      const played = only?.length || isKnown(school, player) ? families : learnable;
      played.push({ club, school, faces, entries: uniqueNumbers(school.entry(shot)) });
    }
  }
  return { families, learnable, unfit };
}
