import { A_CALL, aBall } from '@/core/testing/balls';
import { ballsFrom, columnsOf } from './columns';

const balls = [
  { ...aBall(1, { strike: 'good', note: 'null' }), seq: 1, touched: 1 },
  { ...aBall(2, { player: 'bert', station: 1 }), seq: 2, touched: 5 },
  { ...aBall(3, { entry_m: 0, carry_m: 11.25 }), excluded: 'a gust', seq: 3, touched: 3 },
  { ...aBall(4, { call: { ...A_CALL, club: '52' } }), seq: 4, touched: 4 },
];

test('what a review looks at comes back ball by ball, in order', () => {
  const back = ballsFrom(JSON.parse(JSON.stringify(columnsOf(balls))) as never);
  expect(back).toEqual(
    balls.map(({ id: _id, hit_at: _at, source: _source, seq: _seq, touched: _t, ...ball }) => ball),
  );
});

test('no balls are no balls', () => {
  expect(ballsFrom(columnsOf([]))).toEqual([]);
});

test('five thousand balls are a few hundred kilobytes', () => {
  const many = Array.from({ length: 5000 }, (_, i) => ({
    ...aBall(i, { entry_m: 0.0412, along_m: 14.53, right_m: -0.82, strike: 'good' }),
    seq: i,
    touched: i,
  }));
  expect(JSON.stringify(columnsOf(many)).length).toBeLessThan(250_000);
});
