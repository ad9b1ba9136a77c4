import { isInside, middleOf, type Point } from '../outline/ring';
import type { DrawnBunker } from './drawnPlace';

/** A place in the sand of a bunker, as near its middle as there is one. */
export function middleOfSand({ ring }: Pick<DrawnBunker, 'ring'>): Point {
  const middle = middleOf(ring);
  if (isInside(ring, middle)) return middle;
  // A kidney's middle may lie outside it: half-way between the middle and each corner somewhere does not.
  const within = ring
    .map(([x, y]): Point => [(x + middle[0]) / 2, (y + middle[1]) / 2])
    .find((point) => isInside(ring, point));
  return within ?? ring[0]!;
}
