import { spoken } from './language';

/**
 * Numbers as the language in force writes them: German has a comma where English has a point.
 *
 * @example
 * written('3.5 m'); // => '3.5 m'
 */
export const written = (text: string): string =>
  spoken().language === 'de' ? text.replace(/(\d)\.(?=\d)/g, '$1,') : text;
