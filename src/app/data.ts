import { Refusal } from '@/core/contract/check/refusal';
import { fact } from '@/core/ground/fact/fact';
import { headers } from 'next/headers';
import { database } from '@/data/database';
import type { Database } from '@/data/opening/database';
import { makePairing } from '@/data/access/pairing';
import { viewedBy, type Viewer } from '@/data/access/viewer';
import { whileSignedIn } from '@/data/access/whileSignedIn';
import { followBalls } from '@/data/news';
import type { TouchedBall } from '@/core/lesson/balls/ball';
import type { Sql } from '@/data/sql/sql';
import { asksSignIn } from './entrance';
import { askedBy, ASKING, unsealed, type Asking } from './viewer';

/** Thrown where nobody is signed in who may see what is asked for: the entrance lets nobody come so far. */
export class NotSignedIn extends Refusal {
  constructor() {
    super(fact('request.notSignedIn'), 'request', 401);
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

/** As whom the database is asked; null for who may see all of it: nobody in particular on this machine, or a head coach. */
function viewerOf(who: Asking | null): Viewer | null {
  if (who === null || who.role === 'head-coach') return null;
  if (who.role === 'player') return { role: 'player', player: who.player };
  return { role: who.role, account: who.account, lesson: who.lesson };
}

const seenBy = (sql: Sql, viewer: Viewer | null): Sql => (viewer ? viewedBy(sql, viewer) : sql);

/**
 * The database as whoever asks may see it: the one way from pages and routes to the data.
 *
 * @throws NotSignedIn
 */
export async function data(): Promise<{ sql: Sql }> {
  const viewer = viewerOf(await asking());
  return { sql: seenBy((await database()).sql, viewer) };
}

/**
 * The database itself, with its folder and copies, for what only head coaches may do.
 *
 * @throws NotSignedIn for anybody else
 */
export async function wholeData(): Promise<Database> {
  if (viewerOf(await asking()) !== null) throw new NotSignedIn();
  return database();
}

/**
 * Brings the balls of a lesson as they are touched, as who asks may see them, for as long as that one is signed in.
 *
 * @param after the `touched` of the last that is known there
 * @param over told within a second when the session has ended; nothing comes after it
 * @returns ends it
 * @throws NotSignedIn
 */
export async function followed(
  lesson: string,
  after: number,
  take: (balls: readonly TouchedBall[]) => void,
  over: () => void,
): Promise<() => void> {
  const who = await asking();
  const viewer = viewerOf(who);
  const { sql } = await database();
  const sight = { name: JSON.stringify(viewer), seen: seenBy(sql, viewer) };
  const stop = await followBalls(sql, sight, lesson, after, take);
  if (who === null || who.role === 'player') return stop;
  const letGo = whileSignedIn(sql, who.id, over);
  return () => {
    letGo();
    stop();
  };
}

/** A word that brings a phone to a lesson that who asks was found to see. */
export const pairingFor = async (
  lesson: string,
  account: string,
): Promise<{ word: string; seconds: number }> =>
  makePairing((await database()).sql, lesson, account);
