import { fact } from '@/core/ground/fact/fact';
import { puttGround } from '@/core/model/putt/putt';
import { puttFault } from '@/core/model/putt/roll';
import { toMetres } from '@/core/ground/units/length';
import { all, sandFirm, shorterThan } from './conditions';
import { SPLASH } from './greenside';
import type { School } from './school';

/** The putter from sand: firm sand, no lip worth the name, not too far. */
export const PUTT_SCHOOL: School = {
  ...SPLASH,
  id: 'putt-it',
  kind: 'putt',
  technique: 'putt',
  applies: all(sandFirm, shorterThan(toMetres(35, 'yd'), fact('unfit.tooFarToPutt')), (shot) =>
    puttFault(puttGround(shot), shot.burial),
  ),
  clubs: (club) => club.type === 'putter',
  faceDeg: () => [0],
  entry: () => [0],
  fraction: [0.05, 1],
  feetWithPath: 0,
  stanceWidth: 0.9,
  dig: 0,
  handleLoweredDeg: 0,
  weightLead: 0.55,
  finish: 'short',
  fuss: 0.1,
};
