import { degrees } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Estimate } from './estimate';
import type { Learning } from './learn';
import type { Saving } from './saving';

/** How sure a learning is which way something lies: both ends of the interval on one side. */
const clear = ({ low, high }: Estimate): boolean => low > 0 || high < 0;

const WHAT = { mark: 'the entry point', far: 'the distance', side: 'the direction' } as const;

/** What was learnt, in sentences: what moved, by how much and how sure that is. */
export function learnWords(learning: Learning, units: UnitSystem): string[] {
  const { mark, distance, direction, changed } = learning;
  const small = unitFor('short', units);
  const far = (metres: number): string =>
    `${plainNumber(fromMetres(Math.abs(metres), small))} ${small}`;
  const words: string[] = [];
  if (changed) {
    words.push(
      `Something changed after ball ${changed.after}, most of all ${WHAT[changed.what]}. These numbers come from the balls since then.`,
    );
  }
  const { bias } = mark.after;
  words.push(
    mark.balls === 0
      ? 'No entry points were logged, so they are taken as typical for this level.'
      : clear(bias)
        ? `The club enters ${far(bias.mean)} ${bias.mean > 0 ? 'further behind the ball' : 'nearer the ball'} than planned (${far(bias.low)} to ${far(bias.high)}), with a spread of ${far(mark.after.spread.mean)}; ${far(mark.before.spread)} is typical for this level.`
        : `The club enters where it is planned, as far as ${mark.balls} balls can show, with a spread of ${far(mark.after.spread.mean)}; ${far(mark.before.spread)} is typical for this level.`,
  );
  const percent = (log: number): number => Math.round((Math.exp(log) - 1) * 100);
  const by = (log: number): string => `${percent(log)}%`;
  const further = (log: number): string =>
    `${Math.abs(percent(log))}% ${log > 0 ? 'longer' : 'shorter'}`;
  const moved = distance.after.bias;
  words.push(
    distance.balls === 0
      ? 'No distances were logged, so they come from the model.'
      : clear(moved)
        ? `The same swing is ${further(moved.mean)} than typical for this level (${by(moved.low)} to ${by(moved.high)}): a different head speed, or different sand.`
        : `The same swing goes as far as is typical for this level, as far as ${distance.balls} balls can show (${by(moved.low)} to ${by(moved.high)}).`,
  );
  for (const { sand, offset } of distance.sands) {
    if (clear(offset)) {
      words.push(
        `In ${sand} sand it is ${further(offset.mean)} than in the other sands (${by(offset.low)} to ${by(offset.high)}).`,
      );
    }
  }
  const turn = direction.after.bias;
  const turned = plainNumber(degrees(Math.abs(turn.mean)));
  words.push(
    direction.balls === 0
      ? 'No directions were logged.'
      : clear(turn)
        ? `Balls start ${turned}° to the ${turn.mean > 0 ? 'player’s side' : 'far side'} of the line. If you use these numbers, calls aim that much to the other side.`
        : 'Balls start on line, as far as they can show.',
  );
  return words;
}

/** Whether a learning is worth taking over, in strokes. */
export function savingWords({ mean, low, high, worth }: Saving): string {
  const strokes = (value: number): string => value.toFixed(2).replace('-0.00', '0.00');
  const range = `90% confidence: ${strokes(low)} to ${strokes(high)}`;
  if (worth)
    return `Worth using: these numbers should save ${strokes(mean)} strokes a shot (${range}).`;
  return mean > 0
    ? `Not worth using yet: these numbers might save ${strokes(mean)} strokes a shot (${range}). Log more balls to be sure.`
    : `Not worth using: no strokes are expected to be saved (${range}).`;
}
