import { t } from '@/core/ground/language/t';
import type { Point } from '../outline/ring';
import { AREA_KINDS, emptyPlace, FARTHEST, readPlace, type Place } from '../record/place';
import { isRecord, readFeatures, refuse, type Read } from './features';
import { NOWHERE } from './geoJson';
import { earthlyAt, type Earthly } from './onEarth';
import { earthPoints, earthRing, groundRing, MOST_POINTS } from './rings';

/** A place that was read, and what was put right in it, in words. */
export interface ReadGround {
  place: Place;
  mended: string[];
}

/** A lip that a file of another program does not say, m. */
const UNSAID_LIP = 0.5;

/** Standard uncertainty of an outline of another program's file, and of the lips that it does not say, m. */
const FILE_SPREAD = 1;
const UNSAID_LIP_SPREAD = 0.5;

/** A number for each corner, from a list in the properties or the same for all. */
const perCorner = (value: unknown, kept: readonly number[], other: unknown): unknown[] =>
  kept.map((i) => (Array.isArray(value) ? (value[i] ?? other) : (value ?? other)));

const corner = ([x_m, y_m]: Point): { x_m: number; y_m: number } => ({ x_m, y_m });

const nameOf = ({ properties }: Read, other: string): unknown => properties.name ?? other;

/** An id of a shape: its own where it has a usable one, else its kind and number. */
const idOf = ({ properties }: Read, other: string): unknown =>
  typeof properties.id === 'string' ? properties.id : other;

const MEASURED = { how: 'file', spread_m: FILE_SPREAD, lip_spread_m: UNSAID_LIP_SPREAD };

function bunkerFrom(read: Read, n: number, all: readonly Read[], on: Earthly, mended: string[]) {
  const { properties } = read;
  const { ring, kept } = groundRing(read, on, mended);
  const id = idOf(read, `bunker-${n}`);
  if (properties.lip_m === undefined) {
    mended.push(
      t('{path}: no lip is given; {lip} m all round until you measure it', {
        path: read.path,
        lip: UNSAID_LIP,
      }),
    );
  }
  const lips = perCorner(properties.lip_m, kept, UNSAID_LIP);
  const overhangs = perCorner(properties.overhang_m, kept, null);
  const about = (kind: string): Read | undefined =>
    all.find((each) => each.kind === kind && each.properties.bunker === id);
  const ground = (found: Read | undefined): Point[] =>
    found
      ? earthPoints(
          found.geometry.coordinates,
          `${found.path}.geometry.coordinates`,
          MOST_POINTS,
        ).map(on.toGround)
      : [];
  const floor = about('floor');
  const heights = floor?.properties.z_m;
  return {
    id,
    name: nameOf(read, t('Bunker {n}', { n })),
    curved: properties.curved ?? false,
    outline: ring.map((point, i) => ({
      ...corner(point),
      lip_m: lips[i],
      ...(overhangs[i] === null ? {} : { overhang_m: overhangs[i] }),
    })),
    floor: properties.floor ?? { tilt_deg: 0, uphill_deg: 0 },
    spots: ground(floor).map((point, i) => ({
      ...corner(point),
      z_m: Array.isArray(heights) ? (heights as unknown[])[i] : undefined,
    })),
    sand: properties.sand ?? [],
    rests: ground(about('rests')).map(corner),
    measured: properties.measured ?? MEASURED,
  };
}

