/** What is typed in German, by what it is in the words that the rules read; longer ways of saying it stand first. */
const ENGLISH: readonly (readonly [german: string, english: string])[] = [
  ['trockene kruste über nassem sand', 'dry crust over wet'],
  ['bis zur fahne', 'to the flag'],
  ['von der fahne', 'to the flag'],
  ['zur fahne', 'to the flag'],
  ['grün beginnt bei', 'green at'],
  ['grün endet bei', 'back'],
  ['grün bergauf', 'uphill'],
  ['grün bergab', 'downhill'],
  ['grün ab', 'green at'],
  ['grün bei', 'green at'],
  ['ball über den füßen', 'ball above'],
  ['ball unter den füßen', 'ball below'],
  ['noch ein bunker', 'another bunker'],
  ['anderer bunker', 'another bunker'],
  ['aus dahinter', 'out of bounds behind'],
  ['von vorn', 'against'],
  ['von hinten', 'behind'],
  ['von rechts', 'from the right'],
  ['von links', 'from the left'],
  ['keine kante', 'no lip'],
  ['kein wind', 'no wind'],
  ['landung bei', 'land it at'],
  ['landen bei', 'land it at'],
  ['tief im sand', 'under'],
  ['nass und hart', 'wet packed'],
  ['nasse[rsm]?,? harte[rsm]?', 'wet packed'],
  ['harter boden', 'hardpan'],
  ['saubere lage', 'clean lie'],
  ['liegt sauber', 'lying clean'],
  ['sauber', 'lying clean'],
  ['etwas tiefer', 'sitting down'],
  ['tiefer', 'sitting down'],
  ['spiegelei', 'fried egg'],
  ['halb vergraben', 'half buried'],
  ['eingebohrt', 'plugged'],
  ['ganz vergraben', 'buried'],
  ['vergraben', 'buried'],
  ['pulvrige[rsm]?', 'powdery'],
  ['pulvrig', 'powdery'],
  ['weiche[rsm]?', 'soft'],
  ['weich', 'soft'],
  ['mittlere[rsm]?', 'medium'],
  ['mittel', 'medium'],
  ['feste[rsm]?', 'firm'],
  ['fest', 'firm'],
  ['harte[rsm]?', 'hard'],
  ['hart', 'hard'],
  ['nasse[rsm]?', 'wet'],
  ['nass', 'wet'],
  ['trockene kruste', 'dry crust'],
  ['festigkeit', 'firmness'],
  ['feuchte', 'wetness'],
  ['dichte', 'density'],
  ['bergauf', 'up'],
  ['bergab', 'down'],
  ['kante', 'lip'],
  ['hinterkante', 'back'],
  ['vorderkante', 'front edge'],
  ['hinten', 'back'],
  ['läuft', 'runs'],
  ['grün', 'green'],
  ['fahne', 'flag'],
  ['wasser', 'water'],
  ['vorgrün', 'fringe'],
  ['dahinter', 'behind'],
  ['gegenwind', 'headwind'],
  ['rückenwind', 'tailwind'],
  ['leichte[rsm]?', 'light'],
  ['starke[rsm]?', 'strong'],
  ['leicht', 'slight'],
  ['steil', 'steep'],
  ['tief', 'deep'],
  ['hoch', 'high'],
  ['voraus', 'ahead'],
  ['fuß', 'ft'],
  ['zoll', 'in'],
  ['auf', 'at'],
  ['bei', 'at'],
  ['bis', 'to'],
  ['und', 'and'],
  ['mit', 'with'],
  ['im', 'in'],
  ['liegt', 'lies'],
  ['ist', 'is'],
  ['der|die|das|dem|den|ein|eine|einem|einen', 'the'],
];

const BY_WORD = ENGLISH.map(([german]) => `(${german})`).join('|');
const GERMAN = new RegExp(String.raw`(?<!\p{L})(?:${BY_WORD})(?!\p{L})`, 'gu');

/** A text in the words that the rules read, and where each of its characters comes from. */
export interface InEnglish {
  text: string;
  /** For each character of `text`, and for its end, its place in what was typed. */
  at: readonly number[];
}

/**
 * A typed line with its German words in English; what is English already stays.
 *
 * @param typed in small letters
 * @example
 * inEnglish('15 zur fahne, eingebohrt').text; // => '15 to the flag, plugged'
 */
export function inEnglish(typed: string): InEnglish {
  let text = '';
  const at: number[] = [];
  const add = (words: string, place: (i: number) => number): void => {
    for (let i = 0; i < words.length; i++) at.push(place(i));
    text += words;
  };
  let done = 0;
  for (const match of typed.matchAll(GERMAN)) {
    const from = done;
    add(typed.slice(from, match.index), (i) => from + i);
    done = match.index + match[0].length;
    const which = match.slice(1).findIndex((group) => group !== undefined);
    // The first character of a word is where it began, the rest where it ended: a stretch of it is all of it.
    add(ENGLISH[which]![1], (i) => (i === 0 ? match.index : done - 1));
  }
  const from = done;
  add(typed.slice(from), (i) => from + i);
  return { text, at: [...at, typed.length] };
}
