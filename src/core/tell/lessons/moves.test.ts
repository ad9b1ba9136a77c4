import { sheetFor } from '@/core/tell/answer/answer';
import { readSituation } from '@/core/contract/shot/situation';
import type { Station } from '@/core/lesson/plan/lesson';
import { situationFor } from '@/core/lesson/players/player';
import { aRecord } from '@/core/testing/records';
import type { LearntFactors } from '@/core/ground/player/learnt';
import type { Difference } from '@/core/lesson/peers/peer';
import { movesOf } from './moves';

const record = aRecord({
  bag: [
    { name: '52', type: 'wedge', loft_deg: 52, bounce_deg: 10 },
    { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12 },
  ],
});
const station: Station = {
  name: 'High lip',
  shot: { pin_yd: 18, lip: { height_ft: 3, distance_ft: 8 } },
  line: 0,
};
const learnt = (distance: number): LearntFactors => ({
  version: 1,
  balls: 40,
  mark_bias_mm: 0,
  mark_scale: 1,
  distance,
  distance_scale: 1,
  aim_bias_deg: 0,
  aim_scale: 1,
  clubs: [],
});

test('nothing learnt moves nothing', () => {
  const { rungs, calls } = movesOf(record, [station], undefined, learnt(1), 'yards');
  expect(rungs.map(({ club }) => club)).toEqual(['56', '52']);
  for (const { before, after } of rungs) expect(after.carry).toBeCloseTo(before.carry, 9);
  expect(calls[0]!.after!.swing_fraction).toBe(calls[0]!.before!.swing_fraction);
});

test('a ball that goes further lengthens the rungs and shortens the swing that is called', () => {
  const { rungs, calls } = movesOf(record, [station], undefined, learnt(1.4), 'yards');
  for (const { before, after } of rungs) {
    expect(after.carry / before.carry).toBeGreaterThan(1.12);
    expect(after.low).toBeGreaterThan(before.low);
  }
  const [{ before, after } = { before: null, after: null }] = calls;
  expect(after!.club === before!.club ? after!.swing_fraction : 0).toBeLessThan(
    before!.swing_fraction,
  );
});

test('without a station there is nothing to compare', () => {
  expect(movesOf(record, [], undefined, undefined, 'yards')).toEqual({
    rungs: [],
    calls: [],
    saving: null,
  });
});

test('a call sheet says which learning it used, and says nothing without one', () => {
  const sheetWith = (own: LearntFactors | undefined) =>
    sheetFor(
      readSituation(situationFor({ ...record, ...(own ? { learnt: own } : {}) }, station.shot)),
      'yards',
      () => 0,
    ).sheet;
  const sheet = sheetWith({ ...learnt(1.1), version: 7 });
  expect(sheet).toMatchObject({ learnt: { version: 7, balls: 40 } });
  expect(sheet.notes.join(' ')).toContain(
    'use the player’s own numbers from 40 logged balls (version 7).',
  );
  expect(sheetWith(undefined).notes.join(' ')).not.toContain('logged balls');
});

test('a learning that is sure of much shorter distances saves strokes; one that is sure of nothing does not', () => {
  const { version: _v, balls: _b, ...difference } = learnt(0.75);
  const { version: _w, balls: _c, ...none } = learnt(1);
  const savingFor = (draws: readonly Difference[]) =>
    movesOf(record, [station], undefined, learnt(0.75), 'yards', draws).saving!;
  const sure = savingFor(Array.from({ length: 8 }, () => difference));
  expect(sure.mean).toBeGreaterThan(0.03);
  expect(sure.worth).toBe(true);
  const wrong = savingFor(Array.from({ length: 8 }, () => none));
  expect(wrong.mean).toBeLessThan(0);
  expect(wrong.worth).toBe(false);
});
