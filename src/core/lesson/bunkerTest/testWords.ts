import { t } from '@/core/ground/language/t';
import { handicapWords } from '@/core/tell/words/player';
import { LEVEL_HANDICAP, type Figure, type Retest } from './figure';

const said = (handicap: number): string => handicapWords(Math.round(handicap));

/**
 * A figure in words.
 *
 * @example
 * figureWords({ handicap: 14.2, low: 8, high: 21 }); // => 'Plays from bunkers like a handicap of 14 (8 to 21).'
 */
export function figureWords({ handicap, low, high }: Figure): string {
  const last =
    high >= LEVEL_HANDICAP.beginner ? t('{said} or more', { said: said(high) }) : said(high);
  const first =
    low <= LEVEL_HANDICAP.expert ? t('{said} or better', { said: said(low) }) : said(low);
  return t('Plays from bunkers like a handicap of {said} ({first} to {last}).', {
    said: said(handicap),
    first,
    last,
  });
}

/** From here on a change is more than luck. */
const SURE = 0.95;

/** What a retest says, never more than the balls show. */
export function retestWords({ better, likely, balls }: Retest): string {
  const by = Math.round(Math.abs(better));
  if (likely >= SURE) return t('Better than last time by about {by}: more than luck.', { by });
  if (likely <= 1 - SURE)
    return t('Not as good as last time by about {by}: more than luck.', { by });
  if (by === 0) return t('The same as last time.');
  const wanted =
    balls === null
      ? ''
      : ` ${t('About {balls} balls each time would show a change of that size.', { balls })}`;
  return better > 0
    ? t('Better by about {by}, which may be luck.{wanted}', { by, wanted })
    : t('Not as good by about {by}, which may be luck.{wanted}', { by, wanted });
}
