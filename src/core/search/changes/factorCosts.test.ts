import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { prescribe } from '@/core/search/calls/prescribe';
import { randomReading } from '@/core/testing/readings';
import { readSituation } from '@/core/contract/shot/situation';
import { costingFactors, withoutFactor } from './factorCosts';

/** Readings that no constant was tuned to. */
const READINGS = 14;
const FIRST = 501;

/** What is said of strokes: costs, saves, or almost nothing. */
const said = (strokes: number): number => (strokes > 0.02 ? 1 : strokes < -0.02 ? -1 : 0);

test('what a factor costs has the sign of the two whole sheets, with it and without', () => {
  let factors = 0;
  let same = 0;
  for (let seed = FIRST; seed < FIRST + READINGS; seed++) {
    const { question } = readSituation(randomReading(seed));
    /** Strokes of the first call of a whole sheet, told on swings of its own; null where it is not at the flag. */
    const strokesIn = (shot: typeof question.shot): number | null => {
      const [first] = prescribe({ ...question, shot }, { tell: 1 }).calls;
      return first?.toward === 0 ? first.odds.strokes : null;
    };
    const here = strokesIn(question.shot);
    for (const [factor, cost] of toTheEnd(costingFactors(question))) {
      const there = strokesIn(withoutFactor(question.shot, factor)!);
      if (here === null || there === null) continue;
      factors++;
      // Both are told on swings of their own: what lies near a border may fall to either side of it.
      if (said(cost) === said(here - there) || Math.abs(cost - (here - there)) < 0.015) same++;
      expect([seed, factor, said(cost) * said(here - there)]).not.toEqual([seed, factor, -1]);
      expect(Math.abs(cost - (here - there))).toBeLessThan(0.07);
    }
  }
  expect(factors).toBeGreaterThan(READINGS);
  expect(same / factors).toBeGreaterThan(0.9);
});

test('a factor at its neutral value costs nothing, and is not named', () => {
  const { question } = readSituation(randomReading(FIRST));
  const plain = toTheEnd(costingFactors({ ...question, shot: { ...question.shot, along: 0 } }));
  expect(plain.has('slope')).toBe(false);
});
