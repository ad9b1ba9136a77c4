import { t } from '@/core/tell/language/t';
import { handicapWords } from '@/core/ground/player/handicap';
import { TEST_SURE } from '@/core/lesson/review/luck';
import { HANDICAP_RANGE, type Figure, type Retest } from '@/core/lesson/bunkerTest/figure';

const said = (handicap: number): string => handicapWords(Math.round(handicap));

/**
 * A figure in words.
 *
 * @example
 * figureWords({ handicap: 14.2, low: 8, high: 21 }); // => 'Plays from bunkers like a handicap of 14 (8 to 21).'
 */
export function figureWords({ handicap, low, high }: Figure): string {
  const [best, worst] = HANDICAP_RANGE;
  const last = high >= worst ? t('{said} or more', { said: said(high) }) : said(high);
  const first = low <= best ? t('{said} or better', { said: said(low) }) : said(low);
  return t('Plays from bunkers like a handicap of {said} ({first} to {last}).', {
    said: said(handicap),
    first,
    last,
  });
}

/** What a retest says, never more than the balls show, and against what. */
export function retestWords({ better, likely, balls, earlier }: Retest): string {
  const against =
    earlier === 1
      ? t(
          'Held against the test before. After a poor test the next is better by luck alone: that is allowed for.',
        )
      : t(
          'Held against all {earlier} earlier tests together, not against the best or the worst of them.',
          { earlier },
        );
  return `${changeWords(better, likely, balls)} ${against}`;
}

function changeWords(better: number, likely: number, balls: number | null): string {
  const by = Math.round(Math.abs(better));
  if (likely >= TEST_SURE) return t('Better than before by about {by}: more than luck.', { by });
  if (likely <= 1 - TEST_SURE)
    return t('Not as good as before by about {by}: more than luck.', { by });
  if (by === 0) return t('The same as before.');
  const wanted =
    balls === null
      ? ''
      : ` ${t('It takes about {balls} balls each time to show a change of that size, four times in five.', { balls })}`;
  return better > 0
    ? t('Better by about {by}, which may be luck.{wanted}', { by, wanted })
    : t('Not as good by about {by}, which may be luck.{wanted}', { by, wanted });
}
