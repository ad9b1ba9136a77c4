import { A_CALL } from '@/core/testing/balls';
import { calledWithWords } from '@/core/tell/lessons/calledWith';

const called = (...versions: (number | undefined)[]) =>
  versions.map((version) => ({
    call: { ...A_CALL, ...(version && { learnt_version: version }) },
  }));

test('balls say with which learning they were called', () => {
  expect(calledWithWords([])).toBeNull();
  expect(calledWithWords(called(undefined, undefined))).toBeNull();
  expect(calledWithWords(called(3, 3))).toBe('Calls used the player’s own numbers (version 3).');
  expect(calledWithWords(called(undefined, 2, 3, 2))).toBe(
    'Calls came from averages for the level: 1 ball; from the player’s own numbers: 2 (version 2), 1 (version 3).',
  );
  expect(calledWithWords(called(3, 2))).toBe(
    'Calls came from the player’s own numbers: 1 (version 2), 1 (version 3).',
  );
});
