import { fact, type Fact } from '@/core/ground/fact/fact';
import { BEYONDS, GREEN_FIRMNESS } from '@/core/ground/situation/green';
import type { Lip, Shot } from '@/core/ground/situation/shot';
import { NO_WIND, type Wind } from '@/core/ground/situation/wind';
import { LIES, DEEPEST_BURIAL, burialOf } from '@/core/ground/sand/lie';
import { SAND_PRESETS, type Sand } from '@/core/ground/sand/presets';
import { firmnessOf, sandOf } from '@/core/ground/sand/sandOf';
import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import {
  exactObject,
  flagField,
  lengthOf,
  listField,
  numberField,
  required,
  wordField,
  type Of,
} from '../check/fields';

const lipSchema = exactObject(
  {},
  {
    lengths: {
      height: { low: 0, high: 6, required: true },
      distance: { low: 0.3, high: 60, required: true },
    },
  },
);

const sandSchema = exactObject(
  {
    preset: wordField(SAND_PRESETS),
    firmness: numberField(0, 1),
    moisture: numberField(0, 1),
    density_kgm3: numberField(1100, 2200, 'kg/m3'),
    crust: flagField(),
  },
  { lengths: { depth: { low: 0.002, high: 1 } } },
);

const escapeSchema = exactObject(
  {
    toward_deg: required(numberField(-180, 180, 'deg')),
    lip: required(lipSchema),
    ground: wordField(['green', 'fringe', 'fairway', 'rough'] as const),
  },
  { lengths: { room: { low: 1, high: 100, required: true }, target: { low: 0.5, high: 230 } } },
);

export const shotSchema = exactObject(
  {
    lip: lipSchema,
    lie: wordField(LIES),
    slope: exactObject({
      along_deg: numberField(-25, 35, 'deg'),
      across_deg: numberField(-25, 25, 'deg'),
    }),
    sand: sandSchema,
    green: exactObject(
      { slope_deg: numberField(-8, 8, 'deg'), firmness: wordField(GREEN_FIRMNESS) },
      { lengths: { stimp: { low: 1, high: 5 } } },
    ),
    wind: exactObject({
      speed_mps: required(numberField(0, 20, 'm/s')),
      from_deg: numberField(-360, 360, 'deg'),
    }),
    beyond: wordField(BEYONDS),
    escapes: listField(escapeSchema, 0, 8),
  },
  {
    lengths: {
      pin: { low: 2, high: 230, required: true },
      edge: { low: 0.5, high: 230 },
      carry: { low: 1, high: 230 },
      clear: { low: 0.5, high: 230 },
      back: { low: 2, high: 280 },
      burial: { low: 0, high: DEEPEST_BURIAL },
    },
  },
);

/** A shot as the format writes it. */
export type ShotInput = Of<typeof shotSchema>;

/** Green that reaches this far past the flag, and begins this far before it, when nobody has said, m. */
const ROOM_BEHIND = toMetres(10, 'yd');
const ROOM_BEFORE = toMetres(6, 'yd');
/** Where the bunker ends when no lip is given, m. */
const LEVEL_EXIT = 3;
const DEFAULT_STIMP = toMetres(9, 'ft');

function readLip(input: object): Lip {
  return { height: lengthOf(input, 'height')!, distance: lengthOf(input, 'distance')! };
}

function readSand(input: ShotInput['sand'] = {}): { sand: Sand; firmness: number } {
  const preset = input.preset ?? 'medium';
  const depth = lengthOf(input, 'depth');
  const sand = sandOf({
    preset,
    ...(input.firmness === undefined ? {} : { firmness: input.firmness }),
    ...(input.moisture === undefined ? {} : { moisture: input.moisture }),
    ...(input.density_kgm3 === undefined ? {} : { density: input.density_kgm3 }),
    ...(depth === undefined ? {} : { depth }),
    ...(input.crust === undefined ? {} : { crust: input.crust }),
  });
  return { sand, firmness: input.firmness ?? firmnessOf(preset) };
}

/** Air's motion in the model's frame. Said clockwise seen from above: 90 is wind from the right. */
function readWind(input: ShotInput['wind'], mirror: 1 | -1): Wind {
  if (!input || input.speed_mps === 0) return NO_WIND;
  const from = radians(input.from_deg ?? 0);
  return {
    x: -input.speed_mps * Math.cos(from),
    y: mirror * input.speed_mps * Math.sin(from),
  };
}

/**
 * A checked shot in SI units along the line of play, with what is usual for what it does not say.
 *
 * @param mirror -1 for a left-hander: the only place where a hand is mirrored on the way in
 * @returns the shot, where its sand stands from 0 powder to 1 packed, and what was taken for granted
 */
export function readShot(
  input: ShotInput,
  mirror: 1 | -1,
): { shot: Shot; firmness: number; notes: Fact[] } {
  const notes: Fact[] = [];
  const pin = lengthOf(input, 'pin')!;
  const lipDistance = input.lip
    ? lengthOf(input.lip, 'distance')!
    : Math.min(LEVEL_EXIT, pin / 3, lengthOf(input, 'edge') ?? Infinity);
  const edge = lengthOf(input, 'edge') ?? Math.max(lipDistance, pin - ROOM_BEFORE, pin / 3);
  if (lengthOf(input, 'edge') === undefined) {
    const before = pin - edge;
    notes.push(fact('shot.edgeAssumed', { before: { metres: before, scale: 'ground' } }));
  }
  if (lengthOf(input, 'back') === undefined) {
    notes.push(fact('shot.backAssumed', { behind: { metres: ROOM_BEHIND, scale: 'ground' } }));
  }
  if (!input.lip) notes.push(fact('shot.lipAssumed'));
  const { sand, firmness } = readSand(input.sand);
  const shot: Shot = {
    pin,
    edge,
    back: lengthOf(input, 'back') ?? pin + ROOM_BEHIND,
    carry: lengthOf(input, 'carry'),
    clear: lengthOf(input, 'clear'),
    lip: input.lip ? readLip(input.lip) : { height: 0, distance: lipDistance },
    burial: lengthOf(input, 'burial') ?? burialOf(input.lie ?? 'clean', sand),
    along: radians(input.slope?.along_deg ?? 0),
    across: radians(input.slope?.across_deg ?? 0),
    sand,
    green: {
      stimp: (input.green && lengthOf(input.green, 'stimp')) ?? DEFAULT_STIMP,
      slope: radians(input.green?.slope_deg ?? 0),
      firmness: input.green?.firmness ?? 'medium',
    },
    beyond: input.beyond ?? 'rough',
    wind: readWind(input.wind, mirror),
    escapes: (input.escapes ?? []).map((escape) => ({
      toward: mirror * radians(escape.toward_deg),
      lip: readLip(escape.lip),
      room: lengthOf(escape, 'room')!,
      target: lengthOf(escape, 'target'),
      ground: escape.ground,
    })),
  };
  return { shot, firmness, notes };
}