function greenFrom(read: Read, n: number, all: readonly Read[], on: Earthly, mended: string[]) {
  const { properties } = read;
  const id = idOf(read, `green-${n}`);
  const stimp = Object.entries(properties).filter(([key]) => key.startsWith('stimp_'));
  const flags = all.filter((each) => each.kind === 'flag' && each.properties.green === id);
  return {
    id,
    name: nameOf(read, t('Green {n}', { n })),
    curved: properties.curved ?? false,
    outline: groundRing(read, on, mended).ring.map(corner),
    slope: properties.slope ?? { tilt_deg: 0, uphill_deg: 0 },
    firmness: properties.firmness ?? 'medium',
    ...(stimp.length > 0 ? Object.fromEntries(stimp) : { stimp_ft: 10 }),
    flags: flags.map((flag, i) => {
      const [at] = earthPoints([flag.geometry.coordinates], `${flag.path}.geometry.coordinates`, 1);
      return {
        id: idOf(flag, `flag-${i + 1}`),
        name: nameOf(flag, t('Flag {i}', { i: i + 1 })),
        ...corner(on.toGround(at!)),
        ...(flag.properties.cut === undefined ? {} : { cut: flag.properties.cut }),
      };
    }),
  };
}

function areaFrom(read: Read, n: number, on: Earthly, mended: string[]) {
  return {
    id: idOf(read, `${read.kind}-${n}`),
    name: nameOf(read, `${read.kind} ${n}`),
    curved: read.properties.curved ?? false,
    kind: read.kind,
    outline: groundRing(read, on, mended).ring.map(corner),
  };
}

/** The peg of a file that does not say one: amid the corners of its first outline, to the hundred-thousandth of a degree. */
function pegOf(read: readonly Read[]): NonNullable<Place['anchor']> {
  const first = read.find(({ geometry }) => /Polygon$/.test(geometry.type));
  if (!first) return refuse('features', t('must hold a polygon'));
  const ring = earthRing(first, []);
  const amid = (axis: 0 | 1): number =>
    Math.round((ring.reduce((sum, at) => sum + at[axis], 0) / ring.length) * 1e5) / 1e5;
  return { latitude: amid(1), longitude: amid(0) };
}

/** Refuses points that are no part of this place. */
function refuseFar(read: readonly Read[], on: Earthly): void {
  for (const each of read) {
    const ring = /Polygon$/.test(each.geometry.type) ? earthRing(each, []) : [];
    const far = ring.map(on.toGround).find((point) => !(Math.hypot(...point) <= FARTHEST));
    if (far) {
      refuse(
        `${each.path}.geometry`,
        t('must lie within {farthest} km of the rest: these are coordinates of another place', {
          farthest: FARTHEST / 1000,
        }),
      );
    }
  }
}

/**
 * Reads a place from GeoJSON: one that {@link placeToGeoJson} wrote comes back as it was; polygons of other programs become bunkers,
 * greens and areas by their `kind`, or by the words in their properties.
 *
 * @param name of a place that the file does not name
 * @throws FaultyInput naming every feature and field that is wrong and what is allowed
 */
export function readGeoJson(input: unknown, name: string): ReadGround {
  const read = readFeatures(input);
  const whole = isRecord(input) && isRecord(input.mellow_divot) ? input.mellow_divot : null;
  const anchor = (whole ? whole.anchor : pegOf(read)) as Place['anchor'];
  const peg = anchor ?? NOWHERE;
  if (!(Math.abs(peg.latitude) <= 85 && Math.abs(peg.longitude) <= 180)) {
    return refuse(
      'mellow_divot.anchor',
      t('must be a latitude from -85 to 85 and a longitude from -180 to 180'),
    );
  }
  const on = earthlyAt(peg);
  refuseFar(read, on);
  const mended: string[] = [];
  const of = (kind: string): Read[] => read.filter((each) => each.kind === kind);
  const areas = read.filter(({ kind }) => (AREA_KINDS as readonly string[]).includes(kind));
  const place = readPlace({
    ...emptyPlace(name),
    ...whole,
    ...(anchor ? { anchor } : {}),
    bunkers: of('bunker').map((each, i) => bunkerFrom(each, i + 1, read, on, mended)),
    greens: of('green').map((each, i) => greenFrom(each, i + 1, read, on, mended)),
    areas: areas.map((each, i) => areaFrom(each, i + 1, on, mended)),
  });
  return { place, mended };
}
