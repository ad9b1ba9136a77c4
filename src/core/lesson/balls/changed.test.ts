import { aBall } from '@/core/testing/balls';
import { changedBall, changesTogether } from './changed';

test('what was seen is replaced as a whole, as the server does', () => {
  const changed = changedBall(aBall(1, { entry_m: 0.04, strike: 'thin' }), { carry_m: 9 });
  expect(changed).toMatchObject({ carry_m: 9, player: 'ada', station: 0 });
  expect(changed).not.toHaveProperty('entry_m');
  expect(changed).not.toHaveProperty('strike');
});

test('a reason alone leaves what was seen; an empty one counts the ball again', () => {
  const ball = aBall(1, { entry_m: 0.04 });
  expect(changedBall(ball, { excluded: 'stone' })).toEqual({ ...ball, excluded: 'stone' });
  expect(changedBall(ball, { excluded: '' })).toEqual(ball);
  expect(changedBall(ball, {})).toEqual(ball);
});

test('a ball that is taken away is not there, and comes back', () => {
  const away = changesTogether({ carry_m: 9 }, { deleted: true });
  expect(changedBall(aBall(1), away)).toBeNull();
  expect(changedBall(aBall(1), changesTogether(away, { deleted: false }))).toMatchObject({
    carry_m: 9,
  });
});

test('two changes leave a ball as one after the other would', () => {
  const steps = [
    { carry_m: 9, note: 'first' },
    { excluded: 'stone' },
    { carry_m: 10 },
    { excluded: '' },
  ];
  const together = steps.reduce(changesTogether, {});
  expect(together).toEqual({ carry_m: 10, excluded: '' });
  expect(changedBall(aBall(1), together)).not.toHaveProperty('note');
});
