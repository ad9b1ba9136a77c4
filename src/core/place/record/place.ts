import { fact, type Fact } from '@/core/ground/fact/fact';
import { GREEN_FIRMNESS } from '@/core/ground/situation/green';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { check, FaultyInput, type Fault } from '@/core/contract/check/fault';
import {
  exactObject,
  flagField,
  formatFields,
  listField,
  numberField,
  patternField,
  proseField,
  required,
  textField,
  wordField,
  type Of,
} from '@/core/contract/check/fields';
import { dayField } from '@/core/contract/check/ids';
import { fineRing } from '../outline/curved';
import { apart, areaOf, crossesItself, isInside, type Point, type Ring } from '../outline/ring';

export const PLACE_FORMAT = 'mellow-divot/place';
export const PLACE_VERSION = 1;

/** Ground further than this from the peg is another place, m. */
export const FARTHEST = 3000;

/** Most of each that a place holds, and most corners of an outline. */
export const MOST_BUNKERS = 60;
export const MOST_GREENS = 20;
export const MOST_AREAS = 60;
export const MOST_CORNERS = 200;
export const MOST_FLAGS = 30;
export const MOST_SPOTS = 60;
const MOST_SANDS = 60;
const MOST_CUTS = 60;

/** An outline smaller than this is none, m². */
const LEAST_AREA = 1;

/** How an outline was got in, and what that leaves of doubt. */
export const WAYS_IN = ['paced', 'drawn', 'picture', 'rangefinder', 'file'] as const;

/** What an area is that is neither sand nor green. */
export const AREA_KINDS = ['fringe', 'fairway', 'rough', 'water', 'out-of-bounds'] as const;

export const placeIdField = patternField(/^[a-z0-9-]{1,40}$/, fact('check.id'));

const metres = (low = -FARTHEST, high = FARTHEST) => numberField(low, high, 'm');

const pointFields = { x_m: required(metres()), y_m: required(metres()) };

/** A plane's tilt: how steep, and which way is uphill, degrees clockwise from north. */
const tiltSchema = (most: number) =>
  exactObject({
    tilt_deg: required(numberField(0, most, 'deg')),
    uphill_deg: required(numberField(0, 360, 'deg')),
  });

const cornerSchema = exactObject(pointFields);

/** A corner of a bunker's outline. */
const lipCornerSchema = exactObject({
  ...pointFields,
  /** The lip here above the sand at its foot. */
  lip_m: required(metres(0, 6)),
  /** How far the lip hangs over the sand. */
  overhang_m: metres(0, 0.6),
});

const shaped = {
  id: required(placeIdField),
  name: required(textField(1, 60)),
  /** A curve through the corners; else straight from one to the next. */
  curved: required(flagField()),
};

/** Depth of sand over the hard base. */
export const DEPTHS = [0.002, 1] as const;
const depthField = metres(...DEPTHS);

const sandSchema = exactObject({
  day: required(dayField),
  preset: required(wordField(SAND_PRESETS)),
  firmness: numberField(0, 1),
  moisture: numberField(0, 1),
  depth_m: depthField,
  /** Depths that were felt at spots; between them they count by how near they are. */
  depths: listField(exactObject({ ...pointFields, depth_m: required(depthField) }), 0, MOST_SPOTS),
  crust: flagField(),
  note: required(textField(0, 200)),
});

const bunkerSchema = exactObject({
  ...shaped,
  outline: required(listField(lipCornerSchema, 3, MOST_CORNERS)),
  floor: required(tiltSchema(25)),
  /** Heights of the floor at spots, m above any one level; three or more of them stand for the tilt. */
  spots: required(
    listField(exactObject({ ...pointFields, z_m: required(metres(-20, 20)) }), 0, MOST_SPOTS),
  ),
  sand: required(listField(sandSchema, 0, MOST_SANDS)),
  /** Where balls come to rest more often than elsewhere. */
  rests: required(listField(cornerSchema, 0, MOST_SPOTS)),
  measured: required(
    exactObject({
      how: required(wordField(WAYS_IN)),
      /** Standard uncertainty of a corner's place, and of the lip's height. */
      spread_m: required(metres(0, 10)),
      lip_spread_m: required(metres(0, 2)),
    }),
  ),
});

const flagSchema = exactObject({
  id: required(placeIdField),
  name: required(textField(1, 40)),
  ...pointFields,
  /** The days from which on the hole was cut here, until another is. */
  cut: listField(dayField, 0, MOST_CUTS),
});

