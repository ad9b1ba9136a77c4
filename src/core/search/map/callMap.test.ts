import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { aPlayer, aShot } from '@/core/testing/fixtures';
import { calledFirst, type Leader } from '../calls/leaders';
import { FACTOR } from '../changes/factors';
import { prescribe } from '../calls/prescribe';
import {
  cellValue,
  filledMap,
  firstLooks,
  lookingAt,
  openPlaces,
  restOf,
  type MapAxis,
  type MapCell,
} from './callMap';

const question = { player: aPlayer(), shot: aShot(16, 3), seed: 7 };
const across = { factor: 'distance', low: 8, high: 28, cells: 5 } as const;
const up = { factor: 'lip', low: 0.2, high: 2.6, cells: 3 } as const;

const leader = (club: string): Leader => ({
  club,
  kind: 'splash',
  school: 'parallel',
  faceDeg: 2,
  strokes: 3,
  score: 3,
  cost: 3,
});

/** A cell that was looked at. */
const seen = (club: string | null): MapCell => ({
  x: 1,
  y: 1,
  best: club === null ? null : leader(club),
  tied: null,
  settled: true,
});

test('a place that was looked at says what the desk calls there, and which club is as good', () => {
  for (const place of [
    [0, 1],
    [1, 3],
    [2, 2],
  ] as const) {
    const cell = toTheEnd(lookingAt(question, across, up, place));
    const shot = FACTOR.lip.set(
      FACTOR.distance.set(question.shot, cellValue(across, place[1])),
      cellValue(up, place[0]),
    );
    const { calls, tie } = prescribe({ ...question, shot });
    expect(cell).toMatchObject({
      x: cellValue(across, place[1]),
      y: cellValue(up, place[0]),
      settled: true,
    });
    expect(cell.best?.club).toBe(calls[0]!.setup.club.name);
    expect(calledFirst({ ...question, shot })).toEqual(cell.best);
    expect(cell.tied?.club).toBe(tie?.best.club);
  }
});

test('where nothing gets out it says so', () => {
  const high = { ...up, low: 7, high: 9 };
  expect(toTheEnd(lookingAt(question, across, high, [2, 0])).best).toBeNull();
});

test('the first looks reach every edge, no cell is further than one from them, and the corners come first', () => {
  const looks = firstLooks(40, 25);
  const has = (j: number, i: number): boolean => looks.some(([b, a]) => b === j && a === i);
  for (let j = 0; j < 25; j++) {
    for (let i = 0; i < 40; i++) {
      const near = looks.some(([b, a]) => Math.abs(b - j) <= 1 && Math.abs(a - i) <= 1);
      expect(near).toBe(true);
    }
  }
  expect([has(0, 0), has(24, 0), has(0, 39), has(24, 39)]).toEqual([true, true, true, true]);
  expect(looks[0]).toEqual([0, 0]);
  expect(firstLooks(1, 1)).toEqual([[0, 0]]);
});

const axis = (factor: MapAxis['factor'], cells: number): MapAxis => ({
  factor,
  low: 0,
  high: cells,
  cells,
});

test('what was not looked at is as the nearest that was, and marked', () => {
  const looks = [[seen('56'), undefined, undefined, seen(null)]];
  const filled = filledMap(looks, axis('distance', 4), axis('lip', 1));
  expect(filled[0]!.map(({ best, settled }) => [best?.club ?? null, settled])).toEqual([
    ['56', true],
    ['56', false],
    [null, false],
    [null, true],
  ]);
  expect(filled[0]!.map(({ x }) => x).slice(1, 3)).toEqual([1.5, 2.5]);
  const none = [[undefined, undefined]];
  expect(() => filledMap(none, axis('distance', 2), axis('lip', 1))).toThrow(RangeError);
});

test('refined until every cell beside another call was looked at, a map is the one that is looked at everywhere', () => {
  const CELLS = 24;
  const [xAxis, yAxis] = [axis('distance', CELLS), axis('lip', CELLS)];
  // Three calls with a crooked border, and a corner where nothing gets out.
  const truth = (j: number, i: number): string | null => {
    if (j + i > 40) return null;
    if (j > 9 + 3 * Math.sin(i / 3)) return '60';
    return i > 12 ? '52' : '56';
  };
  const looks: (MapCell | undefined)[][] = Array.from({ length: CELLS }, () =>
    Array.from({ length: CELLS }, () => undefined),
  );
  let looked = 0;
  let places = firstLooks(CELLS, CELLS);
  while (places.length > 0) {
    for (const [j, i] of places) looks[j]![i] = seen(truth(j, i));
    looked += places.length;
    places = openPlaces(filledMap(looks, xAxis, yAxis));
  }
  filledMap(looks, xAxis, yAxis).forEach((row, j) =>
    row.forEach(({ best }, i) => expect(best?.club ?? null).toBe(truth(j, i))),
  );
  expect(looked).toBeLessThan((CELLS * CELLS) / 2);
  expect(restOf(filledMap(looks, xAxis, yAxis))).toHaveLength(CELLS * CELLS - looked);
});
