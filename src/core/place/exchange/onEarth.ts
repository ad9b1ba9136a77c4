import proj4 from 'proj4';
import type { Point } from '../outline/ring';
import type { Place } from '../record/place';

/** Longitude and latitude, WGS84, degrees. */
export type OnEarth = [longitude: number, latitude: number];

/** Ground to the earth and back. */
export interface Earthly {
  toEarth: (point: Point) => OnEarth;
  toGround: (at: OnEarth) => Point;
}

const WGS84 = '+proj=longlat +datum=WGS84 +no_defs';

/** Coordinates are written to a tenth of a millimetre, and read to a millimetre. */
const DECIMALS = 9;
const MILLIMETRES = 1000;

const rounded = (value: number, by: number): number => Math.round(value * by) / by + 0;

/**
 * The ground about a peg on the earth: a transverse Mercator projection through the peg, true to a millimetre over a golf course.
 *
 * @example
 * const { toEarth, toGround } = earthlyAt({ latitude: 51, longitude: 7 });
 * toGround(toEarth([120, -40])); // => [120, -40]
 */
export function earthlyAt({ latitude, longitude }: NonNullable<Place['anchor']>): Earthly {
  const ground = `+proj=tmerc +lat_0=${latitude} +lon_0=${longitude} +k=1 +x_0=0 +y_0=0 +datum=WGS84 +units=m +no_defs`;
  const between = proj4(WGS84, ground);
  return {
    toEarth: (point) =>
      between.inverse([...point]).map((each) => rounded(each, 10 ** DECIMALS)) as OnEarth,
    toGround: (at) => between.forward([...at]).map((each) => rounded(each, MILLIMETRES)) as Point,
  };
}
