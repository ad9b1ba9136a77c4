import { aRecord } from '@/core/testing/records';
import { toMetres } from '@/core/ground/units/length';
import { prescribe } from '@/core/search/calls/prescribe';
import { readSituation } from '@/core/contract/shot/situation';
import { situationFor } from '@/core/lesson/players/player';
import { pocketBands, pocketCard } from './pocketCard';

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
  const bands = [{ from: 6, to: 40, best: null }];
  const card = pocketCard(player, 'medium', 'metres', [bands, bands]);
  expect(card.splash.map(({ club }) => club)).toEqual(['56', '50', 'PW']);
  const most = Math.max(...card.long.flatMap(({ rungs }) => rungs.map((rung) => rung?.carry ?? 0)));
  expect(most).toBeGreaterThan(toMetres(35, 'yd'));
  expect(card.bands).toEqual([
    { lip: 0.5, bands },
    { lip: 1.5, bands },
  ]);
  expect(card.call.face_clock).toMatch(/^(9|10|11|12):/);
  expect(card.cautions.length).toBeGreaterThan(0);
});

test('the bands over a lip are what the desk calls at those distances', () => {
  // Two clubs: every border is settled by the full search, which takes its time with a whole bag.
  const two = { ...player, bag: player.bag.filter(({ name }) => name !== '50') };
  const bands = pocketBands(two, 'medium', 'metres', 0);
  expect(bands[0]!.from).toBe(6);
  expect(bands.at(-1)!.to).toBeCloseTo(toMetres(60, 'yd'), 6);
  for (const pin of [8.2, 19.4, 41]) {
    const shot = {
      pin_m: pin,
      edge_m: Math.max(2.7, pin - 6),
      lip: { height_m: 0.5, distance_m: 2.4 },
      lie: 'clean' as const,
      sand: { preset: 'medium' as const },
    };
    const { question } = readSituation(situationFor(two, shot));
    const [first] = prescribe({ ...question, seed: 9 }).calls;
    const band = bands.find(({ from, to }) => from <= pin && pin <= to)!;
    expect([pin, band.best?.club]).toEqual([pin, first!.setup.club.name]);
  }
});
