import { FaultyInput, MOST_FAULTS, quoted, type Fault } from '@/core/tell/format/fault';
import { counted } from '@/core/tell/words/counted';
import { apart, areaOf, type Point, type Ring } from '../outline/ring';
import {
  AREA_KINDS,
  emptyPlace,
  FARTHEST,
  MOST_AREAS,
  MOST_BUNKERS,
  MOST_FLAGS,
  MOST_GREENS,
  readPlace,
  type Place,
} from '../record/place';
import { NOWHERE } from './geoJson';
import { earthlyAt, type Earthly, type OnEarth } from './onEarth';

/** A place that was read, and what was put right in it, in words. */
export interface ReadGround {
  place: Place;
  mended: string[];
}

type Properties = Record<string, unknown>;

/** A feature with the path that faults of it are told by. */
interface Read {
  path: string;
  kind: string;
  properties: Properties;
  geometry: { type: string; coordinates: unknown };
}

/** More features than a place can be made of are refused before any is looked at. */
const MOST_FEATURES = 2 * MOST_BUNKERS + MOST_BUNKERS + MOST_GREENS * (1 + MOST_FLAGS) + MOST_AREAS;

/** Points nearer to each other than this are one point, m. */
const SAME_POINT = 0.01;

/** A lip that a file of another program does not say, m. */
const UNSAID_LIP = 0.5;

/** Standard uncertainty of an outline of another program's file, and of the lips that it does not say, m. */
const FILE_SPREAD = 1;
const UNSAID_LIP_SPREAD = 0.5;

/** What another program calls them, where it does not say `kind`. */
const NAMED: readonly [RegExp, string][] = [
  [/bunker|sand/i, 'bunker'],
  [/green/i, 'green'],
  [/water|pond|lake|stream/i, 'water'],
  [/fairway/i, 'fairway'],
  [/fringe|apron|collar/i, 'fringe'],
  [/rough/i, 'rough'],
  [/out.of.bounds|boundary/i, 'out-of-bounds'],
];

const refuse = (path: string, message: string): never => {
  throw new FaultyInput([{ path, message }]);
};

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const isOnEarth = (value: unknown): value is OnEarth =>
  Array.isArray(value) &&
  value.length >= 2 &&
  value.slice(0, 2).every((each) => typeof each === 'number' && Number.isFinite(each)) &&
  Math.abs(value[0] as number) <= 180 &&
  Math.abs(value[1] as number) <= 90;

/** What a feature is: its `kind`, or what its other words say. */
function kindOf(properties: Properties): string | null {
  if (typeof properties.kind === 'string') return properties.kind;
  const words = Object.values(properties).filter((each) => typeof each === 'string');
  const text = words.join(' ').slice(0, 400);
  return NAMED.find(([pattern]) => pattern.test(text))?.[1] ?? null;
}

const KINDS = ['bunker', 'green', 'flag', 'floor', 'rests', ...AREA_KINDS];

function readFeatures(input: unknown): Read[] {
  if (!isRecord(input) || input.type !== 'FeatureCollection' || !Array.isArray(input.features)) {
    return refuse('file', 'must be a GeoJSON FeatureCollection');
  }
  const { features } = input;
  if (features.length === 0) return refuse('features', 'must hold at least one feature');
  if (features.length > MOST_FEATURES) {
    return refuse('features', `must be at most ${MOST_FEATURES}, not ${features.length}`);
  }
  const faults: Fault[] = [];
  const read = features.flatMap((feature: unknown, i): Read[] => {
    const path = `features[${i}]`;
    const say = (message: string): Read[] => {
      if (faults.length < MOST_FAULTS) faults.push({ path, message });
      return [];
    };
    if (!isRecord(feature) || !isRecord(feature.geometry))
      return say('must be a feature with a geometry');
    const properties = isRecord(feature.properties) ? feature.properties : {};
    const kind = kindOf(properties);
    if (kind === null || !KINDS.includes(kind)) {
      return say(
        `properties.kind must be one of ${KINDS.join(', ')}, not ${quoted(properties.kind)}`,
      );
    }
    const { type, coordinates } = feature.geometry;
    if (typeof type !== 'string') return say('geometry.type is required');
    return [{ path, kind, properties, geometry: { type, coordinates } }];
  });
  if (faults.length > 0) throw new FaultyInput(faults);
  return read;
}

