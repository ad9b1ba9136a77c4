import { meanOf } from '@/core/ground/numeric/mean';
import { golferOf } from '@/core/model/golfer/golferOf';
import { oddsOf } from '@/core/model/odds/odds';
import { sampleSwings } from '@/core/model/spread/swings';
import { prescribe } from '@/core/search/calls/prescribe';
import { SITUATIONS, steadinessOf, type Steadiness } from '@/core/testing/steadiness';
import { AS_TAUGHT, randomQuestion, regretOf, WIDER } from '@/core/testing/regret';
import { isSmall, line } from './benchLine';

/* Part of npm run bench: what the odds and the choice of calls are worth, tried over thirty situations. */

const SEEDS = Array.from({ length: isSmall ? 2 : 20 }, (_, i) => 100 + 37 * i);
const POINTS = [11, 12, 13, 14, 15, 16].slice(0, isSmall ? 1 : 6);

/** The situations that are asked. */
const ASKED = isSmall ? SITUATIONS.slice(0, 2) : SITUATIONS;

const share = (value: number): string => `${(100 * value).toFixed(1)} %`;

/** What thirty situations gave, on the mean. */
function told(name: string, all: readonly Steadiness[]): void {
  line(`${name}: same club and school`, share(meanOf(all.map(({ same }) => same))), 'aim 95 %');
  const within = (of: (each: Steadiness) => number, most: number): string =>
    share(meanOf(all.map((each) => Number(of(each) <= most))));
  line(
    '  of these, face within 3 degrees',
    within(({ face }) => face, 3),
  );
  line(
    '  of these, swing within 0.03',
    within(({ swing }) => swing, 0.03),
  );
  line(
    '  strokes of the first call scatter by',
    meanOf(all.map(({ scatter }) => scatter)).toFixed(4),
  );
  line(
    '  better than it is by',
    meanOf(all.map(({ optimism }) => optimism)).toFixed(4),
    'aim 0.002',
  );
  line('  costs over the best that was found', meanOf(all.map(({ loss }) => loss)).toFixed(4));
}

told(
  'another seed',
  ASKED.map((situation) =>
    steadinessOf(
      situation,
      SEEDS.map((seed) => ({ seed })),
    ),
  ),
);
told(
  'other points to choose on',
  ASKED.map((situation) =>
    steadinessOf(
      situation,
      POINTS.map((points) => ({ seed: points + 1000, points })),
    ),
  ),
);

/** Swings of the brute force: independent of every search. */
const BRUTE = 20_000;
const NAMES = ['out', 'green', 'thin', 'strokes'] as const;

const errors = ASKED.map((situation) => {
  const [call] = prescribe({ ...situation, seed: 5 }, { tell: 1 }).calls;
  const golfer = golferOf(situation.player);
  const swings = sampleSwings(golfer.habits, BRUTE, 31_337);
  const brute = oddsOf(call!.setup, golfer, call!.shot, call!.aim, swings);
  return NAMES.map((name) => call!.odds[name] - brute[name]);
});
NAMES.forEach((name, k) => {
  const off = errors.map((each) => each[k]!);
  const most = Math.max(...off.map(Math.abs));
  const usual = Math.sqrt(meanOf(off.map((each) => each * each)));
  const said = name === 'strokes' ? usual.toFixed(4) : share(usual);
  const worst = name === 'strokes' ? most.toFixed(4) : share(most);
  line(`odds against 20,000 swings, thirty calls: ${name} off by`, said, `at most ${worst}`);
});

/** Questions at random, which nothing was tuned to. */
const RANDOM = isSmall ? 2 : 60;
for (const [name, beyond] of [
  ['denser grid', AS_TAUGHT],
  ['denser, wider grid', WIDER],
] as const) {
  const lost = Array.from({ length: RANDOM }, (_, i) =>
    regretOf(randomQuestion(1000 + i), beyond),
  ).flatMap((each) => (each ? [Math.max(0, each.regret)] : []));
  line(
    `first call over the best of a ${name}, ${lost.length} questions`,
    meanOf(lost).toFixed(4),
    `at most ${Math.max(...lost).toFixed(3)}; aim 0.01 and 0.03`,
  );
}
