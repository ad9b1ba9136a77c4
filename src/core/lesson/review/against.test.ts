import { answer } from '@/core/tell/answer/answer';
import { readSituation } from '@/core/contract/shot/situation';
import { situationFor } from '../players/player';
import { aRecord } from '@/core/testing/records';
import { forStats, hitOf, loggedBall } from './against';
import { seenBall } from '@/core/model/shot/seen';
import { AS_MEANT } from '@/core/model/swing/swingError';
import { golferOf } from '@/core/model/golfer/golferOf';
import { trackedBall } from '../tracker/simulated';

const record = (handed: 'right' | 'left') =>
  aRecord({
    handed,
    bag: [
      { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 },
      { name: '52', type: 'wedge', loft_deg: 52, bounce_deg: 10, stock_carry_yd: 93 },
    ],
  });
const station = {
  name: 'Low lip',
  shot: { pin_yd: 15, lip: { height_ft: 2, distance_ft: 8 } },
  line: 1,
};

describe.each(['right', 'left'] as const)('%s-handed', (handed) => {
  const own = record(handed);
  const situation = situationFor(own, station.shot);
  const { player } = readSituation(situation).question;
  const call = answer(situation, 'yards', () => 0).flag!.picture.kept;
  const hit = hitOf(call, player, station, own);

  test('a kept call plays again as it was called: carry and line', () => {
    const seen = seenBall(hit.setup, hit.aim, golferOf(player), hit.shot, AS_MEANT);
    expect(seen.carry).toBeCloseTo(call.carry_m, 6);
    expect(Math.abs(seen.y)).toBeLessThan(0.05);
  });

  test('right of the line is to the player’s side for a left-hander only', () => {
    const ball = {
      call,
      station: 0,
      along_m: 12,
      right_m: 2,
      entry_m: 0.05,
      strike: 'thin' as const,
    };
    const logged = loggedBall({ ...ball, at: station, source: 'tracker' }, hit, player);
    expect(logged.y).toBe(handed === 'right' ? -2 : 2);
    expect(logged).toMatchObject({ x: 12, entry: 0.05, strike: 'thin', measured: true });
    const { right_m: _side, strike: _strike, ...less } = ball;
    const bare = loggedBall(less, hit, player);
    expect(bare).not.toHaveProperty('y');
    expect(bare).not.toHaveProperty('strike');
    expect(bare).not.toHaveProperty('measured');
    expect(forStats(ball, hit.shot)).toMatchObject({ pin: hit.shot.pin, carryMeant: call.carry_m });
  });

  test('the simulated tracker reads balls that a player might hit, the same one the same', () => {
    const balls = Array.from({ length: 40 }, (_, i) => trackedBall(hit, player, 3, i));
    expect(trackedBall(hit, player, 3, 7)).toEqual(balls[7]);
    const carries = balls.map(({ carry_m }) => carry_m!);
    const mean = carries.reduce((sum, c) => sum + c, 0) / carries.length;
    expect(Math.abs(mean / call.carry_m - 1)).toBeLessThan(0.35);
    expect(new Set(carries).size).toBeGreaterThan(20);
  });
});
