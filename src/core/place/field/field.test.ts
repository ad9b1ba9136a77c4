import { box } from '@/core/testing/place';
import { shapeAbout } from '../survey/shapes';
import { isInside } from '../outline/ring';
import { fineRing } from '../outline/curved';
import { costLines, visitOf } from './field';
import { gridOver, restsAt } from './grid';

const ring = box([0, 0], [12, 9]);

test('the places of a grid lie in the sand, evenly, and are neither too many nor too few', () => {
  const grid = gridOver(ring);
  expect(grid.step).toBe(1.5);
  expect(grid.places).toHaveLength(8 * 6);
  expect(grid.places[0]!.at).toEqual([0.75, 0.75]);
  const kidney = fineRing(shapeAbout('kidney', [40, -10]), true).ring;
  const { places } = gridOver(kidney);
  expect(places.length).toBeGreaterThan(30);
  expect(places.length).toBeLessThanOrEqual(80);
  expect(places.every(({ at }) => isInside(kidney, at))).toBe(true);
});

test('where cost rises evenly to the north its lines lie across, at the height that they say', () => {
  const grid = gridOver(ring);
  const costs = grid.places.map(({ at: [, north] }) => 2.5 + north / 9);
  const lines = costLines(grid, costs);
  expect(lines.map(({ strokes }) => strokes)).toEqual([2.6, 2.8, 3, 3.2, 3.4]);
  const three = lines.find(({ strokes }) => strokes === 3)!;
  const across = three.rings.flat().filter(([x, y]) => x > 1 && x < 11 && y < 8);
  expect(across.length).toBeGreaterThan(4);
  for (const [, north] of across) expect(Math.abs(north - 4.5)).toBeLessThan(0.1);
  expect(
    costLines(
      grid,
      grid.places.map(() => null),
    ),
  ).toEqual([]);
  expect(
    costLines(
      grid,
      grid.places.map(() => 3),
    ),
  ).toEqual([]);
});

test('a visit costs the mean of its places, and more where balls often rest where it is dear', () => {
  const grid = gridOver(ring);
  const costs = grid.places.map(({ at: [, north] }) => 2.5 + north / 9);
  const even = visitOf(grid, costs, [])!;
  expect(even.mean).toBeCloseTo(3, 9);
  expect(even.worstAt[1]).toBe(8.25);
  const under = visitOf(grid, costs, [[6, 8]])!;
  expect(under.mean).toBeGreaterThan(3.1);
  expect(
    visitOf(
      grid,
      grid.places.map(() => null),
      [],
    ),
  ).toBeNull();
  expect(restsAt([], [3, 3])).toBe(1);
  expect(restsAt([[3, 3]], [3, 3])).toBeGreaterThan(restsAt([[3, 3]], [8, 3]));
});
