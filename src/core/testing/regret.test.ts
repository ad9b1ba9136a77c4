import { AS_TAUGHT, randomQuestion, regretOf, WIDER, type Beyond } from './regret';

/** What the calls of ten questions cost over the best of a grid. */
const lost = (beyond: Beyond): number[] =>
  Array.from({ length: 10 }, (_, i) => regretOf(randomQuestion(300 + i), beyond)).flatMap((each) =>
    each ? [Math.max(0, each.regret)] : [],
  );

const mean = (values: readonly number[]): number =>
  values.reduce((sum, each) => sum + each, 0) / values.length;

test('of any question, nothing in a denser grid of the same techniques is better than the call', () => {
  const all = lost(AS_TAUGHT);
  expect(all.length).toBeGreaterThan(7);
  expect(mean(all)).toBeLessThan(0.01);
  expect(Math.max(...all)).toBeLessThan(0.03);
});

test('nor is anything much better that lies further out than anybody teaches', () => {
  const all = lost(WIDER);
  expect(mean(all)).toBeLessThan(0.015);
  expect(Math.max(...all)).toBeLessThan(0.08);
});
