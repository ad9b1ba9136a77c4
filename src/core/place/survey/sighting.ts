import { radians } from '@/core/ground/units/angle';
import { check } from '@/core/contract/check/fault';
import {
  exactObject,
  formatFields,
  numberField,
  required,
  wordField,
  lengthOf,
  listField,
  type Of,
} from '@/core/contract/check/fields';
import { uuidField } from '@/core/contract/check/ids';
import { towardBearing } from '../outline/direction';
import type { Point } from '../outline/ring';

/* What a rangefinder with a tilt, and a rod that is dropped, send: a JSON object a line. */

export const SIGHTING_FORMAT = 'mellow-divot/sighting';
export const DROPS_FORMAT = 'mellow-divot/sand-drops';

/** What was aimed at. */
export const AIMED_AT = ['corner', 'lip', 'floor', 'flag'] as const;

/** Farthest that a rangefinder reads, m. */
const FARTHEST = 400;

export const sightingSchema = exactObject(
  {
    ...formatFields(SIGHTING_FORMAT, 1),
    id: required(uuidField),
    at: wordField(AIMED_AT),
    /** Clockwise from north. */
    bearing_deg: required(numberField(0, 360, 'deg')),
    /** Above level positive. */
    slope_deg: required(numberField(-60, 60, 'deg')),
  },
  { lengths: { distance: { low: 0.5, high: FARTHEST, required: true } } },
);

export const dropsSchema = exactObject({
  ...formatFields(DROPS_FORMAT, 1),
  id: required(uuidField),
  depths_mm: required(listField(required(numberField(1, 500, 'mm')), 3, 20)),
});

/** A point that was sighted, from where the coach stands: m to the east, to the north and up. */
export interface Sighted {
  id: string;
  at: (typeof AIMED_AT)[number];
  point: Point;
  up: number;
  /** Standard uncertainty of the point on the ground, and of its height, m. */
  spread: number;
  upSpread: number;
}

/** Standard uncertainties of a rangefinder with a tilt as makers give them: m, degrees of bearing, degrees of tilt. */
const RANGE_SPREAD = 0.3;
const BEARING_SPREAD = 1.5;
const TILT_SPREAD = 0.3;

/**
 * Reads one line of a rangefinder.
 *
 * @throws FaultyInput naming field, value and what is allowed
 */
export function readSighting(input: unknown): Sighted {
  const line = check(sightingSchema, input);
  const distance = lengthOf(line, 'distance')!;
  const level = distance * Math.cos(radians(line.slope_deg));
  const [ux, uy] = towardBearing(line.bearing_deg);
  return {
    id: line.id,
    at: line.at ?? 'corner',
    point: [level * ux, level * uy],
    up: distance * Math.sin(radians(line.slope_deg)),
    spread: Math.hypot(RANGE_SPREAD, level * radians(BEARING_SPREAD)) / Math.SQRT2,
    upSpread: Math.hypot(
      RANGE_SPREAD * Math.sin(radians(line.slope_deg)),
      level * radians(TILT_SPREAD),
    ),
  };
}

/** Reads one line of a sand probe: the depths of its drops, m. Throws FaultyInput. */
export const readDrops = (input: unknown): { id: string; depths: number[] } => {
  const { id, depths_mm } = check(dropsSchema, input);
  return { id, depths: depths_mm.map((depth) => depth / 1000) };
};

export type Measure = Of<typeof sightingSchema> | Of<typeof dropsSchema>;

/** Checks a line of either device. Throws FaultyInput. */
export function readMeasure(input: unknown): Measure {
  const { format } = Object(input) as { format?: unknown };
  return format === DROPS_FORMAT ? check(dropsSchema, input) : check(sightingSchema, input);
}
