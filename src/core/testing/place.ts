import type { Point } from '@/core/place/outline/ring';
import { emptyPlace, type Bunker, type GreenOn, type Place } from '@/core/place/record/place';
import { drawnPlace, type DrawnPlace } from '@/core/place/sight/drawnPlace';
import { spotAt, type Spot } from '@/core/place/sight/sight';

/* Ground for tests. */

const corners = (ring: readonly Point[]): { x_m: number; y_m: number }[] =>
  ring.map(([x_m, y_m]) => ({ x_m, y_m }));

/** A bunker over the given corners, its lip the same all round. */
export const bunkerOver = (
  ring: readonly Point[],
  lip: number,
  also: Partial<Bunker> = {},
): Bunker => ({
  id: 'front',
  name: 'Front',
  curved: false,
  outline: corners(ring).map((corner) => ({ ...corner, lip_m: lip })),
  floor: { tilt_deg: 0, uphill_deg: 0 },
  spots: [],
  sand: [],
  rests: [],
  measured: { how: 'drawn', spread_m: 0.3, lip_spread_m: 0.1 },
  ...also,
});

/** A green over the given corners with one flag. */
export const greenOver = (
  ring: readonly Point[],
  flag: Point,
  also: Partial<GreenOn> = {},
): GreenOn => ({
  id: 'green',
  name: 'Green',
  curved: false,
  outline: corners(ring),
  slope: { tilt_deg: 0, uphill_deg: 0 },
  firmness: 'medium',
  stimp_m: 3,
  flags: [{ id: 'flag', name: 'Flag', x_m: flag[0], y_m: flag[1] }],
  ...also,
});

/** A rectangle from one corner to the opposite one. */
export const box = ([ax, ay]: Point, [bx, by]: Point): Point[] => [
  [ax, ay],
  [bx, ay],
  [bx, by],
  [ax, by],
];

/**
 * A bunker 8 by 6 m about the peg with a lip of 1 m, and a green from 10 to 30 m north of it with its flag 16 m to the north.
 */
export const plainPlace = (also: Partial<Place> = {}): Place => ({
  ...emptyPlace('Plain'),
  bunkers: [bunkerOver(box([-4, -3], [4, 3]), 1)],
  greens: [greenOver(box([-12, 10], [12, 30]), [0, 16])],
  ...also,
});

/** The spot of a ball in the first bunker of a place, for the first flag of its first green. */
export function spotIn(place: Place, ball: Point): { drawn: DrawnPlace; spot: Spot } {
  const drawn = drawnPlace(place);
  const [bunker] = place.bunkers;
  const [green] = place.greens;
  const at = { bunker: bunker!.id, ball, green: green!.id, flag: green!.flags[0]!.id };
  return { drawn, spot: spotAt(drawn, at) };
}

/** A place with every point of it moved, and every bearing with them. */
export function movedPlace(
  place: Place,
  move: (point: Point) => Point,
  bearing: (degrees: number) => number,
): Place {
  const corner = <C extends { x_m: number; y_m: number }>(each: C): C => {
    const [x_m, y_m] = move([each.x_m, each.y_m]);
    return { ...each, x_m, y_m };
  };
  const tilt = <T extends { uphill_deg: number }>(each: T): T => ({
    ...each,
    uphill_deg: (bearing(each.uphill_deg) + 720) % 360,
  });
  return {
    ...place,
    bunkers: place.bunkers.map((each) => ({
      ...each,
      outline: each.outline.map(corner),
      spots: each.spots.map(corner),
      floor: tilt(each.floor),
      sand: each.sand.map((sand) =>
        sand.depths ? { ...sand, depths: sand.depths.map(corner) } : sand,
      ),
    })),
    greens: place.greens.map((each) => ({
      ...each,
      outline: each.outline.map(corner),
      flags: each.flags.map(corner),
      slope: tilt(each.slope),
    })),
    areas: place.areas.map((each) => ({ ...each, outline: each.outline.map(corner) })),
  };
}
