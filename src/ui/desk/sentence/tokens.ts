/** The tokens of the sentence. */
export const TOKEN_KEYS = {
  player: 'p',
  lie: 'i',
  sand: 's',
  slope: 't',
  pin: 'd',
  lip: 'l',
  edge: 'e',
  back: 'b',
  stimp: 'g',
  wind: 'w',
  more: 'a',
} as const;

export type TokenName = keyof typeof TOKEN_KEYS;

/** The token that a key opens. */
export const tokenForKey = (key: string): TokenName | undefined =>
  (Object.keys(TOKEN_KEYS) as TokenName[]).find((each) => TOKEN_KEYS[each] === key.toLowerCase());
