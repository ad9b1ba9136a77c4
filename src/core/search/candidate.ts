import type { Club } from '../club/club';
import type { School } from '../schools/school';
import { radians } from '../units/angle';
import { ballPositionForEntry, type Setup } from '../swing/setup';

/** One set-up that a school would choose, before its swing is solved. */
export interface Candidate {
  school: School;
  setup: Setup;
  /** Where the ball as meant should stop past (+) or short (-) of the flag, m. */
  past: number;
}

/** A school's set-up with this club, face and mark; the ball position follows from the mark. */
export function setupOf(
  school: School,
  club: Club,
  faceDeg: number,
  entry: number,
  burial: number,
): Setup {
  const setup: Setup = {
    club,
    technique: school.technique,
    opening: radians(faceDeg),
    ballPosition: 0,
    stanceWidth: school.stanceWidth,
    stanceOpen: 0,
    dig: school.dig,
    gripDown: 0,
    handleLowered: radians(school.handleLoweredDeg),
    shaftLean: radians(school.shaftLeanDeg),
    weightLead: school.weightLead,
    entry,
    fraction: 1,
  };
  setup.ballPosition = ballPositionForEntry(setup, burial);
  return setup;
}
