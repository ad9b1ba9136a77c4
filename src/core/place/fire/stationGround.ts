import type { Hand } from '@/core/ground/player/player';
import {
  exactObject,
  flagField,
  listField,
  numberField,
  required,
  wordField,
  type Of,
} from '@/core/contract/check/fields';
import { uuidField } from '@/core/contract/check/ids';
import type { ShotInput } from '@/core/contract/shot/shot';
import { fineRing } from '../outline/curved';
import { apart, type Point } from '../outline/ring';
import {
  AREA_KINDS,
  FARTHEST,
  MOST_CORNERS,
  placeIdField,
  pointOf,
  ringOf,
  type Place,
} from '../record/place';
import type { Lying } from '../sight/drawnPlace';
import type { Spot } from '../sight/sight';

/** Outlines that are taken along with a station, nearest first, and how far from its ball the furthest begins, m. */
const MOST_OUTLINES = 16;
const NEAR = 70;

const pointSchema = exactObject({
  x_m: required(numberField(-FARTHEST, FARTHEST, 'm')),
  y_m: required(numberField(-FARTHEST, FARTHEST, 'm')),
});

const LYING: readonly Lying[] = ['sand', 'green', ...AREA_KINDS];

/** Where a station lies on drawn ground, with the ground about it as it was when the lesson was planned. */
export const stationGroundSchema = exactObject({
  place: required(uuidField),
  bunker: required(placeIdField),
  green: required(placeIdField),
  flag: required(placeIdField),
  ball: required(pointSchema),
  hole: required(pointSchema),
  outlines: required(
    listField(
      exactObject({
        lying: required(wordField(LYING)),
        curved: required(flagField()),
        corners: required(listField(pointSchema, 3, MOST_CORNERS)),
      }),
      0,
      MOST_OUTLINES,
    ),
  ),
});

export type StationGround = Of<typeof stationGroundSchema>;

/** Where a spot of a place lies, for a station. */
export function groundOfStation(
  id: string,
  place: Place,
  { bunker, green, flag, ball }: Spot,
): StationGround {
  const shapes = [
    ...place.areas.map(({ kind, curved, outline }) => ({ lying: kind as Lying, curved, outline })),
    ...place.greens.map(({ curved, outline }) => ({ lying: 'green' as Lying, curved, outline })),
    ...place.bunkers.map(({ curved, outline }) => ({ lying: 'sand' as Lying, curved, outline })),
  ];
  const far = (ring: readonly { x_m: number; y_m: number }[]): number =>
    Math.min(...ringOf(ring).map((corner) => apart(corner, ball)));
  const near = shapes
    .map((shape) => ({ shape, away: far(shape.outline) }))
    .filter(({ away }) => away < NEAR)
    .sort((a, b) => a.away - b.away)
    .slice(0, MOST_OUTLINES)
    .map(({ shape }) => shape);
  return {
    place: id,
    bunker: bunker.id,
    green: green.id,
    flag: flag.id,
    ball: { x_m: ball[0], y_m: ball[1] },
    hole: { x_m: flag.x_m, y_m: flag.y_m },
    // What lies over others comes last, as it is drawn.
    outlines: shapes
      .filter((shape) => near.includes(shape))
      .map(({ lying, curved, outline }) => ({
        lying,
        curved,
        corners: outline.map(({ x_m, y_m }) => ({ x_m, y_m })),
      })),
  };
}

/** A point of the ground as it lies from a station's ball: along the line to the flag, and to the right of it, m. */
export function fromBall(
  { ball, hole }: Pick<StationGround, 'ball' | 'hole'>,
  [east, north]: Point,
): { along: number; right: number } {
  const [bx, by] = pointOf(ball);
  const [hx, hy] = pointOf(hole);
  const pin = Math.hypot(hx - bx, hy - by);
  const [ux, uy] = [(hx - bx) / pin, (hy - by) / pin];
  const [dx, dy] = [east - bx, north - by];
  return { along: dx * ux + dy * uy, right: dx * uy - dy * ux };
}

/** The outlines about a station as they lie from its ball, in fine pieces. */
export const outlinesFromBall = (
  ground: StationGround,
): { lying: Lying; ring: { along: number; right: number }[] }[] =>
  ground.outlines.map(({ lying, curved, corners }) => ({
    lying,
    ring: fineRing(ringOf(corners), curved).ring.map((point) => fromBall(ground, point)),
  }));

/** The shot of a station for a hand: on drawn ground a ball above a right-hander's feet is below a left-hander's. */
export function shotForHand(
  shot: ShotInput,
  ground: StationGround | undefined,
  handed: Hand,
): ShotInput {
  const across = shot.slope?.across_deg;
  if (!ground || handed === 'right' || !across) return shot;
  return { ...shot, slope: { ...shot.slope, across_deg: -across } };
}
