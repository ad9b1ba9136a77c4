import { type Point, type Ring, middleOf } from '../outline/ring';
import {
  ringOf,
  SHAPES,
  type Area,
  type Bunker,
  type Flag,
  type GreenOn,
  type LipCorner,
  type Place,
  type SandOn,
} from './place';
import type { Names } from './names';
import { sandOn } from './onDay';

/* Changes of a place, each a new record. */

export type ShapeList = (typeof SHAPES)[number];

/** Any part of a place that has an outline. */
export type Shape = Bunker | GreenOn | Area;

/** To the millimetre, as a place is written. */
export const mm = (metres: number): number => Math.round(metres * 1000) / 1000 + 0;

/** The part of a place with an id, and the list that it stands in; null when there is none. */
export function shapeById(
  place: Place,
  id: string | null,
): { list: ShapeList; shape: Shape } | null {
  for (const list of SHAPES) {
    const shape = (place[list] as readonly Shape[]).find((each) => each.id === id);
    if (shape) return { list, shape };
  }
  return null;
}

/** A place with one of its parts changed. */
export const withShape = <S extends Shape>(
  place: Place,
  id: string,
  change: (shape: S) => S,
): Place => ({
  ...place,
  ...Object.fromEntries(
    SHAPES.map((list) => [
      list,
      (place[list] as readonly Shape[]).map((shape) =>
        shape.id === id ? change(shape as S) : shape,
      ),
    ]),
  ),
});

/** A place without one of its parts. */
export const withoutShape = (place: Place, id: string): Place => ({
  ...place,
  bunkers: place.bunkers.filter((each) => each.id !== id),
  greens: place.greens.filter((each) => each.id !== id),
  areas: place.areas.filter((each) => each.id !== id),
});

/** An id that no part of a place has: the word with the next number. */
function freshId(place: Place, word: string): { id: string; n: number } {
  const taken = new Set(SHAPES.flatMap((list) => place[list].map(({ id }) => id)));
  let n = 1;
  while (taken.has(`${word}-${n}`)) n += 1;
  return { id: `${word}-${n}`, n };
}

const corner = ([x, y]: Point): { x_m: number; y_m: number } => ({ x_m: mm(x), y_m: mm(y) });

/** A lip that nobody has measured yet, m. */
const FIRST_LIP = 0.6;

/** How far off an outline that was dragged by eye may be, and a lip that was guessed, m. */
const BY_EYE = { spread_m: 0.5, lip_spread_m: 0.2 };

/** Lips of a new bunker, how it was got in, and how sure that is. */
export interface NewBunker {
  name?: string;
  lips?: readonly (number | null)[];
  measured?: Bunker['measured'];
}

/** A place with another bunker, and the id of that. A lip that was not said is the one before it. */
export function withBunker(
  place: Place,
  ring: Ring,
  names: Names,
  also: NewBunker = {},
): { place: Place; id: string } {
  const { id, n } = freshId(place, 'bunker');
  let lip = also.lips?.find((each) => each !== null) ?? FIRST_LIP;
  const bunker: Bunker = {
    id,
    name: also.name ?? names.bunker(n),
    curved: true,
    outline: ring.map((point, i) => {
      lip = also.lips?.[i] ?? lip;
      return { ...corner(point), lip_m: mm(lip) };
    }),
    floor: { tilt_deg: 0, uphill_deg: 0 },
    spots: [],
    sand: [],
    rests: [],
    measured: also.measured ?? { how: 'drawn', ...BY_EYE },
  };
  return { place: { ...place, bunkers: [...place.bunkers, bunker] }, id };
}

/** A place with another green, its flag in the middle. */
export function withGreen(place: Place, ring: Ring, names: Names): { place: Place; id: string } {
  const { id, n } = freshId(place, 'green');
  const green: GreenOn = {
    id,
    name: names.green(n),
    curved: true,
    outline: ring.map(corner),
    slope: { tilt_deg: 0, uphill_deg: 0 },
    firmness: 'medium',
    stimp_ft: 10,
    flags: [{ id: `${id}-flag-1`, name: names.middle, ...corner(middleOf(ring)) }],
  };
  return { place: { ...place, greens: [...place.greens, green] }, id };
}

