import { A_CALL } from '@/core/testing/balls';
import { FaultyInput } from '@/core/contract/check/fault';
import { readAim, readLeave } from './aim';

const aim = {
  lesson: '11111111-1111-4111-8111-111111111111',
  player: 'ada',
  station: 0,
  call: A_CALL,
};

const pathsOf = (read: () => unknown): string[] => {
  try {
    read();
  } catch (error) {
    if (error instanceof FaultyInput) return error.faults.map(({ path }) => path);
    throw error;
  }
  return [];
};

test('an aim comes back as it was given', () => {
  expect(readAim(aim)).toEqual(aim);
  const { call: _call, ...who } = aim;
  expect(readLeave(who)).toEqual(who);
});

test.each([
  [{ lesson: 'monday' }, 'lesson'],
  [{ station: 12 }, 'station'],
  [{ station: 0.5 }, 'station'],
  [{ player: '' }, 'player'],
  [{ call: { ...A_CALL, face_deg: 90 } }, 'call.face_deg'],
  [{ call: undefined }, 'call'],
  [{ note: 'x' }, 'note'],
])('%j is refused by name', (change, path) => {
  expect(pathsOf(() => readAim({ ...aim, ...change }))).toContain(path);
});

test('leaving takes no call, and everything else', () => {
  expect(pathsOf(() => readLeave(aim))).toEqual(['call']);
  expect(pathsOf(() => readLeave({})).sort()).toEqual(['lesson', 'player', 'station']);
});
