import { fact } from '@/core/ground/fact/fact';
import { degrees } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import {
  all,
  ballClean,
  ballDown,
  ballSits,
  lofts,
  longerThan,
  meetsFirst,
  mostLofted,
  roomUnder,
  sandClubs,
  sandHolds,
  type Condition,
} from './conditions';
import { SPLASH } from './greenside';
import { rows, type School } from './school';

const notShort = longerThan(toMetres(22, 'yd'), fact('unfit.tooNear'));

/** From here on a clean ball is picked; one that sits down is still splashed as far as it goes. */
const notPicked: Condition = (shot) =>
  shot.pin > toMetres(90, 'yd') && ballClean(shot) === null ? fact('unfit.picked') : null;

const LONG: Omit<School, 'id'> = {
  ...SPLASH,
  kind: 'long-splash',
  technique: 'shallow',
  applies: all(ballSits, roomUnder, notShort, notPicked),
  faceDeg: () => [5, 14, 24],
  entry: () => [0.026, 0.035],
  stanceWidth: 1.3,
  dig: 0.012,
  handleLoweredDeg: 3,
  fuss: 0.5,
};

/** Out of the sand and up the hole with a club that is sure to get out, when the green is far: at any distance, over any lip that it clears. */
export const FORWARD_SCHOOLS: readonly School[] = rows(
  {
    ...SPLASH,
    laysUp: true,
    applies: all(ballSits, roomUnder, longerThan(toMetres(60, 'yd'), fact('unfit.greenNear'))),
    clubs: sandClubs,
    faceDeg: () => [15, 28],
    fraction: [0.3, 0.8],
    handleLoweredDeg: 3,
    fuss: 0.3,
  },
  [{ id: 'forward-first' }],
);

/** Long shots from sand, 22 yards and on. */
export const LONG_SCHOOLS: readonly School[] = rows(LONG, [
  {
    id: 'less-loft',
    clubs: (club, player) => lofts(30, 53)(club, player) && degrees(club.loft) < 54,
    fraction: [0.55, 0.92],
  },
  {
    id: 'squarer-sand-wedge',
    applies: all(ballSits, roomUnder, sandHolds, notShort, notPicked),
    technique: 'splash',
    clubs: lofts(53, 58),
    faceDeg: () => [0, 5],
    entry: () => [0.015, 0.025],
    fraction: [0.75, 1],
    dig: 0.02,
    mostAimDeg: 8,
    fuss: 0.6,
  },
  {
    id: 'full-commitment',
    trick: true,
    technique: 'splash',
    clubs: mostLofted,
    faceDeg: () => [18, 28, 40],
    entry: () => [0.028],
    fraction: [0.8, 1],
    dig: 0.02,
    fuss: 1,
  },
]);

/** A lip over which the face of a picked ball is opened a touch, m. */
const HIGH_FOR_A_PICK = toMetres(3, 'ft');

/** Ball first: from half a wedge to a hybrid or a wood. */
export const PICK_SCHOOLS: readonly School[] = rows(
  {
    ...SPLASH,
    kind: 'pick',
    technique: 'pick',
    applies: all(
      ballClean,
      meetsFirst(9),
      longerThan(toMetres(30, 'yd'), fact('unfit.tooNearToPick')),
    ),
    clubs: lofts(14, 60),
    faceDeg: ({ lip }) => (lip.height > HIGH_FOR_A_PICK ? [0, 4] : [0]),
    entry: () => [-0.008],
    fraction: [0.45, 0.98],
    feetWithPath: 0,
    mostAimDeg: 10,
    stanceWidth: 1.1,
    dig: 0,
    gripDown: 0.025,
    handleLoweredDeg: 0,
    shaftLeanDeg: 6,
    weightLead: 0.53,
    finish: 'three-quarter',
    fuss: 0.4,
  },
  [
    { id: 'pick' },
    {
      id: 'sweep',
      clubs: lofts(14, 36),
      applies: all(ballClean, longerThan(toMetres(90, 'yd'), fact('unfit.tooNearForFairway'))),
      entry: () => [-0.012],
      shaftLeanDeg: 2,
      fraction: [0.6, 1],
      finish: 'full',
    },
    {
      id: 'hit-down',
      technique: 'hit',
      applies: all(ballSits, ballDown, longerThan(toMetres(60, 'yd'), fact('unfit.splashed'))),
      clubs: lofts(28, 56),
      entry: () => [-0.008, -0.002],
      dig: 0.005,
      weightLead: 0.62,
      shaftLeanDeg: 8,
      fraction: [0.6, 1],
      fuss: 0.6,
    },
  ],
);