/** A place with another area. */
export function withArea(
  place: Place,
  kind: Area['kind'],
  ring: Ring,
): { place: Place; id: string } {
  const { id, n } = freshId(place, kind);
  const name = `${kind.charAt(0).toUpperCase()}${kind.slice(1).replaceAll('-', ' ')} ${n}`;
  const area: Area = { id, name, kind, curved: true, outline: ring.map(corner) };
  return { place: { ...place, areas: [...place.areas, area] }, id };
}

/** A bunker with what was seen of its sand on a day; what was not looked at that day is as it was before. */
export function withSand(bunker: Bunker, day: string, seen: Partial<SandOn>): Bunker {
  const earlier = bunker.sand.filter((each) => each.day !== day);
  const stands = bunker.sand.find((each) => each.day === day);
  const before = stands ?? { ...(sandOn(bunker, day) ?? { preset: 'medium' as const }), note: '' };
  return { ...bunker, sand: [...earlier, { ...before, ...seen, day }] };
}

/** A green with another flag in its middle. */
export function withFlag(green: GreenOn, names: Names): GreenOn {
  let n = green.flags.length + 1;
  while (green.flags.some(({ id }) => id === `${green.id}-flag-${n}`)) n += 1;
  const flag: Flag = {
    id: `${green.id}-flag-${n}`,
    name: names.flag(n),
    ...corner(middleOf(ringOf(green.outline))),
  };
  return { ...green, flags: [...green.flags, flag] };
}

/** A green of which a flag is cut from a day on; null for that day's being taken back. */
export const withCut = (green: GreenOn, day: string, id: string | null): GreenOn => ({
  ...green,
  flags: green.flags.map((flag) => {
    const { cut = [], ...rest } = flag;
    const days = [...cut.filter((each) => each !== day), ...(flag.id === id ? [day] : [])].sort();
    return days.length > 0 ? { ...rest, cut: days } : rest;
  }),
});

/** Sand of which another depth is felt, at a spot. */
export const withDepth = (bunker: Bunker, day: string, at: Point, depth: number): Bunker =>
  withSand(bunker, day, {
    depths: [...(sandOn(bunker, day)?.depths ?? []), { ...corner(at), depth_m: mm(depth) }],
  });

/** A part of a place with one corner moved. */
export const withCornerAt = <S extends Shape>(shape: S, index: number, at: Point): S => ({
  ...shape,
  outline: (shape.outline as readonly LipCorner[]).map((each, i) =>
    i === index ? { ...each, ...corner(at) } : each,
  ),
});

/** A part of a place with another corner half-way along a side; its lip is the mean of its neighbours'. */
export function withCornerAfter<S extends Shape>(shape: S, index: number): S {
  const outline = shape.outline as readonly LipCorner[];
  const [a, b] = [outline[index]!, outline[(index + 1) % outline.length]!];
  const half = {
    ...corner([(a.x_m + b.x_m) / 2, (a.y_m + b.y_m) / 2]),
    ...('lip_m' in a ? { lip_m: mm((a.lip_m + b.lip_m) / 2) } : {}),
  };
  return { ...shape, outline: [...outline.slice(0, index + 1), half, ...outline.slice(index + 1)] };
}

/** A part of a place without one of its corners; three are left at least. */
export const withoutCorner = <S extends Shape>(shape: S, index: number): S =>
  shape.outline.length <= 3
    ? shape
    : { ...shape, outline: (shape.outline as readonly LipCorner[]).filter((_, i) => i !== index) };

/** A part of a place moved as a whole, with all that stands on it. */
export function movedBy<S extends Shape>(shape: S, [dx, dy]: Point): S {
  const moved = <P extends { x_m: number; y_m: number }>(each: P): P => ({
    ...each,
    ...corner([each.x_m + dx, each.y_m + dy]),
  });
  const whole: Shape = { ...shape };
  whole.outline = (shape.outline as LipCorner[]).map(moved);
  if ('flags' in whole) whole.flags = whole.flags.map(moved);
  if ('spots' in whole) whole.spots = whole.spots.map(moved);
  if ('rests' in whole) whole.rests = whole.rests.map(moved);
  if ('sand' in whole) {
    whole.sand = whole.sand.map((sand) =>
      sand.depths ? { ...sand, depths: sand.depths.map(moved) } : sand,
    );
  }
  return whole as S;
}
