/* Made by `npm run kernel` from the model and scripts/lanes; not edited by hand. */

import type { Footing } from '@/core/model/spread/footing';

import type { Intent } from '@/core/model/shot/strike';

import type { Ahead } from '@/core/model/shot/ahead';

import type { Stakes } from '@/core/model/shot/stakes';

/** The kernel's memory, as numbers and as masks. */
export interface Memory {
  numbers: Float32Array;
  masks: Int32Array;
}

/** Writes a number for one of four balls or, below 0, for all. */
function put(into: Float32Array | Int32Array, at: number, value: number, lane: number): void {
  if (lane >= 0) {
    into[at + lane] = value;
    return;
  }
  into[at] = value;
  into[at + 1] = value;
  into[at + 2] = value;
  into[at + 3] = value;
}

/** Where the numbers of its Footing stand. */
export const FOOTING = { ground: 652, speed: 656, face: 660 } as const;

/** Hands the kernel its Footing, for one of four balls or, below 0, for all. */
export function putFooting(memory: Memory, from: Footing, lane = -1): void {
  put(memory.numbers, 652, from.ground, lane);
  put(memory.numbers, 656, from.speed, lane);
  put(memory.numbers, 660, from.face, lane);
}

/** Where the numbers of its Intent stand. */
export const INTENT = { speed: 664 } as const;

/** Hands the kernel its Intent, for one of four balls or, below 0, for all. */
export function putIntent(memory: Memory, from: Intent, lane = -1): void {
  put(memory.numbers, 664, from.speed, lane);
  put(memory.numbers, 676, from.delivery.path, lane);
  put(memory.numbers, 680, from.delivery.attack, lane);
  put(memory.numbers, 684, from.delivery.lift, lane);
  put(memory.numbers, 688, from.posture.opening, lane);
  put(memory.numbers, 692, from.posture.loftCos, lane);
  put(memory.numbers, 696, from.posture.loftSin, lane);
  put(memory.numbers, 700, from.posture.bounceSin, lane);
  put(memory.numbers, 704, from.posture.bounceCos, lane);
  put(memory.numbers, 708, from.posture.lieCos, lane);
  put(memory.numbers, 712, from.posture.lieSin, lane);
  put(memory.numbers, 716, from.posture.loweredCos, lane);
  put(memory.numbers, 720, from.posture.loweredSin, lane);
  put(memory.numbers, 724, from.posture.leanCos, lane);
  put(memory.numbers, 728, from.posture.leanSin, lane);
  put(memory.numbers, 732, from.bed.burial, lane);
  put(memory.numbers, 736, from.bed.along, lane);
  put(memory.numbers, 740, from.bed.across, lane);
  put(memory.numbers, 748, from.bed.sand.cushionDepth, lane);
  put(memory.numbers, 752, from.bed.sand.cushionRestitution, lane);
  put(memory.numbers, 756, from.bed.sand.faceShear, lane);
  put(memory.numbers, 760, from.bed.sand.density, lane);
  put(memory.numbers, 764, from.bed.sand.strength, lane);
  put(memory.numbers, 768, from.bed.sand.stiffness, lane);
  put(memory.numbers, 772, from.bed.sand.soleDrag, lane);
  put(memory.numbers, 776, from.bed.sand.baseStiffness, lane);
  put(memory.numbers, 780, from.bed.sand.baseDepth, lane);
  put(memory.numbers, 784, from.bed.sand.friction, lane);
  put(memory.numbers, 788, from.bed.sand.faceDrag, lane);
  put(memory.numbers, 796, from.setup.club.headMass, lane);
  put(memory.numbers, 800, from.shape[0].share, lane);
  put(memory.numbers, 804, from.shape[0].width, lane);
  put(memory.numbers, 808, from.shape[0].behind, lane);
  put(memory.numbers, 812, from.shape[0].bulge, lane);
  put(memory.numbers, 816, from.shape[0].level, lane);
  put(memory.numbers, 820, from.shape[0].steep, lane);
  put(memory.numbers, 824, from.shape[1].share, lane);
  put(memory.numbers, 828, from.shape[1].width, lane);
  put(memory.numbers, 832, from.shape[1].behind, lane);
  put(memory.numbers, 836, from.shape[1].bulge, lane);
  put(memory.numbers, 840, from.shape[1].level, lane);
  put(memory.numbers, 844, from.shape[1].steep, lane);
  put(memory.numbers, 848, from.shape[2].share, lane);
  put(memory.numbers, 852, from.shape[2].width, lane);
  put(memory.numbers, 856, from.shape[2].behind, lane);
  put(memory.numbers, 860, from.shape[2].bulge, lane);
  put(memory.numbers, 864, from.shape[2].level, lane);
  put(memory.numbers, 868, from.shape[2].steep, lane);
}

/** Where the numbers of its Ahead stand. */
export const AHEAD = {
  lipHeight: 872,
  lipDistance: 876,
  holeX: 880,
  holeY: 884,
  away: 888,
  back: 892,
  edge: 896,
  halfWidth: 900,
  awayShare: 904,
  pastShare: 908,
} as const;

/** Hands the kernel its Ahead, for one of four balls or, below 0, for all. */
export function putAhead(memory: Memory, from: Ahead, lane = -1): void {
  put(memory.numbers, 872, from.lipHeight, lane);
  put(memory.numbers, 876, from.lipDistance, lane);
  put(memory.numbers, 880, from.holeX, lane);
  put(memory.numbers, 884, from.holeY, lane);
  put(memory.masks, 888, from.away ? -1 : 0, lane);
  put(memory.numbers, 892, from.back, lane);
  put(memory.numbers, 896, from.edge, lane);
  put(memory.numbers, 900, from.halfWidth, lane);
  put(memory.numbers, 904, from.awayShare, lane);
  put(memory.numbers, 908, from.pastShare, lane);
  put(memory.numbers, 916, from.wind.x, lane);
  put(memory.numbers, 920, from.wind.y, lane);
  put(memory.numbers, 924, from.turf.slopeCos, lane);
  put(memory.numbers, 928, from.turf.slopeSin, lane);
  put(memory.numbers, 932, from.turf.tilt, lane);
  put(memory.numbers, 936, from.turf.drag, lane);
  put(memory.numbers, 940, from.turf.pull, lane);
}

/** Where the numbers of its Stakes stand. */
export const STAKES = { clear: 944, hazard: 948, again: 952 } as const;

/** Hands the kernel its Stakes, for one of four balls or, below 0, for all. */
export function putStakes(memory: Memory, from: Stakes, lane = -1): void {
  put(memory.numbers, 944, from.clear, lane);
  put(memory.numbers, 948, from.hazard, lane);
  put(memory.numbers, 952, from.again, lane);
  put(memory.numbers, 960, from.game.chipping, lane);
  put(memory.numbers, 964, from.game.holing, lane);
  put(memory.numbers, 968, from.game.threePutting, lane);
  put(memory.numbers, 972, from.game.sandAgain, lane);
  put(memory.numbers, 976, from.ground.green, lane);
  put(memory.numbers, 980, from.ground.fairway, lane);
  put(memory.numbers, 984, from.ground.rough, lane);
  put(memory.numbers, 988, from.ground.sand, lane);
  put(memory.numbers, 992, from.ground.besides, lane);
  put(memory.numbers, 996, from.past.green, lane);
  put(memory.numbers, 1000, from.past.fairway, lane);
  put(memory.numbers, 1004, from.past.rough, lane);
  put(memory.numbers, 1008, from.past.sand, lane);
  put(memory.numbers, 1012, from.past.besides, lane);
}
