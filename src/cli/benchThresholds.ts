import { samplerOf } from '@/core/ground/numeric/sampling';
import { SKILLS } from '@/core/ground/player/player';
import { LIES } from '@/core/ground/sand/lie';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { randomStation } from '@/core/lesson/plan/randomStation';
import { changesIn, standpointOf } from '@/core/search/changes/changes';
import { FACTORS } from '@/core/search/changes/factors';
import { readSituation } from '@/core/tell/format/situation';
import { aSituation } from '@/core/testing/records';
import { broken } from '@/core/testing/thresholds';
import { line } from './benchLine';

/* npm run -s thresholds -- 50: every threshold that random readings name, tried a step before, at it and a step after. */

const [, , asked = '50'] = process.argv;
const count = Number(asked);
if (!Number.isInteger(count) || count < 1 || count > 1000) {
  console.error(`The number of readings must be a whole number from 1 to 1000, not "${asked}".`);
  process.exit(2);
}

const { player } = aSituation();
const LIMITS = { pin: [7.3, 36], lip: [0.15, 1.8] } as const;

let named = 0;
let held = 0;
for (let seed = 1; seed <= count; seed++) {
  const { uniform } = samplerOf(7000 + seed);
  const oneOf = <T>(values: readonly T[]): T => values[Math.floor(uniform() * values.length)]!;
  const shot = randomStation(seed, 'metres', {
    pin: [...LIMITS.pin],
    lip: [...LIMITS.lip],
    lies: LIES,
    sand: oneOf(SAND_PRESETS),
  });
  const situation = { player: { ...player, skill: oneOf(SKILLS) }, shot };
  const { question, firmness } = readSituation(situation);
  const stand = standpointOf(question, firmness);
  for (const factor of FACTORS) {
    for (const change of changesIn(stand, factor)) {
      named += 1;
      const wrong = broken(situation, { ...change, factor });
      if (wrong.length === 0) held += 1;
      else console.log(`reading ${seed}: ${wrong.join('; ')}`);
    }
  }
}
line(
  `thresholds of ${count} random readings that hold a step before and after`,
  `${held} of ${named}`,
  'aim all',
);
