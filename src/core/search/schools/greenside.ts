import { fact } from '@/core/ground/fact/fact';
import { distrusted } from '@/core/ground/sand/trust';
import type { Shot } from '@/core/ground/situation/shot';
import { toMetres } from '@/core/ground/units/length';
import {
  all,
  ballClean,
  ballSits,
  downSlope,
  isLoose,
  lofts,
  noSteeperThan,
  roomUnder,
  sandDeep,
  sandGives,
  shorterThan,
  slopeGentle,
  upSlope,
  wedges,
  type Condition,
} from './conditions';
import { rows, type School } from './school';

/**
 * Marks of a splash in sand that gives, nearer than which the club is as likely to meet the ball as the sand and further than which nobody
 * teaches; and how much nearer they lie where the sole would meet something hard, m.
 */
const SPLASH_ENTRY = [0.032, 0.05] as const;
const NEARER_IF_HARD = 0.014;

function splashMarks({ sand }: Shot): number[] {
  const { hard, base } = distrusted(sand);
  return SPLASH_ENTRY.map((mark) => mark - NEARER_IF_HARD * Math.max(hard, base));
}

/** A lip steeper than this (height over distance) asks for a splash however far the flag is. */
const STEEP_LIP = 0.45;

const near = shorterThan(toMetres(60, 'yd'), fact('unfit.tooFarToSplash'));

/** Near enough, or no other way over the lip or out of the lie: then as far as it goes. */
const greenside: Condition = (shot) =>
  shot.lip.height / shot.lip.distance > STEEP_LIP || ballClean(shot) ? null : near(shot);

/** What every splash asks for, and what else this one does. */
const splashable = (...also: Condition[]): Condition =>
  all(ballSits, roomUnder, ...also, greenside);

/** For set-ups that a slope spoils. */
const onTheLevel = splashable(noSteeperThan(3.9, fact('unfit.notLevel')));

/** Least opening of a face in loose sand, degrees: a squarer one digs. */
const LEAST_OPEN = 8;

/** Faces that are tried, degrees, none of them too square for loose sand. */
const openEnough =
  (faces: readonly number[]): School['faceDeg'] =>
  (shot) =>
    isLoose(shot) ? faces.map((deg) => Math.max(deg, LEAST_OPEN)) : faces;

/** For the plain set-ups. */
const plain = splashable(slopeGentle);

/** The plain splash that the others set themselves apart from. */
export const SPLASH: Omit<School, 'id'> = {
  kind: 'splash',
  technique: 'splash',
  applies: splashable(),
  clubs: wedges,
  faceDeg: () => [10, 20, 32],
  entry: splashMarks,
  solves: 'swing',
  fraction: [0.3, 1],
  feetWithPath: 1,
  mostAimDeg: 30,
  stanceWidth: 1.25,
  dig: 0.02,
  gripDown: 0,
  handleLoweredDeg: 4,
  shaftLeanDeg: 0,
  weightLead: 0.62,
  releaseDeg: 0,
  bodyWithSlope: 0.75,
  finish: 'full',
  fuss: 0.6,
};

/** Aim and path; handle and hands; face through impact; what moves the distance; slopes. */
export const GREENSIDE_SCHOOLS: readonly School[] = rows(SPLASH, [
  {
    id: 'across',
    applies: plain,
    faceDeg: () => [15, 22, 30, 42],
    fuss: 0.1,
  },
  {
    id: 'parallel',
    applies: plain,
    faceDeg: openEnough([2, 10, 18]),
    handleLoweredDeg: 8,
    feetWithPath: 0,
    mostAimDeg: 7,
    weightLead: 0.6,
    fuss: 0.25,
  },
  {
    id: 'neutral-release',
    applies: all(plain, sandGives),
    faceDeg: openEnough([0, 8]),
    handleLoweredDeg: 2,
    shaftLeanDeg: -3,
    feetWithPath: 0.5,
    mostAimDeg: 8,
    stanceWidth: 1.15,
    weightLead: 0.6,
    fuss: 0.35,
  },
  {
    id: 'slide',
    applies: onTheLevel,
    faceDeg: () => [20, 32, 45],
    technique: 'slid',
    handleLoweredDeg: 10,
    shaftLeanDeg: -5,
    stanceWidth: 1.4,
    weightLead: 0.58,
    fuss: 1.4,
  },
  {
    id: 'upright',
    applies: all(onTheLevel, sandDeep),
    technique: 'steep',
    faceDeg: () => [5, 15],
    handleLoweredDeg: 0,
    weightLead: 0.72,
    stanceWidth: 1.3,
    mostAimDeg: 12,
    fuss: 1.2,
  },
  {
    id: 'hands-ahead',
    applies: plain,
    faceDeg: () => [20, 32, 42],
    shaftLeanDeg: 5,
    handleLoweredDeg: 2,
    fuss: 2.5,
  },
  {
    id: 'held-open',
    applies: plain,
    faceDeg: () => [10, 22],
    releaseDeg: 6,
    fuss: 0.85,
  },
  {
    id: 'turned-over',
    applies: plain,
    faceDeg: () => [8, 18],
    releaseDeg: -8,
    fuss: 0.9,
  },
  {
    id: 'same-sand',
    applies: onTheLevel,
    faceDeg: () => [18],
    entry: () => [0.04],
    fuss: 0.3,
  },
  {
    id: 'same-swing',
    applies: onTheLevel,
    clubs: lofts(40, 80),
    faceDeg: () => [10, 18],
    fraction: [0.72, 0.84],
    fuss: 0.55,
  },
  {
    id: 'closer-sand',
    applies: onTheLevel,
    solves: 'entry',
    faceDeg: () => [12, 24],
    fraction: [0.8, 0.8],
    fuss: 1.5,
  },
  {
    id: 'open-to-shorten',
    applies: onTheLevel,
    solves: 'face',
    entry: () => [0.035, 0.045],
    fraction: [0.82, 0.82],
    fuss: 1,
  },
  {
    id: 'with-the-slope',
    applies: splashable(upSlope),
    clubs: lofts(30, 80),
    faceDeg: () => [0, 10, 20],
    entry: () => [0.034, 0.052],
    bodyWithSlope: 0.95,
    weightLead: 0.6,
    stanceWidth: 1.35,
    mostAimDeg: 15,
    fuss: 0.3,
  },
  {
    id: 'into-the-slope',
    applies: splashable(upSlope),
    clubs: lofts(30, 80),
    faceDeg: () => [0, 12, 24],
    entry: () => [0.04, 0.055],
    bodyWithSlope: 0.25,
    weightLead: 0.7,
    stanceWidth: 1.35,
    mostAimDeg: 15,
    finish: 'short',
    fuss: 0.3,
  },
  {
    id: 'down-the-slope',
    applies: splashable(downSlope),
    faceDeg: () => [15, 28, 40],
    bodyWithSlope: 0.85,
    weightLead: 0.62,
    finish: 'short',
    fuss: 0,
  },
]);
