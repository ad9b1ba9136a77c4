import { typicalClub, type Club, type ClubType } from '@/core/ground/club/club';
import type { Player, Skill, Techniques } from '@/core/ground/player/player';
import type { Bed } from '@/core/ground/sand/bed';
import { presetSand, type SandPreset } from '@/core/ground/sand/presets';
import type { Shot } from '@/core/ground/situation/shot';
import { TRICKS } from '@/core/search/schools/schools';
import { ballPositionForEntry, type Setup } from '@/core/model/swing/setup';
import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';

/* Shared by tests and by the behaviour table: a middle player and plain shots. */

export function aClub(
  name: string,
  type: ClubType,
  loftDeg: number,
  bounceDeg: number,
  carryYd?: number,
): Club {
  return {
    name,
    type,
    loft: radians(loftDeg),
    ...typicalClub(type, loftDeg),
    bounce: radians(bounceDeg),
    ...(carryYd === undefined ? {} : { stockCarry: toMetres(carryYd, 'yd') }),
  };
}

export const CLUB_56 = aClub('56', 'wedge', 56, 12, 82);
export const CLUB_60 = aClub('60', 'wedge', 60, 8, 72);
export const CLUB_52 = aClub('52', 'wedge', 52, 10, 92);

export const aPlayer = (
  skill: Skill = 'middle',
  bag: Club[] = [CLUB_60, CLUB_56, CLUB_52],
): Player => ({
  handed: 'right',
  skill,
  bag,
});

/** Every technique that has to be practised first, known. */
export const KNOWS_ALL: Techniques = Object.fromEntries(TRICKS.map(({ id }) => [id, 'knows']));

/** Level sand with a clean ball, or one buried by so many mm. */
export function aBed(preset: SandPreset, burialMm?: number): Bed {
  const sand = presetSand(preset);
  return {
    sand,
    burial: burialMm === undefined ? sand.settle : burialMm / 1000,
    along: 0,
    across: 0,
  };
}

/** A splash set-up with the usual ball position for its mark. */
export function aSplash(club: Club, faceDeg: number, entry = 0.04, fraction = 1): Setup {
  const setup: Setup = {
    club,
    technique: 'splash',
    opening: radians(faceDeg),
    release: 0,
    bodyWithSlope: 0.75,
    ballPosition: 0,
    stanceWidth: 1.25,
    stanceOpen: 0,
    dig: 0.02,
    gripDown: 0,
    handleLowered: 0,
    shaftLean: 0,
    weightLead: 0.62,
    entry,
    fraction,
  };
  setup.ballPosition = ballPositionForEntry(setup, aBed('medium'));
  return setup;
}

/** A shot over a lip to a green with room, distances in yards and lip in feet. */
export function aShot(
  pinYd: number,
  lipFt: number,
  lipDistanceFt = 8,
  sand: SandPreset = 'medium',
): Shot {
  const bed = aBed(sand);
  return {
    pin: toMetres(pinYd, 'yd'),
    edge: toMetres(Math.max(4, pinYd - 7), 'yd'),
    back: toMetres(pinYd + 12, 'yd'),
    lip: { height: toMetres(lipFt, 'ft'), distance: toMetres(lipDistanceFt, 'ft') },
    ...bed,
    escapes: [],
    green: { stimp: toMetres(10, 'ft'), slope: 0, firmness: 'medium' },
    beyond: 'rough',
    wind: { x: 0, y: 0 },
  };
}
