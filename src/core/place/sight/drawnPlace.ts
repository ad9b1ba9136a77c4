import { fineRing } from '../outline/curved';
import { isInside, type Point, type Ring } from '../outline/ring';
import { ringOf, type Area, type Bunker, type GreenOn, type Place } from '../record/place';

/** What a ball may lie on or come down in. */
export type Lying = 'sand' | 'green' | Area['kind'];

/** An outline of a place in fine pieces. */
export interface DrawnShape {
  ring: Ring;
  lying: Lying;
  id: string;
  name: string;
  /** Least and greatest of its corners. */
  box: { low: Point; high: Point };
}

export interface DrawnBunker extends DrawnShape {
  bunker: Bunker;
  /** Height and overhang of the lip at each fine corner, m. */
  lips: { height: number; overhang: number }[];
}

export interface DrawnGreen extends DrawnShape {
  green: GreenOn;
}

/** A place made ready to look along lines of it. */
export interface DrawnPlace {
  bunkers: DrawnBunker[];
  greens: DrawnGreen[];
  /** All shapes; of two that lie over each other the first counts. */
  shapes: DrawnShape[];
}

/** What counts where shapes lie over each other, first of all sand. */
const OVER: readonly Lying[] = [
  'sand',
  'water',
  'green',
  'fringe',
  'out-of-bounds',
  'fairway',
  'rough',
];

const shapeOf = (
  { id, name, outline, curved }: Pick<Area, 'id' | 'name' | 'outline' | 'curved'>,
  lying: Lying,
): DrawnShape => {
  const { ring } = fineRing(ringOf(outline), curved);
  const side = (axis: 0 | 1): number[] => ring.map((point) => point[axis]);
  return {
    ring,
    lying,
    id,
    name,
    box: {
      low: [Math.min(...side(0)), Math.min(...side(1))],
      high: [Math.max(...side(0)), Math.max(...side(1))],
    },
  };
};

/** The lip along the fine corners of a bunker: from corner to corner it rises and falls evenly. */
const lipsOf = ({ outline, curved }: Bunker): DrawnBunker['lips'] =>
  fineRing(ringOf(outline), curved).from.map(({ corner, share }) => {
    const [a, b] = [outline[corner]!, outline[(corner + 1) % outline.length]!];
    const mixed = (here: number, there: number): number => here + share * (there - here);
    return {
      height: mixed(a.lip_m, b.lip_m),
      overhang: mixed(a.overhang_m ?? 0, b.overhang_m ?? 0),
    };
  });

/** Makes a place ready to look along lines of it. */
export function drawnPlace(place: Pick<Place, 'bunkers' | 'greens' | 'areas'>): DrawnPlace {
  const bunkers = place.bunkers.map((bunker) => ({
    ...shapeOf(bunker, 'sand'),
    bunker,
    lips: lipsOf(bunker),
  }));
  const greens = place.greens.map((green) => ({ ...shapeOf(green, 'green'), green }));
  const areas = place.areas.map((area) => shapeOf(area, area.kind));
  const shapes = [...bunkers, ...greens, ...areas].sort(
    (a, b) => OVER.indexOf(a.lying) - OVER.indexOf(b.lying),
  );
  return { bunkers, greens, shapes };
}

const isNear = ({ box: { low, high } }: DrawnShape, [x, y]: Point): boolean =>
  x >= low[0] && x <= high[0] && y >= low[1] && y <= high[1];

/** The shape that a point lies in; null on open ground. */
export const shapeAt = ({ shapes }: DrawnPlace, point: Point): DrawnShape | null =>
  shapes.find((shape) => isNear(shape, point) && isInside(shape.ring, point)) ?? null;

/** What a point lies on: open ground of which nothing was drawn is rough. */
export const lyingAt = (place: DrawnPlace, point: Point): Lying =>
  shapeAt(place, point)?.lying ?? 'rough';
