import type { Club, ClubType } from './club';
import { bulgeAt } from './sole';

/** A point of a section through a club head, m: x towards the target, z up; the leading edge is the origin. */
export interface ProfilePoint {
  x: number;
  z: number;
}

/** Section of a club head in the plane of the swing, as it is held. */
export interface ClubProfile {
  /** Closed outline: leading edge, up the face, over the top, down the back, along the sole. */
  outline: ProfilePoint[];
  /** Sole alone, from trailing to leading edge. */
  sole: ProfilePoint[];
  /** Top of the face. */
  top: ProfilePoint;
  trailing: ProfilePoint;
  /** How high the leading edge stands when the sole rests on level ground, m. */
  edgeHeight: number;
}

/** Height of the face along it and thickness at its top, m: middling of the trade, for drawing only. */
const FACE_HEIGHT: Record<ClubType, number> = {
  wedge: 0.056,
  iron: 0.05,
  hybrid: 0.037,
  wood: 0.042,
  putter: 0.026,
};
const TOP_THICKNESS = 0.006;

const SOLE_POINTS = 12;

/**
 * Section of a head for drawing, to scale, from what the model knows of a club: loft, bounce, width and roundness of the
 * sole. The sole is a parabola between its edges; loft and bounce as delivered are given when the club is held open.
 *
 * @param club the club
 * @param held effective loft and bounce, radians; as built when absent
 */
export function profileOf(
  club: Pick<Club, 'type' | 'loft' | 'bounce' | 'sole' | 'camber'>,
  held: { loft: number; bounce: number } = club,
): ClubProfile {
  const { sole: width, camber } = club;
  const back = { x: -Math.cos(held.bounce), z: -Math.sin(held.bounce) };
  const down = { x: -back.z, z: back.x };
  const sole: ProfilePoint[] = [];
  for (let i = 0; i <= SOLE_POINTS; i++) {
    const u = 1 - i / SOLE_POINTS;
    const bulge = width * bulgeAt(camber, u);
    sole.push({
      x: back.x * width * u + down.x * bulge,
      z: back.z * width * u + down.z * bulge,
    });
  }
  const height = FACE_HEIGHT[club.type];
  const top = { x: -Math.sin(held.loft) * height, z: Math.cos(held.loft) * height };
  const rear = {
    x: top.x - Math.cos(held.loft) * TOP_THICKNESS,
    z: top.z - Math.sin(held.loft) * TOP_THICKNESS,
  };
  const trailing = sole[0]!;
  // The back runs from the top line down to the trailing edge, hollow where a blade is thin.
  const waist = {
    x: rear.x * 0.45 + trailing.x * 0.35,
    z: rear.z * 0.38 + Math.max(0, trailing.z) * 0.3,
  };
  const outline = [{ x: 0, z: 0 }, top, rear, waist, ...sole.slice(0, -1)];
  return { outline, sole, top, trailing, edgeHeight: -Math.min(...sole.map(({ z }) => z)) };
}
