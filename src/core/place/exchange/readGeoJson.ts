import { fact, type Fact } from '@/core/ground/fact/fact';
import type { Point } from '../outline/ring';
import type { Names } from '../record/names';
import { AREA_KINDS, emptyPlace, FARTHEST, readPlace, type Place } from '../record/place';
import { isRecord, readFeatures, refuse, type Read } from './features';
import { NOWHERE } from './geoJson';
import { earthlyAt, type Earthly } from './onEarth';
import { earthPoints, earthRing, groundRing, MOST_POINTS } from './rings';

/** A place that was read, and what was put right in it. */
export interface ReadGround {
  place: Place;
  mended: Fact[];
}

/** A lip that a file of another program does not say, m. */
const UNSAID_LIP = 0.5;

/** Standard uncertainty of an outline of another program's file, and of the lips that it does not say, m. */
const FILE_SPREAD = 1;
const UNSAID_LIP_SPREAD = 0.5;

/** A number for each corner, from a list in the properties or the same for all. */
const perCorner = (value: unknown, kept: readonly number[], other: unknown): unknown[] =>
  kept.map((i) => (Array.isArray(value) ? (value[i] ?? other) : (value ?? other)));

/** What all features of a file are read with. */
interface Reading {
  all: readonly Read[];
  on: Earthly;
  mended: Fact[];
  names: Names;
}

const corner = ([x_m, y_m]: Point): { x_m: number; y_m: number } => ({ x_m, y_m });

const nameOf = ({ properties }: Read, other: string): unknown => properties.name ?? other;

/** An id of a shape: its own where it has a usable one, else its kind and number. */
const idOf = ({ properties }: Read, other: string): unknown =>
  typeof properties.id === 'string' ? properties.id : other;

const MEASURED = { how: 'file', spread_m: FILE_SPREAD, lip_spread_m: UNSAID_LIP_SPREAD };

function bunkerFrom(read: Read, n: number, { all, on, mended, names }: Reading) {
  const { properties } = read;
  const { ring, kept } = groundRing(read, on, mended);
  const id = idOf(read, `bunker-${n}`);
  if (properties.lip_m === undefined) {
    mended.push(
      fact('geoJson.noLip', {
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
    name: nameOf(read, names.bunker(n)),
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

function greenFrom(read: Read, n: number, { all, on, mended, names }: Reading) {
  const { properties } = read;
  const id = idOf(read, `green-${n}`);
  const stimp = Object.entries(properties).filter(([key]) => key.startsWith('stimp_'));
  const flags = all.filter((each) => each.kind === 'flag' && each.properties.green === id);
  return {
    id,
    name: nameOf(read, names.green(n)),
    curved: properties.curved ?? false,
    outline: groundRing(read, on, mended).ring.map(corner),
    slope: properties.slope ?? { tilt_deg: 0, uphill_deg: 0 },
    firmness: properties.firmness ?? 'medium',
    ...(stimp.length > 0 ? Object.fromEntries(stimp) : { stimp_ft: 10 }),
    flags: flags.map((flag, i) => {
      const [at] = earthPoints([flag.geometry.coordinates], `${flag.path}.geometry.coordinates`, 1);
      return {
        id: idOf(flag, `flag-${i + 1}`),
        name: nameOf(flag, names.flag(i + 1)),
        ...corner(on.toGround(at!)),
        ...(flag.properties.cut === undefined ? {} : { cut: flag.properties.cut }),
      };
    }),
  };
}

function areaFrom(read: Read, n: number, { on, mended }: Reading) {
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
  if (!first) return refuse('features', fact('geoJson.noPolygon'));
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
        fact('geoJson.tooFarApart', {
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
 * @param names of what the file does not name
 * @throws FaultyInput naming every feature and field that is wrong and what is allowed
 */
export function readGeoJson(input: unknown, names: Names): ReadGround {
  const read = readFeatures(input);
  const whole = isRecord(input) && isRecord(input.mellow_divot) ? input.mellow_divot : null;
  const anchor = (whole ? whole.anchor : pegOf(read)) as Place['anchor'];
  const peg = anchor ?? NOWHERE;
  if (!(Math.abs(peg.latitude) <= 85 && Math.abs(peg.longitude) <= 180)) {
    return refuse('mellow_divot.anchor', fact('geoJson.notOnEarth'));
  }
  const on = earthlyAt(peg);
  refuseFar(read, on);
  const mended: Fact[] = [];
  const reading: Reading = { all: read, on, mended, names };
  const of = (kind: string): Read[] => read.filter((each) => each.kind === kind);
  const areas = read.filter(({ kind }) => (AREA_KINDS as readonly string[]).includes(kind));
  const place = readPlace({
    ...emptyPlace(names.place),
    ...whole,
    ...(anchor ? { anchor } : {}),
    bunkers: of('bunker').map((each, i) => bunkerFrom(each, i + 1, reading)),
    greens: of('green').map((each, i) => greenFrom(each, i + 1, reading)),
    areas: areas.map((each, i) => areaFrom(each, i + 1, reading)),
  });
  return { place, mended };
}
