import { randomQuestion, regretOf } from './regret';

test('of any question, nothing in a denser and wider grid is much better than the call', () => {
  const all = Array.from({ length: 10 }, (_, i) => regretOf(randomQuestion(300 + i))).flatMap(
    (each) => each ?? [],
  );
  expect(all.length).toBeGreaterThan(7);
  const lost = all.map(({ regret }) => Math.max(0, regret));
  expect(lost.reduce((sum, each) => sum + each, 0) / lost.length).toBeLessThan(0.015);
  for (const each of all) expect(each.regret).toBeLessThan(0.05);
});
