import { randomInt } from 'node:crypto';
import type { Sql } from '../sql/sql';
import { note } from './log';
import { newToken, tokenHash } from './token';
import { takeBack, takeTry } from './tries';

/** A word is good for so many minutes, and the phone that it brought for so many hours. */
export const PAIRING_MINUTES = 5;
export const PHONE_HOURS = 24;

/** Signs that are not taken for one another, read aloud or in the sun. */
const SIGNS = 'ABCDEFGHJKMNPQRTUVWXYZ2346789';
const LENGTH = 8;

/** Wrong words within a quarter of an hour, from one address and of all: there are 5e11 of them. */
const MOST_WRONG = 20;
const MOST_WRONG_OF_ALL = 500;

const newWord = (): string =>
  Array.from({ length: LENGTH }, () => SIGNS[randomInt(SIGNS.length)]).join('');

/**
 * A word as it is kept, however it was typed: without spaces and hyphens, in capitals; null for what is none.
 *
 * @example
 * wordOf('abcd-ef29'); // => 'ABCDEF29'
 */
export function wordOf(typed: string): string | null {
  const word = typed.replace(/[\s-]/g, '').toUpperCase();
  return word.length === LENGTH && [...word].every((sign) => SIGNS.includes(sign)) ? word : null;
}

/** Makes a word that brings a phone to a lesson. */
export async function makePairing(
  sql: Sql,
  lesson: string,
  account: string | null,
): Promise<{ word: string; seconds: number }> {
  const word = newWord();
  await sql.transaction(async (tx) => {
    await tx.query('delete from pairings where ends_at < now()');
    await tx.query(
      `insert into pairings (word_hash, lesson_id, account_id, ends_at)
       values ($1, $2, $3, now() + make_interval(mins => $4))`,
      [tokenHash(word), lesson, account, PAIRING_MINUTES],
    );
  });
  return { word, seconds: PAIRING_MINUTES * 60 };
}

/** What a phone that was brought holds, and the lesson. */
export interface Paired {
  token: string;
  lesson: string;
}

/**
 * Brings a phone to its lesson by a word, as an assistant there; null for a word that was used, is over or never was, and where too
 * many were wrong.
 */
export async function pair(
  sql: Sql,
  typed: string,
  { address, device }: { address: string; device: string },
): Promise<Paired | null> {
  const trying = [
    { who: `pairing from ${address}`, most: MOST_WRONG },
    { who: 'pairing', most: MOST_WRONG_OF_ALL },
  ];
  if ((await takeTry(sql, trying)) > 0) return null;
  const word = wordOf(typed);
  const token = newToken();
  const lesson = await sql.transaction(async (tx) => {
    const { rows } = await tx.query<{ lesson_id: string; account_id: string }>(
      `update pairings set used_at = now()
       where word_hash = $1 and used_at is null and account_id is not null
         and ends_at > now() and ends_at <= now() + make_interval(mins => $2)
       returning lesson_id, account_id`,
      [tokenHash(word ?? ''), PAIRING_MINUTES],
    );
    const [found] = rows;
    if (!found) return null;
    await tx.query(
      `insert into sessions (token_hash, account_id, lesson_id, device, ends_at)
       values ($1, $2, $3, $4, now() + make_interval(hours => $5))`,
      [tokenHash(token), found.account_id, found.lesson_id, device.slice(0, 120), PHONE_HOURS],
    );
    await note(tx, 'brought a phone to a lesson', { account: found.account_id, device });
    return found.lesson_id;
  });
  if (lesson === null) return null;
  await takeBack(sql, trying);
  return { token, lesson };
}
