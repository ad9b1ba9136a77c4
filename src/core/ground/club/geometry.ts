import { clamp } from '../numeric/soft';

/** How the club is held at address, radians: opening +, handle lowered +, shaft leaning to the target +. */
export interface Hold {
  opening: number;
  handleLowered: number;
  shaftLean: number;
}

/**
 * Outward unit normals of face and sole. Axes: x along the path of the head, y towards a right-handed
 * player's side, z up. Left-handers are mirrored at the boundary of the product, nowhere else.
 */
export interface HeadNormals {
  faceX: number;
  faceY: number;
  faceZ: number;
  soleX: number;
  soleZ: number;
}

/**
 * Rotates a vector lying in the x-z plane about the shaft by -opening (Rodrigues' formula), then about x by
 * -handleLowered, then about y by +shaftLean.
 */
function held(
  x: number,
  z: number,
  lie: number,
  hold: Hold,
  moreOpen: number,
): { x: number; y: number; z: number } {
  const c = Math.cos(hold.opening + moreOpen);
  const s = -Math.sin(hold.opening + moreOpen);
  const ky = Math.cos(lie);
  const kz = Math.sin(lie);
  const along = kz * z * (1 - c);
  const x1 = x * c + ky * z * s;
  const y1 = kz * x * s + ky * along;
  const z1 = z * c - ky * x * s + kz * along;

  const ch = Math.cos(hold.handleLowered);
  const sh = Math.sin(hold.handleLowered);
  const y2 = y1 * ch + z1 * sh;
  const z2 = z1 * ch - y1 * sh;

  const cl = Math.cos(hold.shaftLean);
  const sl = Math.sin(hold.shaftLean);
  return { x: x1 * cl + z2 * sl, y: y2, z: z2 * cl - x1 * sl };
}

/**
 * Normals of face and sole of a club held so. Rigid-body rotation: to first order opening adds
 * `opening * cos(lie)` to loft and to bounce; a lower handle turns the azimuth of an opened face into loft.
 *
 * @param club loft, bounce and lie in radians
 * @param hold how it is held
 * @param moreOpen error of the face, open positive, radians
 */
export function headNormals(
  club: { loft: number; bounce: number; lie: number },
  hold: Hold,
  moreOpen = 0,
): HeadNormals {
  const face = held(Math.cos(club.loft), Math.sin(club.loft), club.lie, hold, moreOpen);
  const sole = held(Math.sin(club.bounce), -Math.cos(club.bounce), club.lie, hold, moreOpen);
  return { faceX: face.x, faceY: face.y, faceZ: face.z, soleX: sole.x, soleZ: sole.z };
}

/**
 * Effective (dynamic) loft: elevation of the face normal, radians.
 *
 * @example
 * const club = { loft: 0.98, bounce: 0.2, lie: 1.1 };
 * const square = { opening: 0, handleLowered: 0, shaftLean: 0 };
 * effectiveLoft(headNormals(club, square)).toFixed(2); // => '0.98'
 * effectiveLoft(headNormals(club, { ...square, opening: 0.3 })) > 0.98; // => true
 */
export const effectiveLoft = (head: HeadNormals): number => Math.asin(clamp(head.faceZ, -1, 1));

/** Where the face points, radians from the path, towards the player's side positive. */
export const faceAzimuth = (head: HeadNormals): number => Math.atan2(head.faceY, head.faceX);

/** Effective bounce: angle of the sole below level along the path, radians. */
export const effectiveBounce = (head: HeadNormals): number => Math.atan2(head.soleX, -head.soleZ);
