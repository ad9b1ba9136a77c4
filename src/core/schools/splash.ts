import type { Club } from '../club/club';
import type { School } from './school';

const wedges = (club: Club): boolean => club.type === 'wedge';

/** A floor on the mark: nearer than this the club is as likely to meet the ball as the sand. */
const SPLASH_ENTRY = { low: 0.025, high: 0.06, tries: [0.03, 0.04, 0.05] } as const;

/** The three ways of aiming a greenside splash. Set-ups are the middles of the ranges that each school teaches. */
export const SPLASH_SCHOOLS: readonly School[] = [
  {
    id: 'across',
    name: 'feet open, swing along them',
    kind: 'splash',
    technique: 'splash',
    clubs: wedges,
    faceDeg: { low: 10, high: 45, tries: [15, 25, 35, 45] },
    entry: SPLASH_ENTRY,
    feetWithPath: 1,
    mostAimDeg: 30,
    stanceWidth: 1.25,
    dig: 0.02,
    handleLoweredDeg: 4,
    shaftLeanDeg: 0,
    weightLead: 0.62,
    fuss: 1,
  },
  {
    id: 'parallel',
    name: 'feet along the line, face only as open as height asks',
    kind: 'splash',
    technique: 'splash',
    clubs: wedges,
    faceDeg: { low: 0, high: 22, tries: [0, 10, 18] },
    entry: SPLASH_ENTRY,
    feetWithPath: 0,
    mostAimDeg: 6,
    stanceWidth: 1.25,
    dig: 0.02,
    handleLoweredDeg: 8,
    shaftLeanDeg: 0,
    weightLead: 0.6,
    fuss: 0.5,
  },
  {
    id: 'neutral-release',
    name: 'near square, the head passes the hands',
    kind: 'splash',
    technique: 'splash',
    clubs: wedges,
    faceDeg: { low: 0, high: 10, tries: [0, 6] },
    entry: SPLASH_ENTRY,
    feetWithPath: 0.5,
    mostAimDeg: 8,
    stanceWidth: 1.15,
    dig: 0.02,
    handleLoweredDeg: 2,
    shaftLeanDeg: -3,
    weightLead: 0.6,
    fuss: 0.3,
  },
];
