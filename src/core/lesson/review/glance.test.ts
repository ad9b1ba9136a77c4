import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { glanceOf } from './glance';

/* The lip of the station is 8 ft (2.4 m) from the ball. */
const out = { along_m: 12 };
const stayed = { along_m: 1 };

const hit = (player: string, fields: object[]) =>
  fields.map((seen, i) => aBall(i, { player, ...seen }));

test('says what came out, and each half of every player', () => {
  const plan = aPlan({ players: ['ada', 'bo'] });
  const balls = [
    ...hit('ada', [stayed, stayed, out, out, out, out]),
    ...hit('bo', [out, stayed, out, out, out, out]),
  ];
  const { out: came, halves } = glanceOf(plan, balls);
  expect([came.count, came.of]).toEqual([9, 12]);
  expect([halves!.first.count, halves!.first.of]).toEqual([3, 6]);
  expect([halves!.second.count, halves!.second.of]).toEqual([6, 6]);
});

test('excluded balls and balls that nobody saw finish do not count, few balls are not halved', () => {
  const balls = hit('ada', [
    out,
    { ...stayed, excluded: 'hit the rake' },
    { strike: 'good' },
    stayed,
  ]);
  const { out: came, halves } = glanceOf(aPlan(), balls);
  expect([came.count, came.of]).toEqual([1, 2]);
  expect(halves).toBeNull();
});
