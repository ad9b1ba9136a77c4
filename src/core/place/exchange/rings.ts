import { fact, type Fact } from '@/core/ground/fact/fact';
import { quoted } from '@/core/contract/check/fault';
import { apart, areaOf, type Ring } from '../outline/ring';
import { MOST_BUNKERS } from '../record/place';
import { refuse, type Read } from './features';
import type { Earthly, OnEarth } from './onEarth';

/* Points and rings of a feature, from the earth to the ground. */

/** Points nearer to each other than this are one point, m. */
const SAME_POINT = 0.01;

const isOnEarth = (value: unknown): value is OnEarth =>
  Array.isArray(value) &&
  value.length >= 2 &&
  value.slice(0, 2).every((each) => typeof each === 'number' && Number.isFinite(each)) &&
  Math.abs(value[0] as number) <= 180 &&
  Math.abs(value[1] as number) <= 90;

/** Points of a feature on the earth; refuses what is none, and too many. */
export function earthPoints(value: unknown, path: string, most: number): OnEarth[] {
  if (!Array.isArray(value) || value.length === 0) return refuse(path, fact('geoJson.notPoints'));
  if (value.length > most)
    return refuse(path, fact('geoJson.mostPoints', { most, value: value.length }));
  return value.map((each: unknown, i) =>
    isOnEarth(each)
      ? [each[0], each[1]]
      : refuse(`${path}[${i}]`, fact('geoJson.notAPoint', { each: quoted(each) })),
  );
}

/** Most points of a ring that is read; what is left of it must still be an outline of the format. */
export const MOST_POINTS = 1000;

/** The outer ring of a polygon, or of the largest of several, as it stands in the file. */
export function earthRing({ geometry, path }: Read, mended: Fact[]): OnEarth[] {
  const at = `${path}.geometry.coordinates`;
  const rings = (value: unknown): OnEarth[] => {
    if (!Array.isArray(value)) return refuse(at, fact('geoJson.notRings'));
    if (value.length > 1) mended.push(fact('geoJson.holesLeftOut', { path }));
    return earthPoints(value[0], at, MOST_POINTS);
  };
  if (geometry.type === 'Polygon') return rings(geometry.coordinates);
  if (geometry.type === 'MultiPolygon' && Array.isArray(geometry.coordinates)) {
    const parts = geometry.coordinates.slice(0, MOST_BUNKERS).map(rings);
    if (parts.length > 1) mended.push(fact('geoJson.largestKept', { path, parts: parts.length }));
    return parts.sort((a, b) => areaOf(b) - areaOf(a))[0] ?? refuse(at, fact('geoJson.noPolygon'));
  }
  return refuse(
    `${path}.geometry.type`,
    fact('geoJson.notAPolygon', { type: quoted(geometry.type) }),
  );
}

/** A ring on the ground without its closing point and without points that stand twice, and which points were kept. */
export function groundRing(
  read: Read,
  { toGround }: Earthly,
  mended: Fact[],
): { ring: Ring; kept: number[] } {
  const earth = earthRing(read, mended);
  const [first] = earth;
  const last = earth.at(-1)!;
  const open = first![0] === last[0] && first![1] === last[1] ? earth.slice(0, -1) : earth;
  if (open.length === earth.length) mended.push(fact('geoJson.closed', { path: read.path }));
  const ring: Ring = [];
  const kept: number[] = [];
  open.map(toGround).forEach((point, i) => {
    const before = ring.at(-1);
    if (before && apart(before, point) < SAME_POINT) return;
    ring.push(point);
    kept.push(i);
  });
  if (ring.length < open.length) {
    mended.push(
      fact('geoJson.repeatedPoints', { path: read.path, points: open.length - ring.length }),
    );
  }
  return { ring, kept };
}
