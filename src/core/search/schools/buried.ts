import { clamp } from '@/core/ground/numeric/soft';
import type { Sand } from '@/core/ground/sand/presets';
import type { Shot } from '@/core/ground/situation/shot';
import { degrees } from '@/core/ground/units/angle';
import { all, ballSunk, sandClubs, upSlope } from './conditions';
import { SPLASH } from './greenside';
import { rows, type School } from './school';

/** Burial as a share of all the way down, for faces that go by depth. */
const depthShare = (burial: number): number => clamp((burial - 0.01) / 0.03, 0, 1);

/** Strength from which sand counts as firm for a ball that is dug out, Pa. */
const FIRM = 1e5;

/** How firm sand is for a ball that is dug out, from 0 to 1. */
const firmShare = ({ strength }: Pick<Sand, 'strength'>): number => clamp(strength / FIRM, 0, 1);

/** How much further back the mark goes in firm sand for a ball that is all the way down, m: the edge needs room to get under. */
const ROOM_TO_DIG = 0.02;

/** Marks between those for soft and those for firm sand, further back the deeper the ball sits in firm sand. */
function marksFor(
  { sand, burial }: Pick<Shot, 'sand' | 'burial'>,
  firm: readonly number[],
  soft: readonly number[],
): number[] {
  const share = firmShare(sand);
  const back = ROOM_TO_DIG * share * depthShare(burial);
  return soft.map((mark, i) => mark + share * (firm[i]! - mark) + back);
}

const DIG: Omit<School, 'id'> = {
  ...SPLASH,
  kind: 'dig',
  technique: 'steep',
  steeper: 'chop',
  applies: ballSunk,
  clubs: sandClubs,
  faceDeg: () => [0],
  entry: (shot) => marksFor(shot, [0.02, 0.03, 0.04], [0.03, 0.05, 0.068]),
  fraction: [0.38, 1],
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
    faceDeg: ({ burial, sand }) => {
      const [deep, firm] = [depthShare(burial), firmShare(sand)];
      const most = 16 + 44 * Math.min(deep, 0.5) + 4 * firm;
      return [8 + 14 * deep, most].map((d) => -Math.round(d));
    },
    entry: (shot) => marksFor(shot, [0.02, 0.03, 0.04], [0.03, 0.05, 0.068]),
    fuss: 0.6,
  },
  {
    id: 'square-steep',
    faceDeg: () => [0],
    entry: (shot) => marksFor(shot, [0.025, 0.032, 0.04], [0.035, 0.055, 0.074]),
  },
  {
    id: 'graded',
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
    trick: true,
    faceDeg: () => [-42, -55],
    handleLoweredDeg: -4,
    mostAimDeg: 40,
    fuss: 1.2,
  },
  {
    id: 'heel-first',
    technique: 'heel',
    steeper: undefined,
    trick: true,
    faceDeg: () => [-6],
    handleLoweredDeg: 10,
    shaftLeanDeg: 0,
    stanceWidth: 1.45,
    weightLead: 0.66,
    fuss: 1.2,
  },
  {
    id: 'less-loft-on-the-slope',
    applies: all(ballSunk, upSlope),
    steeper: undefined,
    trick: true,
    clubs: (club) => club.type === 'iron' && degrees(club.loft) >= 30 && degrees(club.loft) <= 45,
    faceDeg: () => [0, 12],
    entry: (shot) => marksFor(shot, [0.02, 0.03], [0.03, 0.045]),
    bodyWithSlope: 0.7,
    finish: 'short',
    fuss: 0.6,
  },
]);
