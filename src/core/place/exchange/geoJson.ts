import { pointOf, ringOf, type Area, type Bunker, type GreenOn, type Place } from '../record/place';
import type { Point } from '../outline/ring';
import { earthlyAt, type Earthly, type OnEarth } from './onEarth';

/* A place as GeoJSON (RFC 7946): what any map program draws, with everything else of the place in the properties. */

interface Feature {
  type: 'Feature';
  geometry: { type: string; coordinates: unknown };
  properties: Record<string, unknown>;
}

export interface GeoJson {
  type: 'FeatureCollection';
  /** What is of the whole place. */
  mellow_divot: object;
  features: Feature[];
}

/** Where a place whose peg nobody has put on the earth is drawn. */
export const NOWHERE = { latitude: 0, longitude: 0 };

/** A ring of the earth, closed and counter-clockwise as RFC 7946 asks. */
function polygon(ring: Point[], { toEarth }: Earthly): Feature['geometry'] {
  const earth = ring.map(toEarth);
  return { type: 'Polygon', coordinates: [[...earth, earth[0]]] };
}

const points = (
  list: readonly { x_m: number; y_m: number }[],
  { toEarth }: Earthly,
): Feature['geometry'] => ({
  type: 'MultiPoint',
  coordinates: list.map((each) => toEarth(pointOf(each))),
});

function bunkerFeatures({ id, outline, spots, rests, ...bunker }: Bunker, on: Earthly): Feature[] {
  const features: Feature[] = [
    {
      type: 'Feature',
      geometry: polygon(ringOf(outline), on),
      properties: {
        kind: 'bunker',
        id,
        ...bunker,
        lip_m: outline.map(({ lip_m }) => lip_m),
        overhang_m: outline.map(({ overhang_m = null }) => overhang_m),
      },
    },
  ];
  if (spots.length > 0) {
    const heights = spots.map(({ z_m }) => z_m);
    features.push({
      type: 'Feature',
      geometry: points(spots, on),
      properties: { kind: 'floor', bunker: id, z_m: heights },
    });
  }
  if (rests.length > 0) {
    features.push({
      type: 'Feature',
      geometry: points(rests, on),
      properties: { kind: 'rests', bunker: id },
    });
  }
  return features;
}

function greenFeatures({ outline, flags, ...green }: GreenOn, on: Earthly): Feature[] {
  return [
    {
      type: 'Feature',
      geometry: polygon(ringOf(outline), on),
      properties: { kind: 'green', ...green },
    },
    ...flags.map(({ id, name, cut, ...at }): Feature => ({
      type: 'Feature',
      geometry: { type: 'Point', coordinates: on.toEarth(pointOf(at)) },
      properties: { kind: 'flag', id, name, green: green.id, ...(cut ? { cut } : {}) },
    })),
  ];
}

const areaFeature = ({ outline, ...area }: Area, on: Earthly): Feature => ({
  type: 'Feature',
  geometry: polygon(ringOf(outline), on),
  properties: { ...area },
});

/** Everything of a place as GeoJSON; a place without a known peg lies about 0 degrees north and east. */
export function placeToGeoJson(place: Place): GeoJson {
  const { bunkers, greens, areas, anchor, ...whole } = place;
  const on = earthlyAt(anchor ?? NOWHERE);
  return {
    type: 'FeatureCollection',
    mellow_divot: { ...whole, ...(anchor ? { anchor } : {}) },
    features: [
      ...bunkers.flatMap((bunker) => bunkerFeatures(bunker, on)),
      ...greens.flatMap((green) => greenFeatures(green, on)),
      ...areas.map((area) => areaFeature(area, on)),
    ],
  };
}

export type { OnEarth };
