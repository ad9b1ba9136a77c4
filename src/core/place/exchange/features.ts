import { fact, type Fact } from '@/core/ground/fact/fact';
import { faulty, FaultyInput, MOST_FAULTS, quoted, type Fault } from '@/core/contract/check/fault';
import { AREA_KINDS, MOST_AREAS, MOST_BUNKERS, MOST_FLAGS, MOST_GREENS } from '../record/place';

/* The features of a GeoJSON file, each with what it is. */

export type Properties = Record<string, unknown>;

/** A feature with the path that faults of it are told by. */
export interface Read {
  path: string;
  kind: string;
  properties: Properties;
  geometry: { type: string; coordinates: unknown };
}

/** More features than a place can be made of are refused before any is looked at. */
const MOST_FEATURES = 2 * MOST_BUNKERS + MOST_BUNKERS + MOST_GREENS * (1 + MOST_FLAGS) + MOST_AREAS;

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

/** Refuses a file. @throws FaultyInput always */
export const refuse = (path: string, message: Fact): never => {
  throw faulty(path, message);
};

export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What a feature is: its `kind`, or what its other words say. */
function kindOf(properties: Properties): string | null {
  if (typeof properties.kind === 'string') return properties.kind;
  const words = Object.values(properties).filter((each) => typeof each === 'string');
  const text = words.join(' ').slice(0, 400);
  return NAMED.find(([pattern]) => pattern.test(text))?.[1] ?? null;
}

const KINDS = ['bunker', 'green', 'flag', 'floor', 'rests', ...AREA_KINDS];

/** The features of a file, each of a kind that is known. @throws FaultyInput naming those that are not */
export function readFeatures(input: unknown): Read[] {
  if (!isRecord(input) || input.type !== 'FeatureCollection' || !Array.isArray(input.features)) {
    return refuse('file', fact('geoJson.notACollection'));
  }
  const { features } = input;
  if (features.length === 0) return refuse('features', fact('geoJson.noFeature'));
  if (features.length > MOST_FEATURES) {
    return refuse(
      'features',
      fact('geoJson.mostFeatures', {
        mostFeatures: MOST_FEATURES,
        features: features.length,
      }),
    );
  }
  const faults: Fault[] = [];
  const read = features.flatMap((feature: unknown, i): Read[] => {
    const path = `features[${i}]`;
    const say = (message: Fact): Read[] => {
      if (faults.length < MOST_FAULTS) faults.push({ path, message });
      return [];
    };
    if (!isRecord(feature) || !isRecord(feature.geometry)) return say(fact('geoJson.noGeometry'));
    const properties = isRecord(feature.properties) ? feature.properties : {};
    const kind = kindOf(properties);
    if (kind === null || !KINDS.includes(kind)) {
      return say(
        fact('geoJson.kind', {
          kinds: KINDS.join(', '),
          kind: quoted(properties.kind),
        }),
      );
    }
    const { type, coordinates } = feature.geometry;
    if (typeof type !== 'string') return say(fact('geoJson.noType'));
    return [{ path, kind, properties, geometry: { type, coordinates } }];
  });
  if (faults.length > 0) throw new FaultyInput(faults);
  return read;
}
