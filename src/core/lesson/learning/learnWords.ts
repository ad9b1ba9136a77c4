import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Channel, Learning } from './learn';

/** How sure a learning is of a direction: both ends of the interval on one side. */
const clear = ({ after: { bias } }: Channel): boolean => bias.low > 0 || bias.high < 0;

const degrees = (radians: number): string => plainNumber((Math.abs(radians) * 180) / Math.PI);

/** What was learnt, in sentences: what moved, by how much and how sure that is. */
export function learnWords(learning: Learning, units: UnitSystem): string[] {
  const { mark, distance, direction } = learning;
  const small = unitFor('short', units);
  const far = (metres: number): string =>
    `${plainNumber(fromMetres(Math.abs(metres), small))} ${small}`;
  const words: string[] = [];
  const { bias } = mark.after;
  words.push(
    mark.balls === 0
      ? 'No mark was logged: the mark is what the skill says.'
      : clear(mark)
        ? `The mark is ${far(bias.mean)} ${bias.mean > 0 ? 'further back' : 'nearer'} than meant (${far(bias.low)} to ${far(bias.high)}), and spreads by ${far(mark.after.spread.mean)} where the skill says ${far(mark.before.spread)}.`
        : `The mark is where it is meant, as far as ${mark.balls} balls tell; it spreads by ${far(mark.after.spread.mean)} where the skill says ${far(mark.before.spread)}.`,
  );
  const percent = (log: number): number => Math.round((Math.exp(log) - 1) * 100);
  const by = (log: number): string => `${percent(log)} %`;
  const moved = distance.after.bias;
  words.push(
    distance.balls === 0
      ? 'No distance was logged: distances are the model’s.'
      : clear(distance)
        ? `From a mark the ball goes ${Math.abs(percent(moved.mean))} % ${moved.mean > 0 ? 'further' : 'less far'} than the model says (${by(moved.low)} to ${by(moved.high)}): more or less speed, or other sand.`
        : `From a mark the ball goes as far as the model says, as far as ${distance.balls} balls tell (${by(moved.low)} to ${by(moved.high)}).`,
  );
  const turn = direction.after.bias;
  words.push(
    direction.balls === 0
      ? 'No direction was logged.'
      : clear(direction)
        ? `Balls start ${degrees(turn.mean)}° to the ${turn.mean > 0 ? 'player’s side' : 'far side'} of the line.`
        : 'Balls start on the line, as far as they tell.',
  );
  return words;
}
