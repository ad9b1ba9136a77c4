import { aSituation } from '@/core/testing/records';
import { readSituation } from '@/core/contract/shot/situation';
import { greenFollows } from './greenFollows';
import { FIRST_SHOT } from './reading';

const from = (pin_yd: number) => greenFollows({ ...FIRST_SHOT, pin_yd }, FIRST_SHOT);

test('a flag that stays on its green moves nothing', () => {
  for (const pin of [11, 18, 25, 30]) expect(from(pin)).toEqual({ ...FIRST_SHOT, pin_yd: pin });
});

test('a flag before the front edge takes it along, as far as the lip lets it', () => {
  expect(from(10)).toMatchObject({ pin_yd: 10, edge_yd: 3, back_yd: 30 });
  expect(from(9)).toMatchObject({ edge_yd: 2.7 });
});

test('a flag past the back edge takes it along', () => {
  expect(from(40)).toMatchObject({ edge_yd: 11, back_yd: 52 });
});

test('lengths keep their units, and any flag that the lip allows is a reading', () => {
  const shot = { pin_m: 16, edge_m: 10, back_ft: 90 };
  expect(greenFollows({ ...shot, pin_m: 8 }, shot)).toEqual({ pin_m: 8, edge_m: 2, back_ft: 90 });
  for (let pin = 3; pin <= 120; pin++) {
    expect(() => readSituation({ ...aSituation(), shot: from(pin) })).not.toThrow();
  }
});
