import type { Bed } from '@/core/ground/sand/bed';
import { fly } from '@/core/model/flight/fly';
import type { Skill, Techniques } from '@/core/ground/player/player';
import { NO_WIND } from '@/core/ground/situation/wind';
import { bounceAndRun, turfOf } from '@/core/model/green/bounceAndRun';
import { grassCarry, lengthFactor, referenceHeadSpeed } from '@/core/model/golfer/headSpeed';
import type { Call } from '@/core/search/calls/call';
import { prescribe, type Prescription } from '@/core/search/calls/prescribe';
import { golferOf } from '@/core/model/golfer/golferOf';
import { oddsOf } from '@/core/model/odds/odds';
import type { Shot } from '@/core/ground/situation/shot';
import { AS_MEANT, type SwingError } from '@/core/model/swing/swingError';
import { strike } from '@/core/model/shot/strike';
import { sampleSwings } from '@/core/model/spread/swings';
import { ballPositionForEntry, type Setup } from '@/core/model/swing/setup';
import type { TechniqueName } from '@/core/model/swing/technique';
import { degrees, radians } from '@/core/ground/units/angle';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { aBed, aClub, aPlayer, aSplash, CLUB_52, CLUB_56, CLUB_60 } from './fixtures';

/* Small experiments that the behaviour table is made of. Lengths in yards where a coach would say yards. */

export const BAG = [
  CLUB_60,
  CLUB_56,
  CLUB_52,
  aClub('PW', 'wedge', 46, 6, 107),
  aClub('9i', 'iron', 41, 5, 119),
  aClub('8i', 'iron', 37, 4, 131),
  aClub('7i', 'iron', 33, 4, 142),
  aClub('6i', 'iron', 29, 3, 152),
  aClub('4h', 'hybrid', 23, 3, 170),
  aClub('putter', 'putter', 3, 0),
];

export const club = (name: string) => BAG.find((each) => each.name === name)!;

/** Head speed of the middle player whose full 56 goes 82 yards. */
export const SPEED = referenceHeadSpeed(aPlayer('middle', [CLUB_56]));

/** A level green of stimp 10. */
const PLAIN_TURF = turfOf({ stimp: toMetres(10, 'ft'), slope: 0, firmness: 'medium' });

/** A ball struck from level ground on to level ground. */
export interface Ball {
  carryYd: number;
  launchDeg: number;
  rpm: number;
  /** Run on a green of stimp 10, as a share of the carry. */
  run: number;
  /** Carry over that of the same swing from grass. */
  ratio: number;
  cushionMm: number;
  ballSpeed: number;
}

export function ballOf(setup: Setup, bed: Bed, error: SwingError = AS_MEANT): Ball {
  const { launch } = strike(setup, error, SPEED, bed);
  const flight = fly(launch, 0, 0, NO_WIND);
  const { landing } = flight;
  const carry = Math.hypot(landing.x, landing.y);
  const backspin = Math.hypot(launch.wx, launch.wy) * flight.spinKept;
  const run = bounceAndRun(Math.hypot(landing.vx, landing.vy), -landing.vz, backspin, PLAIN_TURF);
  const grass = grassCarry(
    setup.club,
    SPEED * lengthFactor(setup.club, setup.gripDown) * setup.fraction,
    'middle',
  );
  return {
    carryYd: fromMetres(carry, 'yd'),
    launchDeg: degrees(Math.atan2(launch.vz, Math.hypot(launch.vx, launch.vy))),
    rpm: (Math.hypot(launch.wx, launch.wy, launch.wz) * 30) / Math.PI,
    run: run / carry,
    ratio: carry / grass,
    cushionMm: launch.cushion * 1000,
    ballSpeed: Math.hypot(launch.vx, launch.vy, launch.vz),
  };
}

/** A splash on medium sand, clean, mark 4 cm behind, unless said otherwise. */
export const splash = (name: string, faceDeg: number, fraction = 1, entry = 0.04): Ball =>
  ballOf(aSplash(club(name), faceDeg, entry, fraction), aBed('medium'));

/** A set-up of another technique with the ball where that technique has it. */
export function played(
  technique: TechniqueName,
  name: string,
  faceDeg: number,
  entry: number,
  bed: Bed,
  change: Partial<Setup> = {},
): Setup {
  const setup: Setup = { ...aSplash(club(name), faceDeg, entry), technique, ...change };
  setup.ballPosition = ballPositionForEntry(setup, bed);
  return setup;
}

/** A ball picked with a club of the bag. */
export const pickedWith = (name: string, bed: Bed, change: Partial<Setup> = {}): Setup =>
  played('pick', name, 0, -0.008, bed, {
    shaftLean: radians(6),
    dig: 0,
    weightLead: 0.53,
    stanceWidth: 1.1,
    ...change,
  });

/** Chance of a thin strike of the middle player with a splash set-up in a bed. */
export function thinChance(setup: Setup, shot: Shot): number {
  const golfer = golferOf(aPlayer('middle', [CLUB_56]));
  const swings = sampleSwings(golfer.habits, 1024, 11);
  return oddsOf(setup, golfer, shot, 0, swings).thin;
}

/** The prescription of a player with the whole bag, who knows these techniques that have to be practised first. */
export const callsFor = (shot: Shot, skill: Skill = 'middle', techniques: Techniques = {}) =>
  prescribe({ player: { ...aPlayer(skill, BAG), techniques }, shot, seed: 7 });

/** Best call of a club, or undefined. */
export const callWith = (prescription: Prescription, name: string): Call | undefined =>
  [...prescription.calls]
    .filter(({ kind, attempt }) => kind !== 'out-sideways' && !attempt)
    .sort((a, b) => a.score - b.score)
    .find(({ setup }) => setup.club.name === name);
