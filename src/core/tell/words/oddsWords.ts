import { t } from '@/core/tell/language/t';
import { chanceWords } from './words';

const said = (chance: number): string => `${chanceWords(chance)} (${Math.round(chance * 100)}%)`;

/**
 * What becomes of a call's balls, in words and in numbers.
 *
 * @example
 * oddsWords({ out: 0.99, green: 0.71, thin: 0.02 }); // => 'Out nearly always (99%), on the green about 7 in 10 (71%), thin hardly ever (2%).'
 */
export const oddsWords = ({ out, green, thin }: Record<'out' | 'green' | 'thin', number>) =>
  t('Out {said}, on the green {said2}, thin {said3}.', {
    said: said(out),
    said2: said(green),
    said3: said(thin),
  });
