import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import type { Question } from '@/core/search/calls/question';
import {
  filledMap,
  firstLooks,
  lookingAt,
  openPlaces,
  type MapAxis,
  type MapCell,
} from '@/core/search/map/callMap';

/** A map as the page fills it: the first looks, then along the borders until they stand. */
export function mapUntilBordersStand(
  question: Question,
  xAxis: MapAxis,
  yAxis: MapAxis,
): MapCell[][] {
  const looks = Array.from({ length: yAxis.cells }, () =>
    Array.from({ length: xAxis.cells }, (): MapCell | undefined => undefined),
  );
  let filled: MapCell[][] = [];
  let places = firstLooks(xAxis.cells, yAxis.cells);
  while (places.length > 0) {
    for (const place of places) {
      const [j, i] = place;
      looks[j]![i] = toTheEnd(lookingAt(question, xAxis, yAxis, place));
    }
    filled = filledMap(looks, xAxis, yAxis);
    places = openPlaces(filled);
  }
  return filled;
}
