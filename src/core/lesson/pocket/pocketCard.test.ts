import { aRecord } from '@/core/testing/records';
import { toMetres } from '@/core/ground/units/length';
import { pocketCard } from './pocketCard';

const player = aRecord({
  name: 'Ada Lund',
  handed: 'left',
  skill: 'good',
  cautions: ['wrist'],
  bag: [
    { name: 'PW', type: 'wedge', loft_deg: 46, bounce_deg: 6, stock_carry_yd: 126 },
    { name: '50', type: 'wedge', loft_deg: 50, bounce_deg: 8, stock_carry_yd: 113 },
    { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 98 },
  ],
});

test('holds both ladders, bands from near to far, a set-up in the player’s own hand', () => {
  const card = pocketCard(player, 'medium', 'metres');
  expect(card.splash.map(({ club }) => club)).toEqual(['56', '50', 'PW']);
  const most = Math.max(...card.long.flatMap(({ rungs }) => rungs.map((rung) => rung?.carry ?? 0)));
  expect(most).toBeGreaterThan(toMetres(35, 'yd'));
  for (const { bands } of card.bands) {
    expect(bands[0]!.from).toBe(6);
    expect(bands.at(-1)!.to).toBeCloseTo(toMetres(60, 'yd'), 6);
  }
  expect(card.call.face_clock).toMatch(/^(9|10|11|12):/);
  expect(card.cautions.length).toBeGreaterThan(0);
});
