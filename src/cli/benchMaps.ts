import { FACTORS, type FactorName } from '@/core/search/changes/factors';
import type { Question } from '@/core/search/calls/question';
import { mapAxis } from '@/core/search/map/mapAxis';
import { readSituation } from '@/core/contract/shot/situation';
import { mapUntilBordersStand } from '@/core/testing/maps';
import { randomReading } from '@/core/testing/readings';
import { calledAt } from '@/core/testing/thresholds';
import { countAsked, line } from './benchLine';

/* npm run -s maps -- 20: every cell of maps of random readings, once their borders stand, is asked of the desk through the front door. */

const count = countAsked('maps', 20);

/** Cells of a map, across and up: fewer than the page's, or it would take a day. */
const COLUMNS = 12;
const ROWS = 8;

/** Every pair of what can be moved, the readings in turn. */
const PAIRS = FACTORS.flatMap((x, i) => FACTORS.slice(i + 1).map((y) => [x, y] as const));

const mapOf = (question: Question, x: FactorName, y: FactorName) =>
  mapUntilBordersStand(question, mapAxis(x, COLUMNS), mapAxis(y, ROWS));

const held = { looked: 0, taken: 0 };
const all = { looked: 0, taken: 0 };
for (let k = 0; k < count; k++) {
  const situation = randomReading(100 + k);
  const [x, y] = PAIRS[k % PAIRS.length]!;
  const { question } = readSituation(situation);
  for (const cell of mapOf(question, x, y).flat()) {
    const kind = cell.settled ? 'looked' : 'taken';
    all[kind] += 1;
    const moves = [
      [x, cell.x],
      [y, cell.y],
    ] as const;
    if (calledAt(situation, moves, cell.best)) held[kind] += 1;
    else console.log(`map ${k + 1} (${kind}): ${x} ${cell.x}, ${y} ${cell.y}`);
  }
}
line(
  `cells of ${count} maps that were looked at, as the desk calls`,
  `${held.looked} of ${all.looked}`,
  'aim all',
);
line('cells that were taken from the nearest', `${held.taken} of ${all.taken}`, 'aim all');
