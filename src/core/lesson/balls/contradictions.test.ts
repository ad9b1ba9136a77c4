import { aBall } from '@/core/testing/balls';
import { readBallChange, readBalls } from './ball';
import { readBallText } from './ballText';

const yards = (text: string) => readBallText(text, 'yards');

test.each([
  ['thin heavy', '"thin" and "heavy" both give the strike: keep one'],
  ['e1 e2', '"e1" and "e2" both give the entry: keep one'],
  ['c12 L2 R3', '"L2" and "R3" both give the side: keep one'],
  ['c134 s15', /a ball that carries 134 yd .* does not stop 15 yd/],
])('%s cannot be of one ball', (text, message) => {
  expect(() => yards(text)).toRefuse(message);
});

test('what can be is taken: spin, a ball off the lip, one that ran on', () => {
  for (const text of ['c20 s14', 'c30 s2 lip', 'c12 s0', 'c12 r3 L2 thin', 'c12 s30']) {
    expect(() => yards(text)).not.toThrow();
  }
});

test('balls and their changes are held to it too, each by name', () => {
  const bad = { carry_m: 120, along_m: 10 };
  expect(() => readBalls({ balls: [aBall(1), aBall(2, bad)] })).toRefuse(
    /^balls\[1\]\.along_m: a ball that carries/,
  );
  expect(() => readBallChange(bad)).toRefuse(/^along_m: a ball that carries/);
  expect(readBallChange({ ...bad, strike: 'lip' })).toEqual({ ...bad, strike: 'lip' });
});
