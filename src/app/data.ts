import { headers } from 'next/headers';
import { database } from '@/data/database';
import type { Database } from '@/data/opening/database';
import { makePairing } from '@/data/access/pairing';
import { viewedBy } from '@/data/access/viewer';
import { followBalls } from '@/data/news';
import type { TouchedBall } from '@/core/lesson/balls/ball';
import type { Sql } from '@/data/sql/sql';
import { asksSignIn } from './entrance';
import { askedBy, ASKING, unsealed, type Asking } from './viewer';

/** Thrown where nobody is signed in who may see what is asked for: the entrance lets nobody come so far. */
export class NotSignedIn extends Error {
  constructor() {
    super('nobody is signed in here who may see this');
    this.name = 'NotSignedIn';
  }
}

/** Who asks; null on this machine, where nobody signs in. */
export async function asking(): Promise<Asking | null> {
  const led = askedBy.getStore();
  const who = led ? led.who : unsealed((await headers()).get(ASKING));
  if (!who && asksSignIn(process.env)) throw new NotSignedIn();
  return who;
}

/** The account of who asks; null on this machine, and for a player's link. */
export async function accountAsking(): Promise<string | null> {
  const who = await asking();
  return who && who.role !== 'player' ? who.account : null;
}

/** What of the database who asks may see: all of it where that is nobody in particular, or a head coach. */
function seenBy(sql: Sql, who: Asking | null): Sql {
  return who === null || who.role === 'head-coach' ? sql : viewedBy(sql, viewerOf(who));
}

/**
 * The database as whoever asks may see it: the one way from pages and routes to the data.
 *
 * @throws NotSignedIn
 */
export async function data(): Promise<{ sql: Sql }> {
  const who = await asking();
  return { sql: seenBy((await database()).sql, who) };
}

const viewerOf = (who: Exclude<Asking, { role: 'head-coach' }>): Parameters<typeof viewedBy>[1] =>
  who.role === 'player'
    ? { role: 'player', player: who.player }
    : { role: who.role as 'coach' | 'assistant', account: who.account, lesson: who.lesson };

/**
 * The database itself, with its folder and copies, for what only head coaches may do.
 *
 * @throws NotSignedIn for anybody else
 */
export async function wholeData(): Promise<Database> {
  const who = await asking();
  if (who !== null && who.role !== 'head-coach') throw new NotSignedIn();
  return database();
}

/**
 * Brings the balls of a lesson as they are touched, as who asks may see them.
 *
 * @param after the `touched` of the last that is known there
 * @returns ends it
 * @throws NotSignedIn
 */
export async function followed(
  lesson: string,
  after: number,
  take: (balls: readonly TouchedBall[]) => void,
): Promise<() => void> {
  const who = await asking();
  const { sql } = await database();
  const name = who === null || who.role === 'head-coach' ? '' : JSON.stringify(viewerOf(who));
  return followBalls(sql, { name, seen: seenBy(sql, who) }, lesson, after, take);
}

/** A word that brings a phone to a lesson that who asks was found to see. */
export const pairingFor = async (
  lesson: string,
  account: string,
): Promise<{ word: string; seconds: number }> =>
  makePairing((await database()).sql, lesson, account);
