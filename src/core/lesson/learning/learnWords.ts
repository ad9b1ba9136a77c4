import { degrees } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Estimate } from './estimate';
import type { Learning } from './learn';
import type { Saving } from './saving';

/** How sure a learning is which way something lies: both ends of the interval on one side. */
const clear = ({ low, high }: Estimate): boolean => low > 0 || high < 0;

const WHAT = { mark: 'the mark', far: 'the distance', side: 'the direction' } as const;

/** What was learnt, in sentences: what moved, by how much and how sure that is. */
export function learnWords(learning: Learning, units: UnitSystem): string[] {
  const { mark, distance, direction, changed } = learning;
  const small = unitFor('short', units);
  const far = (metres: number): string =>
    `${plainNumber(fromMetres(Math.abs(metres), small))} ${small}`;
  const words: string[] = [];
  if (changed) {
    words.push(
      `Something changed after ball ${changed.after}: ${WHAT[changed.what]} most of all. What is said here is learnt from the balls since then.`,
    );
  }
  const { bias } = mark.after;
  words.push(
    mark.balls === 0
      ? 'No mark was logged: the mark is what the skill says.'
      : clear(bias)
        ? `The mark is ${far(bias.mean)} ${bias.mean > 0 ? 'further back' : 'nearer'} than meant (${far(bias.low)} to ${far(bias.high)}), and spreads by ${far(mark.after.spread.mean)} where the skill says ${far(mark.before.spread)}.`
        : `The mark is where it is meant, as far as ${mark.balls} balls tell; it spreads by ${far(mark.after.spread.mean)} where the skill says ${far(mark.before.spread)}.`,
  );
  const percent = (log: number): number => Math.round((Math.exp(log) - 1) * 100);
  const by = (log: number): string => `${percent(log)} %`;
  const further = (log: number): string =>
    `${Math.abs(percent(log))} % ${log > 0 ? 'further' : 'less far'}`;
  const moved = distance.after.bias;
  words.push(
    distance.balls === 0
      ? 'No distance was logged: distances are the model’s.'
      : clear(moved)
        ? `The same swing sends the ball ${further(moved.mean)} than the skill says (${by(moved.low)} to ${by(moved.high)}): more or less speed, or other sand.`
        : `The same swing sends the ball as far as the skill says, as far as ${distance.balls} balls tell (${by(moved.low)} to ${by(moved.high)}).`,
  );
  for (const { sand, offset } of distance.sands) {
    if (clear(offset)) {
      words.push(
        `In ${sand} sand it goes ${further(offset.mean)} than in the other sands (${by(offset.low)} to ${by(offset.high)}).`,
      );
    }
  }
  const turn = direction.after.bias;
  const turned = plainNumber(degrees(Math.abs(turn.mean)));
  words.push(
    direction.balls === 0
      ? 'No direction was logged.'
      : clear(turn)
        ? `Balls start ${turned}° to the ${turn.mean > 0 ? 'player’s side' : 'far side'} of the line. Once this is taken over, calls aim that much to the other side.`
        : 'Balls start on the line, as far as they tell.',
  );
  return words;
}

/** Whether a learning is worth taking over, in strokes. */
export function savingWords({ mean, low, high, worth }: Saving): string {
  const strokes = (value: number): string => value.toFixed(2).replace('-0.00', '0.00');
  const range = `nine times in ten between ${strokes(low)} and ${strokes(high)}`;
  if (worth) return `Worth taking over: it should save ${strokes(mean)} strokes a ball, ${range}.`;
  return mean > 0
    ? `Not worth taking over yet: it might save ${strokes(mean)} strokes a ball, ${range}. More balls will tell.`
    : `Not worth taking over: nothing is expected to be saved (${range}).`;
}
