import { degrees } from '@/core/ground/units/angle';
import { all, ballSunk, lofts, upSlope } from './conditions';
import { SPLASH } from './greenside';
import { rows, type School } from './school';

/** Burial as a share of all the way down, for faces that go by depth. */
const depthShare = (burial: number): number => Math.max(0, Math.min(1, (burial - 0.01) / 0.03));

const DIG: Omit<School, 'id' | 'name'> = {
  ...SPLASH,
  kind: 'dig',
  technique: 'steep',
  applies: ballSunk,
  clubs: lofts(44, 66),
  faceDeg: () => [0],
  entry: ({ sand }) => (sand.strength > 4e4 ? [0.02, 0.03] : [0.03, 0.045]),
  fraction: [0.45, 1],
  feetWithPath: 0,
  mostAimDeg: 25,
  stanceWidth: 1.3,
  dig: 0.025,
  handleLoweredDeg: 0,
  shaftLeanDeg: 4,
  weightLead: 0.7,
  finish: 'left-in-sand',
  fuss: 0.5,
};

/** A ball half under or deeper. */
export const BURIED_SCHOOLS: readonly School[] = rows(DIG, [
  {
    id: 'sharp-edge',
    name: 'face closed so that the edge cuts: the deeper and firmer, the more',
    technique: 'chop',
    faceDeg: ({ burial }) =>
      [8 + 14 * depthShare(burial), 15 + 22 * depthShare(burial)].map((d) => -Math.round(d)),
    fuss: 0.6,
  },
  {
    id: 'square-steep',
    name: 'square and steep, well behind, stay down',
    technique: 'chop',
    faceDeg: () => [0],
    entry: ({ sand }) => (sand.strength > 4e4 ? [0.025, 0.035] : [0.035, 0.05]),
  },
  {
    id: 'graded',
    name: 'as open as the depth allows',
    faceDeg: ({ burial }) => [
      Math.round(26 * (1 - depthShare(burial))),
      Math.round(14 * (1 - depthShare(burial))),
    ],
    shaftLeanDeg: 0,
    finish: 'short',
    fuss: 0.7,
  },
  {
    id: 'toe-in',
    name: 'face almost shut, the toe cuts in first',
    technique: 'chop',
    faceDeg: () => [-42, -55],
    handleLoweredDeg: -4,
    mostAimDeg: 40,
    fuss: 1.2,
  },
  {
    id: 'heel-first',
    name: 'heel leads into the sand, ball forward',
    faceDeg: () => [-6],
    handleLoweredDeg: 10,
    shaftLeanDeg: 0,
    stanceWidth: 1.45,
    weightLead: 0.66,
    fuss: 1.2,
  },
  {
    id: 'less-loft-on-the-slope',
    name: 'a 7 to 9 iron opened, up the slope',
    applies: all(ballSunk, upSlope),
    clubs: (club) => club.type === 'iron' && degrees(club.loft) >= 30 && degrees(club.loft) <= 45,
    faceDeg: () => [0, 12],
    bodyWithSlope: 0.6,
    finish: 'short',
    fuss: 0.6,
  },
]);
