import { check } from '@/core/contract/check/fault';
import { exactObject, listField, numberField, required } from '@/core/contract/check/fields';
import { uuidField } from '@/core/contract/check/ids';

/** Coaches of one player at most. */
const MOST_COACHES = 50;

const coachesSchema = exactObject({ coaches: required(listField(uuidField, 0, MOST_COACHES)) });

/** Checks who coaches a player from outside: accounts by their ids. @throws FaultyInput */
export const readCoaches = (input: unknown): string[] => check(coachesSchema, input).coaches;

/** Days that a player's link may be good for, and those that it is where nobody says. */
export const LINK_DAYS = [1, 365] as const;
export const USUAL_LINK_DAYS = 90;

const linkSchema = exactObject({ days: required(numberField(...LINK_DAYS, 'days')) });

/** Checks for how many days a link shall be good. @throws FaultyInput */
export const readLinkDays = (input: unknown): number => Math.round(check(linkSchema, input).days);
