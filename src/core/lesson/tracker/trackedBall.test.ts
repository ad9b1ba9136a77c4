import { FaultyInput } from '@/core/contract/check/fault';
import { trackedLine } from './simulated';
import { readTrackedBall } from './trackedBall';

const ID = '00000000-0000-4000-8000-000000000001';
const line = (fields: object) => ({
  format: 'mellow-divot/tracked-ball',
  version: 1,
  id: ID,
  hit_at: '2026-05-02T10:00:00Z',
  ...fields,
});

const faultsOf = (input: unknown): readonly { path: string }[] => {
  try {
    readTrackedBall(input);
  } catch (error) {
    if (error instanceof FaultyInput) return error.faults;
  }
  return [];
};

test('lengths come in any one unit and are kept in metres', () => {
  const ball = readTrackedBall(line({ carry_yd: 10, entry_cm: 4, along_m: 12, strike: 'good' }));
  expect(ball).toMatchObject({ id: ID, along_m: 12, right_m: 0, strike: 'good' });
  expect(ball.carry_m).toBeCloseTo(9.144, 9);
  expect(ball.entry_m).toBeCloseTo(0.04, 9);
});

test('what the simulated tracker sends is what is read', () => {
  const seen = {
    entry_m: 0.041,
    carry_m: 11.2,
    along_m: 13.05,
    right_m: -0.4,
    strike: 'thin',
  } as const;
  const sent = trackedLine(seen, ID, '2026-05-02T10:00:00.250+02:00');
  expect(readTrackedBall(JSON.parse(sent))).toEqual({
    id: ID,
    hit_at: '2026-05-02T10:00:00.250+02:00',
    ...seen,
  });
});

test.each([
  ['a field it does not have', { speed_mps: 4 }, 'speed_mps'],
  ['a carry that is no number', { carry_m: 'far' }, 'carry_m'],
  ['a carry past any bunker', { carry_yd: 4000 }, 'carry_yd'],
  ['a length in two units', { carry_yd: 10, carry_m: 9 }, 'carry_m'],
  ['a time without a zone', { hit_at: '2026-05-02T10:00:00' }, 'hit_at'],
  ['another version', { version: 2 }, 'version'],
])('%s is refused by name', (_what, fields, path) => {
  expect(faultsOf(line(fields)).map((fault) => fault.path)).toContain(path);
});

test.each([null, 7, [], 'ball'])('%p is no ball', (input) => {
  expect(faultsOf(input).length).toBeGreaterThan(0);
});
