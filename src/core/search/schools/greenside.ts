import { t } from '@/core/ground/language/t';
import { toldIn } from '@/core/ground/language/told';
import { toMetres } from '@/core/ground/units/length';
import {
  all,
  ballClean,
  ballSits,
  downSlope,
  lofts,
  roomUnder,
  shorterThan,
  upSlope,
  wedges,
  type Condition,
} from './conditions';
import { rows, type School } from './school';

/** A floor on the mark: nearer than this the club is as likely to meet the ball as the sand. */
const SPLASH_ENTRY = [0.032, 0.05] as const;

/** A lip steeper than this (height over distance) asks for a splash however far the flag is. */
const STEEP_LIP = 0.45;

const near = shorterThan(toMetres(60, 'yd'), () => t('Too far for a greenside splash.'));

/** Near enough, or no other way over the lip or out of the lie: then as far as it goes. */
const greenside: Condition = (shot) =>
  shot.lip.height / shot.lip.distance > STEEP_LIP || ballClean(shot) ? null : near(shot);

/** The plain splash that the others set themselves apart from. */
export const SPLASH: Omit<School, 'id' | 'name'> = {
  kind: 'splash',
  technique: 'splash',
  applies: all(ballSits, roomUnder, greenside),
  clubs: wedges,
  faceDeg: () => [10, 20, 32],
  entry: () => SPLASH_ENTRY,
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
export const GREENSIDE_SCHOOLS: readonly School[] = rows(
  SPLASH,
  toldIn(
    ['name'],
    [
      {
        id: 'across',
        name: 'feet open, swing along them',
        faceDeg: () => [15, 28, 42],
      },
      {
        id: 'parallel',
        name: 'square stance, face only as open as the height needs',
        faceDeg: () => [2, 10, 18],
        handleLoweredDeg: 8,
        feetWithPath: 0,
        mostAimDeg: 7,
        weightLead: 0.6,
        fuss: 0.25,
      },
      {
        id: 'neutral-release',
        name: 'face nearly square, clubhead passes the hands',
        faceDeg: () => [0, 8],
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
        name: 'handle low and back, ball at the lead heel, sole laid flat',
        faceDeg: () => [20, 32, 45],
        handleLoweredDeg: 10,
        shaftLeanDeg: -5,
        stanceWidth: 1.4,
        weightLead: 0.58,
        fuss: 1,
      },
      {
        id: 'upright',
        name: 'upright shaft, body low, weight well forward',
        faceDeg: () => [5, 15],
        handleLoweredDeg: 0,
        weightLead: 0.75,
        stanceWidth: 1.15,
        mostAimDeg: 12,
        fuss: 0.75,
      },
      {
        id: 'hands-ahead',
        name: 'hands a little ahead, face open',
        faceDeg: () => [20, 32, 42],
        shaftLeanDeg: 5,
        handleLoweredDeg: 2,
        fuss: 0.95,
      },
      {
        id: 'held-open',
        name: 'face held open through the sand, trail palm up',
        faceDeg: () => [10, 22],
        releaseDeg: 6,
        fuss: 0.85,
      },
      {
        id: 'turned-over',
        name: 'same motion for every shot, toe released',
        faceDeg: () => [8, 18],
        releaseDeg: -8,
        fuss: 0.9,
      },
      {
        id: 'same-sand',
        name: 'same entry point and face, swing length sets the distance',
        faceDeg: () => [18],
        entry: () => [0.04],
        fuss: 0.45,
      },
      {
        id: 'same-swing',
        name: 'same swing, the club sets the distance',
        clubs: lofts(40, 80),
        faceDeg: () => [10, 18],
        fraction: [0.72, 0.84],
        fuss: 0.55,
      },
      {
        id: 'closer-sand',
        name: 'same swing, less sand to go further',
        solves: 'entry',
        faceDeg: () => [12, 24],
        fraction: [0.8, 0.8],
        fuss: 1.05,
      },
      {
        id: 'open-to-shorten',
        name: 'same swing and entry point, more open to go shorter',
        solves: 'face',
        entry: () => [0.035, 0.045],
        fraction: [0.82, 0.82],
        fuss: 1,
      },
      {
        id: 'with-the-slope',
        name: 'body tilted with the upslope, weight back',
        applies: all(ballSits, upSlope, greenside),
        clubs: lofts(30, 80),
        faceDeg: () => [0, 10],
        entry: () => [0.04, 0.052],
        bodyWithSlope: 0.95,
        weightLead: 0.6,
        stanceWidth: 1.35,
        mostAimDeg: 15,
        fuss: 0.6,
      },
      {
        id: 'into-the-slope',
        name: 'leaning into the upslope, early hinge, ball pops up',
        applies: all(ballSits, upSlope, greenside),
        clubs: lofts(30, 80),
        technique: 'steep',
        faceDeg: () => [0, 12],
        entry: () => [0.04, 0.055],
        bodyWithSlope: 0.25,
        weightLead: 0.7,
        stanceWidth: 1.35,
        mostAimDeg: 15,
        finish: 'short',
        fuss: 0.9,
      },
      {
        id: 'down-the-slope',
        name: 'shoulders down the slope, early hinge, chase the ball down it',
        applies: all(ballSits, downSlope, greenside),
        faceDeg: () => [15, 30],
        technique: 'steep',
        bodyWithSlope: 0.85,
        weightLead: 0.64,
        stanceWidth: 1.3,
        finish: 'short',
        fuss: 0.6,
      },
    ],
  ),
);
