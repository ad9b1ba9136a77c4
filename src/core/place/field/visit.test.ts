import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { box, bunkerOver, plainPlace } from '@/core/testing/place';
import type { Visit } from './field';
import { drawnPlace } from '../sight/drawnPlace';
import { gridOver } from './grid';
import { placeShots } from './placeShots';
import { costsOf, quickVisit, QUICK_SPREAD, type CostQuestion } from './visit';

const situation = {
  player: {
    handed: 'right',
    skill: 'middle',
    bag: [
      { name: '52', type: 'wedge', loft_deg: 52, bounce_deg: 10, stock_carry_yd: 93 },
      { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 },
      { name: '60', type: 'wedge', loft_deg: 60, bounce_deg: 8, stock_carry_yd: 71 },
    ],
  },
};

/** A bunker 8 by 6 m before a green, its lip so high. */
const asked = (lip: number): Omit<CostQuestion, 'fine'> => ({
  place: plainPlace({ bunkers: [bunkerOver(box([-4, -3], [4, 3]), lip)] }),
  bunker: 'front',
  green: 'green',
  flag: 'flag',
  playing: { handed: 'right', lie: 'clean', day: '2026-05-02' },
  situation,
});

const visited = (lip: number): Visit => toTheEnd(quickVisit(asked(lip)))!;

test('a higher lip costs more, and most close under it', () => {
  const [low, high] = [visited(0.3), visited(2)];
  expect(high.mean).toBeGreaterThan(low.mean + 0.1);
  expect(high.worstAt[1]).toBeGreaterThan(0);
  expect(low.most - low.least).toBeLessThan(high.most - high.least);
});

test('a quick look is as near to the desk’s own calls over the bunker as it says', () => {
  const question = { ...asked(1.2), fine: true };
  const ring = box([-4, -3], [4, 3]);
  // Every third place: enough for the mean, in a few seconds.
  const balls = gridOver(ring)
    .places.map(({ at }) => at)
    .filter((_, i) => i % 3 === 1);
  const costs = toTheEnd(costsOf(question, balls)) as number[];
  const mean = costs.reduce((sum, cost) => sum + cost, 0) / costs.length;
  expect(Math.abs(visited(1.2).mean - mean)).toBeLessThan(QUICK_SPREAD);
});

test('a ball that is not in the sand costs nothing that is known; a bunker that is not there is refused', () => {
  expect(toTheEnd(costsOf({ ...asked(1), fine: false }, [[0, 8]]))).toEqual([null]);
  expect(() => toTheEnd(quickVisit({ ...asked(1), bunker: 'nowhere' }))).toThrow(RangeError);
});

test('the shots of a place are spread over its bunkers, and lie where balls often come to rest', () => {
  const ring = box([-4, -3], [4, 3]);
  const even = placeShots(drawnPlace(plainPlace()), 'right', '2026-05-02');
  expect(even).toHaveLength(32);
  const under = plainPlace({ bunkers: [bunkerOver(ring, 1, { rests: [{ x_m: 0, y_m: 2.5 }] })] });
  const mean = (shots: typeof even): number =>
    shots.reduce((sum, { pin_m }) => sum + pin_m!, 0) / shots.length;
  expect(mean(even)).toBeCloseTo(16.2, 0);
  expect(mean(placeShots(drawnPlace(under), 'right', '2026-05-02'))).toBeLessThan(mean(even) - 1);
  expect(placeShots(drawnPlace(plainPlace({ greens: [] })), 'right', '2026-05-02')).toEqual([]);
});