/** Points of a feature on the earth; refuses what is none, and too many. */
function earthPoints(value: unknown, path: string, most: number): OnEarth[] {
  if (!Array.isArray(value) || value.length === 0) return refuse(path, 'must be a list of points');
  if (value.length > most)
    return refuse(path, `must be at most ${most} points, not ${value.length}`);
  return value.map((each: unknown, i) =>
    isOnEarth(each)
      ? [each[0], each[1]]
      : refuse(`${path}[${i}]`, `must be longitude and latitude in degrees, not ${quoted(each)}`),
  );
}

/** Most points of a ring that is read; what is left of it must still be an outline of the format. */
const MOST_POINTS = 1000;

/** The outer ring of a polygon, or of the largest of several, as it stands in the file. */
function earthRing({ geometry, path }: Read, mended: string[]): OnEarth[] {
  const at = `${path}.geometry.coordinates`;
  const rings = (value: unknown): OnEarth[] => {
    if (!Array.isArray(value)) return refuse(at, 'must be rings of points');
    if (value.length > 1) mended.push(`${path}: holes in the outline are left out`);
    return earthPoints(value[0], at, MOST_POINTS);
  };
  if (geometry.type === 'Polygon') return rings(geometry.coordinates);
  if (geometry.type === 'MultiPolygon' && Array.isArray(geometry.coordinates)) {
    const parts = geometry.coordinates.slice(0, MOST_BUNKERS).map(rings);
    if (parts.length > 1) mended.push(`${path}: of ${parts.length} parts the largest is kept`);
    return parts.sort((a, b) => areaOf(b) - areaOf(a))[0] ?? refuse(at, 'must hold a polygon');
  }
  return refuse(`${path}.geometry.type`, `must be Polygon, not ${quoted(geometry.type)}`);
}

/** A ring on the ground without its closing point and without points that stand twice, and which points were kept. */
function groundRing(
  read: Read,
  { toGround }: Earthly,
  mended: string[],
): { ring: Ring; kept: number[] } {
  const earth = earthRing(read, mended);
  const [first] = earth;
  const last = earth.at(-1)!;
  const open = first![0] === last[0] && first![1] === last[1] ? earth.slice(0, -1) : earth;
  if (open.length === earth.length)
    mended.push(`${read.path}: the outline was not closed and has been`);
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
      `${read.path}: ${counted(open.length - ring.length, 'point that stood', 'points that stood')} twice left out`,
    );
  }
  return { ring, kept };
}

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
    mended.push(`${read.path}: no lip is given; ${UNSAID_LIP} m all round until you measure it`);
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
    name: nameOf(read, `Bunker ${n}`),
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
    name: nameOf(read, `Green ${n}`),
    curved: properties.curved ?? false,
    outline: groundRing(read, on, mended).ring.map(corner),
    slope: properties.slope ?? { tilt_deg: 0, uphill_deg: 0 },
    firmness: properties.firmness ?? 'medium',
    ...(stimp.length > 0 ? Object.fromEntries(stimp) : { stimp_ft: 10 }),
    flags: flags.map((flag, i) => {
      const [at] = earthPoints([flag.geometry.coordinates], `${flag.path}.geometry.coordinates`, 1);
      return {
        id: idOf(flag, `flag-${i + 1}`),
        name: nameOf(flag, `Flag ${i + 1}`),
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
  if (!first) return refuse('features', 'must hold a polygon');
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
        `must lie within ${FARTHEST / 1000} km of the rest: these are coordinates of another place`,
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
      'must be a latitude from -85 to 85 and a longitude from -180 to 180',
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
