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

/** Sines and cosines of a club held so, which all of its swings share. */
export interface Posture {
  opening: number;
  loftCos: number;
  loftSin: number;
  bounceCos: number;
  bounceSin: number;
  lieCos: number;
  lieSin: number;
  loweredCos: number;
  loweredSin: number;
  leanCos: number;
  leanSin: number;
}

/** A vector of the head: x along its path, y towards the player's side, z up. */
interface Vector {
  x: number;
  y: number;
  z: number;
}

/**
 * Rotates a vector lying in the x-z plane about the shaft by -opening, of which cosine and sine are c and -s (Rodrigues'
 * formula), then about x by -handleLowered, then about y by +shaftLean.
 */
function held(x: number, z: number, posture: Posture, c: number, s: number): Vector {
  const { lieCos, lieSin, loweredCos, loweredSin, leanCos, leanSin } = posture;
  const along = lieSin * z * (1 - c);
  const x1 = x * c + lieCos * z * s;
  const y1 = lieSin * x * s + lieCos * along;
  const z1 = z * c - lieCos * x * s + lieSin * along;
  const y2 = y1 * loweredCos + z1 * loweredSin;
  const z2 = z1 * loweredCos - y1 * loweredSin;
  return { x: x1 * leanCos + z2 * leanSin, y: y2, z: z2 * leanCos - x1 * leanSin };
}

/** Works out what all swings of a club held so share; loft, bounce and lie in radians. */
export const postureOf = (
  club: { loft: number; bounce: number; lie: number },
  hold: Hold,
): Posture => ({
  opening: hold.opening,
  loftCos: Math.cos(club.loft),
  loftSin: Math.sin(club.loft),
  bounceCos: Math.cos(club.bounce),
  bounceSin: Math.sin(club.bounce),
  lieCos: Math.cos(club.lie),
  lieSin: Math.sin(club.lie),
  loweredCos: Math.cos(hold.handleLowered),
  loweredSin: Math.sin(hold.handleLowered),
  leanCos: Math.cos(hold.shaftLean),
  leanSin: Math.sin(hold.shaftLean),
});

/**
 * Normals of face and sole of a club held so. Rigid-body rotation: to first order opening adds
 * `opening * cos(lie)` to loft and to bounce; a lower handle turns the azimuth of an opened face into loft.
 *
 * @param moreOpen error of the face, open positive, radians
 */
export function normalsOf(posture: Posture, moreOpen: number): HeadNormals {
  const c = Math.cos(posture.opening + moreOpen);
  const s = -Math.sin(posture.opening + moreOpen);
  const { x: faceX, y: faceY, z: faceZ } = held(posture.loftCos, posture.loftSin, posture, c, s);
  const { x: soleX, z: soleZ } = held(posture.bounceSin, -posture.bounceCos, posture, c, s);
  return { faceX, faceY, faceZ, soleX, soleZ };
}

/** {@link normalsOf} a club in radians for one swing. */
export const headNormals = (
  club: { loft: number; bounce: number; lie: number },
  hold: Hold,
  moreOpen = 0,
): HeadNormals => normalsOf(postureOf(club, hold), moreOpen);

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
