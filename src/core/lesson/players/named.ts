import { check } from '@/core/contract/check/fault';
import { exactObject, listField, required, textField, type Of } from '@/core/contract/check/fields';

/** A place in what coaches wrote that names a player: its table, and what stands around the name. */
export interface Mention {
  table: string;
  before: string;
  found: string;
  after: string;
}

/** Places that name a player by a name: as many as are told, and how many there are. */
export interface Mentions {
  name: string;
  count: number;
  mentions: Mention[];
}

/** Where a player who is to be erased is named beside what is the player's own. */
export interface Named {
  /** By the full name: it is taken out of these in any case. */
  full: Mentions;
  /** By a single word of the name, which others may bear; of a name of one word there are none. */
  words: Mentions[];
}

/** So many words has a name at most. */
const MOST_WORDS = 40;

const erasingSchema = exactObject({
  /** Single words of the name that are taken out of every text as well. */
  words: required(listField(required(textField(1, 80)), 0, MOST_WORDS)),
});

/** How a player is erased. */
export type Erasing = Of<typeof erasingSchema>;

/** Checks how a player is to be erased. Throws FaultyInput. */
export const readErasing = (input: unknown): Erasing => check(erasingSchema, input);
