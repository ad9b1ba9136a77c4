import { check } from '@/core/contract/check/fault';
import { exactObject, integerField, textField, type Of } from '@/core/contract/check/fields';

/** How a player is reached, and in which year the player was born: kept apart from the record, for the player's own page alone. */
export const contactSchema = exactObject({
  birth_year: integerField(1900, 2100),
  /** Telephone, mail, or whom to ask for a junior. */
  contact: textField(0, 200),
});

export type Contact = Of<typeof contactSchema>;

/** Checks how a player is reached. Throws FaultyInput naming every field that is wrong. */
export const readContact = (input: unknown): Contact => check(contactSchema, input);
