/** Finds a name in a text, and writes the text without it. */
export interface Name {
  /** Where it stands in a text, first to last; empty where it does not. */
  places: (text: string) => readonly Place[];
  without: (text: string) => string;
  /** Letters that stand in every text that names it, whatever the case; empty where there are none to go by. */
  hint: string;
  /** It is one word alone: a word that files know may look the same. */
  oneWord: boolean;
}

/** From a letter of a text to the one behind the name. */
export interface Place {
  from: number;
  to: number;
}

/** What is written where a name stood: the first that is no longer than the name, for texts have bounds. */
const INSTEAD = ['a former player', 'someone', 'N. N.', '?'];

const escaped = (word: string): string => word.replace(/[^\p{L}\p{N}]/gu, '\\$&');

/** What may stand between the words of a name: "Ada Lund", "Ada-Lund", "ada.lund@example.org", over a line's end. */
const BETWEEN = '[\\s\\p{P}]+';

/** The words of a name. */
export const wordsOf = (name: string): string[] => name.split(/\s+/).filter((word) => word !== '');

/** The longest run of plain letters of a name: of these alone every database knows both cases. */
const plainest = (name: string): string =>
  (name.match(/[a-z]{2,}/gi) ?? []).reduce((a, b) => (b.length > a.length ? b : a), '');

/**
 * A name as it stands in texts, as whole words: with its last word first too, whatever the case. A name of one word stands as it is
 * written alone, for "Will" is not "will".
 *
 * @example
 * nameIn('Ada Lund').without('as LUND, Ada does'); // => 'as someone does'
 */
export function nameIn(name: string): Name {
  const words = wordsOf(name).map(escaped);
  const orders = words.length > 1 ? [words, [words.at(-1), ...words.slice(0, -1)]] : [words];
  const pattern = new RegExp(
    `(?<![\\p{L}\\p{N}_])(?:${orders.map((order) => order.join(BETWEEN)).join('|')})(?![\\p{L}\\p{N}_])`,
    words.length > 1 ? 'giu' : 'gu',
  );
  const instead = INSTEAD.find((each) => each.length <= name.length) ?? '?';
  return {
    places: (text) =>
      [...text.matchAll(pattern)].map(({ index, 0: found }) => ({
        from: index,
        to: index + found.length,
      })),
    without: (text) => text.replace(pattern, instead),
    hint: plainest(name),
    oneWord: words.length === 1,
  };
}
