import { ahead } from '../outline/direction';
import { crossingsOf, type Point } from '../outline/ring';
import { shapeAt, type DrawnPlace, type Lying } from './drawnPlace';

/** A stretch of a line over the ground. */
export interface Stretch {
  from: number;
  to: number;
  lying: Lying;
  /** Which shape it lies in; null on open ground. */
  id: string | null;
}

/** Stretches shorter than this are slips of the pencil, m. */
const LEAST = 0.02;

/** How far a line is looked along, m. */
export const SIGHT = 260;

/** What lies along a line from a point, stretch by stretch. */
export function profileFrom(
  place: DrawnPlace,
  from: Point,
  toward: Point,
  length = SIGHT,
): Stretch[] {
  const cuts = place.shapes
    .flatMap(({ ring }) => crossingsOf(ring, from, toward).map(({ distance }) => distance))
    .filter((distance) => distance < length)
    .sort((a, b) => a - b);
  const stretches: Stretch[] = [];
  let start = 0;
  for (const end of [...cuts, length]) {
    if (end - start < LEAST) continue;
    const shape = shapeAt(place, ahead(from, toward, (start + end) / 2));
    const lying = shape?.lying ?? 'rough';
    const id = shape?.id ?? null;
    const last = stretches.at(-1);
    if (last && last.lying === lying && last.id === id) last.to = end;
    else stretches.push({ from: last?.to ?? 0, to: end, lying, id });
    start = end;
  }
  return stretches;
}
