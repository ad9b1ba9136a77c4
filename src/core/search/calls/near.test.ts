import { FACTOR, FACTORS } from '@/core/search/changes/factors';
import { meanOf } from '@/core/ground/numeric/mean';
import { readSituation } from '@/core/contract/shot/situation';
import { randomReading } from '@/core/testing/readings';
import { aPlayer, aShot } from '@/core/testing/fixtures';
import { foundNear } from './near';
import { prescribe, prescribedFrom } from './prescribe';

const TOLD = { tell: 1 };

/** Readings that nothing was tuned to, each moved by a step of everything that is moved. */
const MOVED = [2, 3, 5, 6, 8].flatMap((seed) => {
  const { question, firmness } = readSituation(randomReading(200 + seed));
  const here = prescribe(question, TOLD);
  return FACTORS.map((name) => {
    const { get, set, steps, high, low } = FACTOR[name];
    const value = get(question.shot, firmness);
    const by = value + steps[0]! <= high ? steps[0]! : -Math.min(steps[0]!, value - low);
    return { name, here, question: { ...question, shot: set(question.shot, value + by) } };
  });
});

test('costs hardly more than what the search calls, in the mean and at worst', () => {
  const more: number[] = [];
  for (const { here, question } of MOVED) {
    const found = foundNear(question, here.near);
    const [searched] = prescribe(question, TOLD).calls;
    if (!found || !searched) continue;
    const [near] = prescribedFrom(question, found, 1).calls;
    more.push(near!.cost - searched.cost);
  }
  expect(more.length).toBeGreaterThan(15);
  expect(meanOf(more)).toBeLessThan(0.012);
  expect(Math.max(...more)).toBeLessThan(0.09);
});

test('flies a fifth of the shots of a search', () => {
  const question = { player: aPlayer(), shot: aShot(18, 3), seed: 1 };
  const here = prescribe(question);
  const moved = { ...question, shot: aShot(19, 3) };
  const flown = foundNear(moved, here.near)!.flown;
  expect(flown).toBeLessThan((prescribe(moved, { tell: 0 }).flown - 1024) / 5);
});

test('one further step starts from the same; where nothing gets out it says so', () => {
  const question = { player: aPlayer(), shot: aShot(18, 3), seed: 1 };
  const { near } = prescribe(question, TOLD);
  const found = foundNear({ ...question, shot: aShot(19, 3) }, near)!;
  expect(found.near.starts).toBe(near.starts);
  expect(foundNear({ ...question, shot: aShot(9, 30, 3) }, near)).toBeNull();
});

test('what was asked before, near or not, changes no answer of the search', () => {
  const question = { player: aPlayer('good'), shot: aShot(22, 4), seed: 1 };
  const before = prescribe(question, TOLD);
  foundNear({ ...question, shot: aShot(24, 4) }, before.near);
  expect(prescribe(question, TOLD)).toEqual(before);
});
