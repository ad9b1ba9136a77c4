import { changesIn, standpointOf } from '@/core/search/changes/changes';
import { FACTORS } from '@/core/search/changes/factors';
import { readSituation } from '@/core/contract/shot/situation';
import { randomReading } from '@/core/testing/readings';
import { broken } from '@/core/testing/thresholds';
import { countAsked, line } from './benchLine';

/* npm run -s thresholds -- 50: every threshold that random readings name, tried a step before, at it and a step after. */

const count = countAsked('readings', 50);

let named = 0;
let held = 0;
for (let seed = 1; seed <= count; seed++) {
  const situation = randomReading(seed);
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
