import { partsOf } from './parts';

const balls = (count: number): { n: number; excluded?: string }[] =>
  Array.from({ length: count }, (_, n) => ({ n }));

test('halves are of the balls that count, the odd one in the first', () => {
  const list = balls(8);
  list[0]!.excluded = 'stone';
  const [first, second] = partsOf(list, 'halves', String);
  expect(first!.balls.map(({ n }) => n)).toEqual([1, 2, 3, 4]);
  expect(second!.balls.map(({ n }) => n)).toEqual([5, 6, 7]);
});

test('five balls are not halved', () => {
  expect(partsOf(balls(5), 'halves', String)).toEqual([]);
});

test('other parts stand in the order in which they come up and hold every ball once', () => {
  const parts = partsOf(balls(7), 'clubs', ({ n }) => (n % 3 === 0 ? '56' : '52'));
  expect(parts.map(({ name }) => name)).toEqual(['56', '52']);
  expect(parts.map((part) => part.balls.length)).toEqual([3, 4]);
});
