import { partsOf } from './parts';

interface Ball {
  n: number;
  station: number;
  player?: string;
  excluded?: string;
}
const balls = (count: number, station = 0, from = 0): Ball[] =>
  Array.from({ length: count }, (_, i) => ({ n: from + i, station }));
const numbers = (parts: ReturnType<typeof partsOf<Ball>>): number[][] =>
  parts.map((part) => part.balls.map(({ n }) => n));

test('halves are of the balls that count, the middle one in neither', () => {
  const list = balls(8);
  list[0]!.excluded = 'stone';
  expect(numbers(partsOf(list, 'halves', String))).toEqual([
    [1, 2, 3],
    [5, 6, 7],
  ]);
});

test('halves hold as many balls of each station and player, in the order in which they were hit', () => {
  const rotation = [...balls(4), ...balls(5, 1, 4), ...balls(2, 0, 9)];
  expect(numbers(partsOf(rotation, 'halves', String))).toEqual([
    [0, 1, 2, 4, 5],
    [3, 7, 8, 9, 10],
  ]);
  const two = balls(8).map((ball) => ({ ...ball, player: ball.n < 4 ? 'ada' : 'bo' }));
  expect(numbers(partsOf(two, 'halves', String))).toEqual([
    [0, 1, 4, 5],
    [2, 3, 6, 7],
  ]);
});

test('five balls are not halved, nor are any that are one to a station', () => {
  expect(partsOf(balls(5), 'halves', String)).toEqual([]);
  const scattered = balls(9).map((ball) => ({ ...ball, station: ball.n }));
  expect(partsOf(scattered, 'halves', String)).toEqual([]);
});

test('other parts stand in the order in which they come up and hold every ball once', () => {
  const parts = partsOf(balls(7), 'clubs', ({ n }) => (n % 3 === 0 ? '56' : '52'));
  expect(parts.map(({ name }) => name)).toEqual(['56', '52']);
  expect(parts.map((part) => part.balls.length)).toEqual([3, 4]);
});
