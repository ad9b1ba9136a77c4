import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import { aPlayer, CLUB_52, CLUB_60 } from '@/core/testing/fixtures';
import { bestWithClub } from './bestWithClub';
import { judgingSwings, judgedSaving } from './judging';
import { standardMix } from './mix';

test('the error that is said is the one that repetition shows', () => {
  const player = aPlayer();
  const golfer = golferOf(player);
  const mix = standardMix(4);
  const choose = sampleSwings(golfer.habits, 64, 3);
  const repeated = Array.from({ length: 40 }, (_, k) => {
    const samples = { choose, judge: judgingSwings(golfer.habits, 1000 * (k + 1)) };
    const [now, then] = [CLUB_60, CLUB_52].map((club) =>
      mix.map(({ shot }) => bestWithClub(club, { player }, golfer, shot, samples)!),
    );
    return judgedSaving(now!, then!, mix);
  });
  const mean = (of: (each: (typeof repeated)[number]) => number): number =>
    repeated.reduce((sum, each) => sum + of(each), 0) / repeated.length;
  const middle = mean(({ saving }) => saving);
  const shown = Math.sqrt(
    (repeated.length / (repeated.length - 1)) * mean(({ saving }) => (saving - middle) ** 2),
  );
  const said = Math.sqrt(mean(({ error }) => error ** 2));
  // Forty repetitions tell a standard deviation to a ninth: twice that.
  expect(said / shown).toBeGreaterThan(0.78);
  expect(said / shown).toBeLessThan(1.22);
});
