import { BAG } from '@/core/testing/bench';
import { aPlayer, aShot } from '@/core/testing/fixtures';
import { prescribe } from './prescribe';

const player = { ...aPlayer(), bag: BAG };
const asked = (schools: readonly string[], pinYd = 16) =>
  prescribe({ player, shot: aShot(pinYd, 1.5, 9), seed: 7, schools }, { tell: 1 });

test('a preferred technique is called where it can be, whatever little it costs, and nothing is said of it', () => {
  for (const id of ['across', 'parallel', 'neutral-release', 'held-open', 'turned-over', 'slide']) {
    const { calls, passed } = asked([id]);
    expect(calls[0]!.school.id).toBe(id);
    expect(passed).toBeNull();
  }
});

test('where it cannot be played the sheet knows why, where it is dearer by how much', () => {
  expect(asked(['sharp-edge']).passed).toMatchObject({ state: 'ruled-out' });
  const { calls, passed } = asked(['same-sand'], 45);
  expect(calls[0]!.school.id).not.toBe('same-sand');
  expect(passed).not.toBeNull();
});

test('nobody prefers anything: nothing was passed over', () => {
  expect(asked([]).passed).toBeNull();
});