const greenSchema = exactObject(
  {
    ...shaped,
    outline: required(listField(cornerSchema, 3, MOST_CORNERS)),
    slope: required(tiltSchema(8)),
    firmness: required(wordField(GREEN_FIRMNESS)),
    flags: required(listField(flagSchema, 0, MOST_FLAGS)),
  },
  { lengths: { stimp: { low: 1, high: 5, required: true } } },
);

const areaSchema = exactObject({
  ...shaped,
  kind: required(wordField(AREA_KINDS)),
  outline: required(listField(cornerSchema, 3, MOST_CORNERS)),
});

export const placeSchema = exactObject({
  ...formatFields(PLACE_FORMAT, PLACE_VERSION),
  name: required(textField(1, 80)),
  kind: required(wordField(['practice ground', 'course'] as const)),
  notes: required(proseField(2000)),
  /** Where the peg stands; absent where nobody has said. */
  anchor: exactObject({
    latitude: required(numberField(-85, 85, 'deg')),
    longitude: required(numberField(-180, 180, 'deg')),
  }),
  bunkers: required(listField(bunkerSchema, 0, MOST_BUNKERS)),
  greens: required(listField(greenSchema, 0, MOST_GREENS)),
  areas: required(listField(areaSchema, 0, MOST_AREAS)),
});

export type Place = Of<typeof placeSchema>;
export type Bunker = Place['bunkers'][number];
export type GreenOn = Place['greens'][number];
export type Area = Place['areas'][number];
export type Flag = GreenOn['flags'][number];
export type SandOn = Bunker['sand'][number];
export type LipCorner = Bunker['outline'][number];

/** The parts of a place that have an outline, by the name of their list. */
export const SHAPES = ['bunkers', 'greens', 'areas'] as const;

/** A corner as a point. */
export const pointOf = ({ x_m, y_m }: { x_m: number; y_m: number }): Point => [x_m, y_m];

/** Corners as a ring. */
export const ringOf = (outline: readonly { x_m: number; y_m: number }[]): Ring =>
  outline.map(pointOf);

/** What is wrong with an outline; null when nothing is. */
export function outlineFault(ring: Ring, curved: boolean): Fact | null {
  const at = crossesItself(fineRing(ring, curved).ring);
  if (!at)
    return areaOf(ring) < LEAST_AREA ? fact('place.tooSmall', { leastArea: LEAST_AREA }) : null;
  const away = ring.map((corner) => apart(corner, at));
  return fact('place.crossesItself', {
    corner: away.indexOf(Math.min(...away)) + 1,
  });
}

/** Whether a flag stands on its green. */
export const isOnGreen = (green: Pick<GreenOn, 'outline' | 'curved'>, at: Point): boolean =>
  isInside(fineRing(ringOf(green.outline), green.curved).ring, at);

/** Whether there is sand and a flag: something to play from and at. */
export const isPlayable = ({ bunkers, greens }: Pick<Place, 'bunkers' | 'greens'>): boolean =>
  bunkers.length > 0 && greens.some(({ flags }) => flags.length > 0);

/** Faults between fields that are each allowed. */
function crossFaults(place: Place): Fault[] {
  const faults: Fault[] = [];
  const ids = new Set<string>();
  for (const list of SHAPES) {
    place[list].forEach((shape, i) => {
      const path = `${list}[${i}]`;
      if (ids.has(shape.id))
        faults.push({ path: `${path}.id`, message: fact('check.twice', { id: shape.id }) });
      ids.add(shape.id);
      const fault = outlineFault(ringOf(shape.outline), shape.curved);
      if (fault) faults.push({ path: `${path}.outline`, message: fault });
    });
  }
  place.greens.forEach((green, i) => {
    green.flags.forEach((flag, k) => {
      const path = `greens[${i}].flags[${k}]`;
      if (!isOnGreen(green, pointOf(flag))) {
        faults.push({
          path,
          message: fact('place.flagOffGreen', {
            flag: flag.name,
            green: green.name,
          }),
        });
      }
    });
    const days = green.flags.flatMap(({ cut = [] }) => cut);
    const twice = days.find((day, k) => days.indexOf(day) !== k);
    if (twice) {
      faults.push({
        path: `greens[${i}].flags`,
        message: fact('place.holeTwice', { twice }),
      });
    }
  });
  return faults;
}

/**
 * Checks a place from outside.
 *
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function readPlace(input: unknown): Place {
  const place = check(placeSchema, input);
  const faults = crossFaults(place);
  if (faults.length > 0) throw new FaultyInput(faults);
  return place;
}

/** A place on which nothing is drawn yet. */
export const emptyPlace = (name: string): Place => ({
  format: PLACE_FORMAT,
  version: PLACE_VERSION,
  name,
  kind: 'practice ground',
  notes: '',
  bunkers: [],
  greens: [],
  areas: [],
});
