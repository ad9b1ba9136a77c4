import { aSituation } from '@/core/testing/records';
import { readSituation } from '@/core/contract/shot/situation';
import type { ShotInput } from '@/core/contract/shot/shot';
import { mendedShot } from './mended';
import { FIRST_SHOT, readingFromQuery } from './reading';

const mended = (query: string) =>
  mendedShot(
    readingFromQuery(query)!.shot,
    (shot: ShotInput) => void readSituation({ ...aSituation(), shot }),
  );

test('a link with fields that are wrong keeps those that are not', () => {
  const { shot, faults } = mended(
    'pin_yd=14&lie=plugged&lip.height_ft=900&sand.preset=mud&shoe=41',
  );
  expect(shot).toEqual({ pin_yd: 14, lie: 'plugged', sand: {} });
  expect(faults.map(({ path }) => path).sort()).toEqual([
    'shot.lip.distance',
    'shot.lip.height_ft',
    'shot.sand.preset',
    'shot.shoe',
  ]);
});

test('without a usable distance to the flag it is the usual one', () => {
  expect(mended('lie=plugged').shot).toEqual({ lie: 'plugged', pin_yd: FIRST_SHOT.pin_yd });
  expect(mended('pin_yd=9000&lie=buried').shot).toEqual({
    lie: 'buried',
    pin_yd: FIRST_SHOT.pin_yd,
  });
  expect(mended('pin_yd=12')).toEqual({ shot: { pin_yd: 12 }, faults: [] });
});

test('what is wrong with two fields together lets both go, never the player’s whole link', () => {
  const { shot, faults } = mended('pin_yd=12&pin_m=11&lie=plugged');
  expect(shot).toMatchObject({ lie: 'plugged' });
  expect(faults.length).toBeGreaterThan(0);
});
