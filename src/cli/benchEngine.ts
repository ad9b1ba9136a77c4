import { meanOf } from '@/core/ground/numeric/mean';
import { normalsOf } from '@/core/ground/club/geometry';
import { quantile } from '@/core/ground/numeric/order';
import { engineHere, withoutEngine } from '@/core/model/batch/engine';
import { fly } from '@/core/model/flight/fly';
import { oddsOf } from '@/core/model/odds/odds';
import { isDoubtful, MANY_STEPS, passToBall, sandTool, STEPS } from '@/core/model/passage/passage';
import { readyFor } from '@/core/model/shot/play';
import { arcWith } from '@/core/model/shot/strike';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import { sampleSwings } from '@/core/model/spread/swings';
import { strikeBall } from '@/core/model/strike/contact';
import { onSlope } from '@/core/model/strike/slope';
import { AS_MEANT, type SwingError } from '@/core/model/swing/swingError';
import { PARTS, sharedBy } from '@/core/search/calls/choosing';
import { calledFirst } from '@/core/search/calls/leaders';
import type { Call } from '@/core/search/calls/call';
import { searchPart } from '@/core/search/calls/part';
import { prescribe, TOLD_AT_FIRST } from '@/core/search/calls/prescribe';
import { golferOf } from '@/core/model/golfer/golferOf';
import { SITUATIONS } from '@/core/testing/steadiness';
import { isSmall, line } from './benchLine';

/* Part of npm run bench: what the kernel costs beside the reference, and how near both are to the converged model. */

/** Situations of all kinds, calls of each, and swings of each call: 36 set-ups and 4,608 swings. */
const TRIED = SITUATIONS.filter((_, i) => i % 5 < 2).slice(0, isSmall ? 2 : 12);
const CALLS = 3;
const SWINGS = 128;
const ROUNDS = isSmall ? 1 : 4;

/** Processor milliseconds of `run`, the least of some rounds: whatever else the machine does, it cannot be less. */
function cost(run: () => void): number {
  let least = Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    const { user, system } = process.cpuUsage();
    run();
    const spent = process.cpuUsage();
    least = Math.min(least, (spent.user + spent.system - user - system) / 1000);
  }
  return least;
}

/** What something costs by the reference and with the kernel, each time. */
function both(name: string, times: number, run: () => void, unit: 'us' | 'ms'): void {
  const scale = unit === 'us' ? 1000 : 1;
  const fast = (scale * cost(run)) / times;
  const slow = (scale * cost(() => withoutEngine(run))) / times;
  const digits = unit === 'us' ? 2 : 0;
  const told = `${slow.toFixed(digits)} ${unit} by the reference, ${fast.toFixed(digits)} with the kernel`;
  line(name, `${(slow / fast).toFixed(1)} times`, told);
}

const struck = ({ toward, setup }: Call): boolean => toward === 0 && setup.technique !== 'putt';
const calls = TRIED.flatMap((situation) =>
  prescribe({ ...situation, seed: 5 })
    .calls.filter(struck)
    .slice(0, CALLS)
    .map((call) => ({ call, golfer: golferOf(situation.player) })),
);

if (!engineHere()) line('kernel', 'none', 'WebAssembly without SIMD: the reference answers');

both(
  'one shot, on the mean of all set-ups',
  calls.length * 1024,
  () => {
    for (const { call, golfer } of calls) {
      const { setup, shot, aim } = call;
      oddsOf(setup, golfer, shot, aim, sampleSwings(golfer.habits, 1024, 3));
    }
  },
  'us',
);
both(
  'call sheet: search and telling, one thread',
  TRIED.length,
  () => TRIED.forEach((each) => prescribe({ ...each, seed: 5 }, { tell: TOLD_AT_FIRST })),
  'ms',
);
both(
  'call sheet: the longer part, two threads',
  TRIED.length,
  () => {
    for (const each of TRIED) searchPart(each, PARTS - 1, sharedBy(each));
  },
  'ms',
);
both('first call alone', TRIED.length, () => TRIED.forEach((each) => calledFirst(each)), 'ms');

/** Carry of one swing, m, in so many steps: of the sand, and times the usual ones of the flight. */
function carryOf({ setup, shot }: Call, golfer: ReturnType<typeof golferOf>) {
  const { intent } = readyFor(setup, golfer, shot);
  const { delivery, posture, shape } = intent!;
  return (error: SwingError, steps: number | 'usual', finer: number): number => {
    const normals = normalsOf(posture, error.face);
    const tool = sandTool(normals, setup.club, shape);
    const speed = Math.max(intent!.speed * error.speed, 1.01);
    const arc = arcWith(delivery, error);
    let head = passToBall(arc, speed, tool, shot.sand, steps === 'usual' ? STEPS : steps);
    if (steps === 'usual' && isDoubtful(head))
      head = passToBall(arc, speed, tool, shot.sand, MANY_STEPS);
    const launch = strikeBall(head, normals, shot.sand, shot.burial, setup.club.headMass);
    onSlope(launch, shot);
    const { landing } = fly(launch, 0, 0, shot.wind, undefined, finer);
    return Math.hypot(landing.x, landing.y);
  };
}

const off: number[] = [];
for (const { call, golfer } of calls) {
  const carry = carryOf(call, golfer);
  const footing = footingOf(call.setup, call.shot);
  for (const swing of sampleSwings(golfer.habits, SWINGS, 11)) {
    const error = madeWith(swing, footing, { ...AS_MEANT });
    off.push(Math.abs(carry(error, 'usual', 1) - carry(error, 400, 8)));
  }
}
const mm = (share: number): string => `${(1000 * quantile(off, share)).toFixed(1)} mm`;
line(
  `carry against 400 steps of sand, ${off.length} swings: middle`,
  mm(0.5),
  `19 in 20 ${mm(0.95)}, 99 in 100 ${mm(0.99)}, 999 in 1000 ${mm(0.999)}`,
);

/** The kernel and the reference on the same swings. */
const apart = calls.map(({ call, golfer }) => {
  const { setup, shot, aim } = call;
  const swings = sampleSwings(golfer.habits, SWINGS, 11);
  const fast = oddsOf(setup, golfer, shot, aim, swings);
  const slow = withoutEngine(() => oddsOf(setup, golfer, shot, aim, swings));
  return Math.abs(fast.strokes - slow.strokes);
});
line(
  `strokes of ${apart.length} set-ups, kernel against reference: mean`,
  meanOf(apart).toExponential(1),
  `at most ${Math.max(...apart).toExponential(1)}`,
);
