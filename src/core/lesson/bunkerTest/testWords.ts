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
  const last = high >= LEVEL_HANDICAP.beginner ? `${said(high)} or more` : said(high);
  const first = low <= LEVEL_HANDICAP.expert ? `${said(low)} or better` : said(low);
  return `Plays from bunkers like a handicap of ${said(handicap)} (${first} to ${last}).`;
}

/** From here on a change is more than luck. */
const SURE = 0.95;

/** What a retest says, never more than the balls show. */
export function retestWords({ better, likely, balls }: Retest): string {
  const by = Math.round(Math.abs(better));
  if (likely >= SURE) return `Better than last time by about ${by}: more than luck.`;
  if (likely <= 1 - SURE) return `Not as good as last time by about ${by}: more than luck.`;
  if (by === 0) return 'The same as last time.';
  const what = better > 0 ? 'Better' : 'Not as good';
  const wanted = balls === null ? '' : ` About ${balls} balls each time would tell such a change.`;
  return `${what} by about ${by}, which may be luck.${wanted}`;
}
