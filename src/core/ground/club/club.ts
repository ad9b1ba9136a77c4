import { degrees, radians } from '../units/angle';

export const CLUB_TYPES = ['wedge', 'iron', 'hybrid', 'wood', 'putter'] as const;
export type ClubType = (typeof CLUB_TYPES)[number];

/** A club as a sand tool: SI units, angles in radians. */
export interface Club {
  name: string;
  type: ClubType;
  /** Angle of the face from vertical at rest. */
  loft: number;
  /** Angle from the leading edge down to the lowest part of the sole. */
  bounce: number;
  /** Width of the sole from leading to trailing edge, m. */
  sole: number;
  /** Angle of the shaft from the ground, as the club is built. */
  lie: number;
  /** Length of the shaft and grip, m. */
  length: number;
  /** Roundness of the sole from edge to edge: 0 flat, 1 so round that it meets the sand almost level. */
  camber: number;
  /** Mass of the head, kg. */
  headMass: number;
  /** Carry of a full swing from grass, m; absent when nobody has said. */
  stockCarry?: number;
}

/**
 * Typical make of a club of this type and loft, for what the player does not know. Straight lines through
 * published standard tables of length and lie (a 7 iron of 33 degrees 0.940 m at 62.5 degrees, a 56 wedge
 * 0.895 m at 64); bounce, sole, camber and head mass are middling values of the trade for the type.
 *
 * @param type kind of club
 * @param loftDeg loft in degrees
 */
export function typicalClub(
  type: ClubType,
  loftDeg: number,
): Pick<Club, 'bounce' | 'sole' | 'lie' | 'length' | 'camber' | 'headMass'> {
  switch (type) {
    case 'wedge':
      return {
        bounce: radians(10),
        sole: 0.021,
        lie: radians(64),
        length: 0.895 - 0.0012 * (loftDeg - 56),
        camber: 0.65,
        headMass: 0.3,
      };
    case 'iron':
      return {
        bounce: radians(3 + Math.max(0, loftDeg - 30) * 0.2),
        sole: 0.0185,
        lie: radians(62.5 + (loftDeg - 33) * 0.08),
        length: 0.94 - 0.0025 * (loftDeg - 33),
        camber: 0.6,
        headMass: 0.28,
      };
    case 'hybrid':
      return {
        bounce: radians(3),
        sole: 0.028,
        lie: radians(60),
        length: 1.02 - 0.005 * (loftDeg - 19),
        camber: 0.75,
        headMass: 0.23,
      };
    case 'wood':
      return {
        bounce: radians(2),
        sole: 0.05,
        lie: radians(58),
        length: 1.09 - 0.006 * (loftDeg - 15),
        camber: 0.8,
        headMass: 0.21,
      };
    case 'putter':
      return {
        bounce: 0,
        sole: 0.025,
        lie: radians(70),
        length: 0.87,
        camber: 0.3,
        headMass: 0.35,
      };
  }
}

/**
 * How far a face can be laid open before its leading edge stands off the sand, degrees: 45 for a 60 wedge, 30 for
 * a pitching wedge, less for irons, whose edges lie less flat. Tuned to what coaches allow.
 *
 * @example
 * openingLimitDeg({ loft: (60 * Math.PI) / 180 }); // => 45
 */
export function openingLimitDeg(club: Pick<Club, 'loft'>): number {
  const loftDeg = degrees(club.loft);
  return Math.max(0, Math.min(45, 30 + (loftDeg - 46) * (loftDeg > 46 ? 1.1 : 1.4)));
}
