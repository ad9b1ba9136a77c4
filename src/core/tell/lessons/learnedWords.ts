import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { degrees } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { SAND_WORDS } from '@/core/tell/words/situation';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Estimate } from '@/core/lesson/learning/estimate';
import type { Learning } from '@/core/lesson/learning/learn';
import type { Saving } from '@/core/lesson/learning/saving';

/** How sure a learning is which way something lies: both ends of the interval on one side. */
const clear = ({ low, high }: Estimate): boolean => low > 0 || high < 0;

const WHAT = told({ mark: 'the entry point', far: 'the distance', side: 'the direction' } as const);

/** What was learnt, in sentences: what moved, by how much and how sure that is. */
export function learnWords(learning: Learning, units: UnitSystem): string[] {
  const { mark, distance, direction, changed } = learning;
  const small = unitFor('short', units);
  const far = (metres: number): string =>
    `${plainNumber(fromMetres(Math.abs(metres), small))} ${small}`;
  const words: string[] = [];
  if (changed) {
    words.push(
      t(
        'Something changed after ball {after}, most of all {what}. These numbers come from the balls since then.',
        { after: changed.after, what: WHAT[changed.what] },
      ),
    );
  }
  const { bias } = mark.after;
  words.push(
    mark.balls === 0
      ? t('No entry points were logged, so they are taken as typical for this level.')
      : clear(bias)
        ? t(
            'The club enters {far} {mean} than planned ({far2} to {far3}), with a spread of {far4}; {far5} is typical for this level.',
            {
              far: far(bias.mean),
              mean: bias.mean > 0 ? t('further behind the ball') : t('nearer the ball'),
              far2: far(bias.low),
              far3: far(bias.high),
              far4: far(mark.after.spread.mean),
              far5: far(mark.before.spread),
            },
          )
        : t(
            'The club enters where it is planned, as far as {balls} balls can show, with a spread of {far}; {far2} is typical for this level.',
            { balls: mark.balls, far: far(mark.after.spread.mean), far2: far(mark.before.spread) },
          ),
  );
  const percent = (log: number): number => Math.round((Math.exp(log) - 1) * 100);
  const by = (log: number): string => `${percent(log)}%`;
  const further = (log: number): string =>
    `${Math.abs(percent(log))}% ${log > 0 ? t('longer') : t('shorter')}`;
  const moved = distance.after.bias;
  words.push(
    distance.balls === 0
      ? t('No distances were logged, so they come from the model.')
      : clear(moved)
        ? t(
            'The same swing is {further} than typical for this level ({by} to {by2}): a different head speed, or different sand.',
            { further: further(moved.mean), by: by(moved.low), by2: by(moved.high) },
          )
        : t(
            'The same swing goes as far as is typical for this level, as far as {balls} balls can show ({by} to {by2}).',
            { balls: distance.balls, by: by(moved.low), by2: by(moved.high) },
          ),
  );
  for (const { sand, offset } of distance.sands) {
    if (clear(offset)) {
      words.push(
        t('In {sand} it is {further} than in the other sands ({by} to {by2}).', {
          sand: SAND_WORDS[sand].within,
          further: further(offset.mean),
          by: by(offset.low),
          by2: by(offset.high),
        }),
      );
    }
  }
  const turn = direction.after.bias;
  const turned = plainNumber(degrees(Math.abs(turn.mean)));
  words.push(
    direction.balls === 0
      ? t('No directions were logged.')
      : clear(turn)
        ? t(
            'Balls start {turned}° to the {mean} of the line. If you use these numbers, calls aim that much to the other side.',
            { turned, mean: turn.mean > 0 ? t('player’s side') : t('far side') },
          )
        : t('Balls start on line, as far as these balls can show.'),
  );
  return words;
}

/** Whether a learning is worth taking over, in strokes. */
export function savingWords({ mean, low, high, worth }: Saving): string {
  const strokes = (value: number): string => value.toFixed(2).replace('-0.00', '0.00');
  const range = t('90% confidence: {strokes} to {strokes2}', {
    strokes: strokes(low),
    strokes2: strokes(high),
  });
  if (worth)
    return t('Worth using: these numbers should save {strokes} strokes a shot ({range}).', {
      strokes: strokes(mean),
      range,
    });
  if (strokes(mean) === '0.00') {
    return t('Not worth using yet: these balls promise no saving to speak of ({range}).', {
      range,
    });
  }
  return mean > 0
    ? t(
        'Not worth using yet: these numbers might save {strokes} strokes a shot ({range}). Log more balls to be sure.',
        { strokes: strokes(mean), range },
      )
    : t('Not worth using: no strokes are expected to be saved ({range}).', { range });
}
