import { fact } from '@/core/ground/fact/fact';
import { toMetres } from '@/core/ground/units/length';
import {
  all,
  ballClean,
  ballSits,
  leastBounce,
  lipLow,
  lofts,
  meetsFirst,
  roomUnder,
  sandFirm,
  sandHolds,
  shorterThan,
  wedges,
} from './conditions';
import { SPLASH } from './greenside';
import { rows, type School } from './school';

const near = shorterThan(toMetres(60, 'yd'), fact('unfit.notGreenside'));

/** Firm, wet or thin sand. */
export const FIRM_SCHOOLS: readonly School[] = rows(
  { ...SPLASH, applies: all(ballSits, sandFirm, near) },
  [
    {
      id: 'square-and-chip',
      technique: 'thud',
      clubs: wedges,
      faceDeg: () => [0],
      entry: () => [0.018, 0.024],
      stanceWidth: 1.05,
      dig: 0.005,
      handleLoweredDeg: 0,
      shaftLeanDeg: 3,
      feetWithPath: 0,
      mostAimDeg: 8,
      finish: 'three-quarter',
      fuss: 0.2,
    },
    {
      id: 'more-thud',
      applies: all(ballSits, sandFirm, roomUnder, near),
      faceDeg: () => [0, 8, 15],
      entry: () => [0.024, 0.042],
      weightLead: 0.68,
      dig: 0.022,
      fuss: 0.5,
    },
    {
      id: 'change-the-sole',
      clubs: leastBounce,
      faceDeg: () => [0, 8],
      entry: () => [0.02, 0.032],
      technique: 'thud',
      dig: 0.005,
      mostAimDeg: 12,
      fuss: 0.4,
    },
  ],
);

/** Along the ground: chipped to run, or putted. */
export const RUNNING_SCHOOLS: readonly School[] = rows(
  {
    ...SPLASH,
    kind: 'chip',
    technique: 'chip',
    applies: all(
      ballClean,
      lipLow,
      meetsFirst(4),
      sandHolds,
      shorterThan(toMetres(30, 'yd'), fact('unfit.tooFarToRun')),
    ),
    clubs: lofts(28, 50),
    faceDeg: () => [0],
    entry: () => [-0.006],
    fraction: [0.15, 0.6],
    feetWithPath: 0,
    mostAimDeg: 8,
    stanceWidth: 0.8,
    dig: 0,
    gripDown: 0.02,
    handleLoweredDeg: 0,
    shaftLeanDeg: 7,
    weightLead: 0.62,
    finish: 'short',
    fuss: 0.2,
  },
  [{ id: 'run-it-up' }],
);
