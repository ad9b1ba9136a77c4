import { sayFact } from '@/core/tell/facts/sayFact';
import { faultWords } from '@/core/tell/facts/faultWords';
import { t } from '@/core/tell/language/t';
import { NextResponse } from 'next/server';
import { goesOut, mayAsk } from './access';
import {
  asksSignIn,
  awayPage,
  closedPage,
  cookieOf,
  deadLinkPage,
  ENTRANCE,
  hasOwnKey,
  heldIn,
  isOfEverybody,
  deadPairPage,
  LINKS,
  PAIR,
  pairPage,
  safeNext,
  OWN_PASSPHRASE,
  ownPassphrasePage,
  signInPage,
  WAY_OUT,
} from './entrance';
import { addressFault, refusalOf } from './guard';
import { contentPolicy, headersFor } from './headers';
import type { Asking } from './viewer';
import { FaultyInput } from '@/core/contract/check/fault';
import { playerOfLink } from '@/data/access/links';
import { note } from '@/data/access/log';
import { TooManyAtOnce } from '@/data/access/passphrase';
import { pair } from '@/data/access/pairing';
import {
  changeOwnPassphrase,
  endSession,
  SESSION_DAYS,
  sessionOf,
  signIn,
  type Session,
} from '@/data/access/sessions';
import { database } from '@/data/database';
import { DiskFull } from '@/data/disk/room';
import { DatabaseAway } from '@/data/server/away';

/** A wrong passphrase is answered this late, ms: guessing is slow, one slip is not. */
const WRONG_MS = 800;

/** Longest form that is read where somebody signs in, bytes. */
const MOST_FORM = 4096;

const LOOKS = ['GET', 'HEAD'];

type Said = Readonly<Record<string, string>>;

const page = (html: string, status: number, said: Said): Response =>
  new Response(html, {
    status,
    headers: { ...said, 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' },
  });

const isSecure = ({ url, headers }: Request): boolean =>
  new URL(url).protocol === 'https:' || headers.get('x-forwarded-proto') === 'https';

/** By the name by which the browser knows this server, whatever address it listens on. */
const addressOf = (request: Request, path: string): URL =>
  new URL(path, `${isSecure(request) ? 'https' : 'http'}://${request.headers.get('host')}`);

const deviceOf = ({ headers }: Request): string => headers.get('user-agent') ?? '';

/** As far as it can be known: a server in between says whom it asks for. */
const fromWhere = ({ headers }: Request): string =>
  headers.get('x-forwarded-for')?.split(',').at(-1)?.trim().slice(0, 60) ?? '';

const tooMany = (wait: number): string =>
  t('Too many tries. Wait {wait}, then try again.', {
    wait: wait === 1 ? t('a minute') : t('{wait} minutes', { wait }),
  });

/** What is said of a try to sign in that came to nothing. */
const faultOf = (wait: number): string =>
  wait > 0 ? tooMany(wait) : t('That sign-in name and passphrase do not match.');

/** What was typed into a form of the entrance; nothing of one that is too long. */
async function formOf(request: Request): Promise<URLSearchParams> {
  const text = await request.text();
  return new URLSearchParams(text.length <= MOST_FORM ? text : '');
}

/** Somebody signs in: led in with a session of their own, or asked again. */
async function entered(request: Request, said: Said): Promise<Response> {
  const form = await formOf(request);
  const name = form.get('name') ?? '';
  const next = safeNext(form.get('next'));
  const { sql } = await database();
  const from = { address: fromWhere(request), device: deviceOf(request) };
  try {
    const signed = await signIn(sql, name, form.get('passphrase') ?? '', from);
    if ('token' in signed) {
      const cookie = cookieOf(signed.token, SESSION_DAYS, isSecure(request));
      return NextResponse.redirect(addressOf(request, next), {
        status: 303,
        headers: { ...said, 'set-cookie': cookie },
      });
    }
    await new Promise((resolve) => setTimeout(resolve, WRONG_MS));
    const status = signed.wait > 0 ? 429 : 401;
    return page(signInPage({ fault: faultOf(signed.wait), name, next }), status, said);
  } catch (error) {
    if (!(error instanceof TooManyAtOnce || error instanceof DiskFull)) throw error;
    return page(signInPage({ fault: sayFact(error.why), name, next }), error.status, said);
  }
}

/** Somebody signs out: the session ends here and in the browser. */
async function left(request: Request, said: Said): Promise<Response> {
  const { sql } = await database();
  const token = heldIn(request.headers.get('cookie'));
  const session = token && (await sessionOf(sql, token));
  if (session) await endSession(sql, session.id, session.account);
  return NextResponse.redirect(addressOf(request, '/'), {
    status: 303,
    headers: { ...said, 'set-cookie': cookieOf('', 0, isSecure(request)) },
  });
}

/** Somebody changes their own passphrase, or asks for the page where that is done. */
async function renewed(request: Request, session: Session, said: Said): Promise<Response> {
  const { given } = session;
  const { searchParams } = new URL(request.url);
  if (request.method !== 'POST') {
    const next = safeNext(searchParams.get('next'));
    return page(ownPassphrasePage({ given, next }), 200, said);
  }
  const form = await formOf(request);
  const typed = (name: string): string => form.get(name) ?? '';
  const next = safeNext(form.get('next'));
  const again = (status: number, fault: string): Response =>
    page(ownPassphrasePage({ given, next, fault }), status, said);
  if (typed('fresh') !== typed('again'))
    return again(400, t('The new passphrase and its repetition are not the same.'));
  const { sql } = await database();
  try {
    const wait = await changeOwnPassphrase(sql, session, typed('so-far'), typed('fresh'));
    if (wait === null)
      return NextResponse.redirect(addressOf(request, next), { status: 303, headers: said });
    await new Promise((resolve) => setTimeout(resolve, WRONG_MS));
    return wait > 0
      ? again(429, tooMany(wait))
      : again(401, t('That is not your passphrase so far.'));
  } catch (error) {
    if (error instanceof FaultyInput) return again(400, faultWords(error.faults));
    if (error instanceof TooManyAtOnce) return again(error.status, sayFact(error.why));
    throw error;
  }
}

/** A phone is brought to a lesson by a word, or asked whether it shall be. */
async function paired(request: Request, typed: string, said: Said): Promise<Response> {
  const word = decodeURIComponent(typed);
  if (request.method !== 'POST') return page(pairPage(word), 200, said);
  const { sql } = await database();
  const from = { address: fromWhere(request), device: deviceOf(request) };
  const brought = await pair(sql, word, from);
  if (!brought) return page(deadPairPage(), 410, said);
  return NextResponse.redirect(addressOf(request, `/lessons/${brought.lesson}`), {
    status: 303,
    headers: { ...said, 'set-cookie': cookieOf(brought.token, 1, isSecure(request)) },
  });
}

/** Who asks, where that may be asked; else the answer. Null where nobody signs in. */
async function admitted(request: Request, said: Said): Promise<Asking | Response | null> {
  const { method } = request;
  const { pathname, search } = new URL(request.url);
  if (pathname.startsWith(LINKS)) {
    const [token = ''] = pathname.slice(LINKS.length).split('/');
    const opens = LOOKS.includes(method) ? await linked(request, token) : null;
    return opens ? { role: 'player', player: opens } : page(deadLinkPage(), 404, said);
  }
  if (!asksSignIn(process.env) || hasOwnKey(pathname) || isOfEverybody(pathname)) return null;
  if (method === 'POST' && pathname === ENTRANCE) return entered(request, said);
  if (method === 'POST' && pathname === WAY_OUT) return left(request, said);
  if (pathname.startsWith(PAIR)) return paired(request, pathname.slice(PAIR.length), said);
  const token = heldIn(request.headers.get('cookie'));
  const session = token ? await sessionOf((await database()).sql, token) : null;
  const ofProgram = pathname.startsWith('/api/');
  if (!session) {
    if (ofProgram)
      return refused(401, t('nobody is signed in here, or the session has ended'), said);
    return page(signInPage({ next: safeNext(pathname + search) }), 401, said);
  }
  if (pathname === OWN_PASSPHRASE && session.lesson === null)
    return renewed(request, session, said);
  if (session.given) {
    if (ofProgram)
      return refused(
        403,
        t('is not open until you have changed the passphrase you were given'),
        said,
      );
    return page(ownPassphrasePage({ given: true, next: safeNext(pathname + search) }), 403, said);
  }
  if (!mayAsk(session.role, method, pathname)) {
    if (ofProgram) return refused(403, t('is not open to who is signed in here'), said);
    if (pathname === '/') return NextResponse.redirect(addressOf(request, '/lessons'), 303);
    return page(closedPage(session.name), 403, said);
  }
  const out = goesOut(method, pathname);
  if (out)
    await note((await database()).sql, out, {
      account: session.account,
      device: deviceOf(request),
    });
  return session;
}

/** The same, also while the database does not answer, or the disk has no room to note what goes out. */
async function admittedOrAway(request: Request, said: Said): ReturnType<typeof admitted> {
  try {
    return await admitted(request, said);
  } catch (error) {
    if (!(error instanceof DiskFull || error instanceof DatabaseAway)) throw error;
    const ofProgram = new URL(request.url).pathname.startsWith('/api/');
    if (error instanceof DatabaseAway && !ofProgram) return page(awayPage(), 503, said);
    return refused(error.status, sayFact(error.why), said, error.path);
  }
}

const linked = async (request: Request, token: string): Promise<string | null> =>
  playerOfLink((await database()).sql, token, fromWhere(request));

const refused = (status: number, message: string, said: Said, path = 'request'): Response =>
  Response.json({ error: [{ path, message }] }, { status, headers: said });

/** What is asked for by whom, as it was let in: who, what every answer says, and the policy of a page's scripts. */
export interface Admission {
  who: Asking | null;
  said: Said;
  policy: string;
}

/**
 * Stands before everything that is asked: lets nothing in that a page elsewhere on the web asked for, or somebody who is not signed in
 * where that is asked, or may not ask for it.
 *
 * @returns how it is let in, else the answer to whoever is not
 */
export async function admission(request: Request): Promise<Admission | Response> {
  const { method, headers } = request;
  const { pathname, search } = new URL(request.url);
  const policy = contentPolicy(btoa(crypto.randomUUID()));
  const said = headersFor(pathname, policy);
  const { MELLOW_HOST: served, MELLOW_NAME: called } = process.env;
  const refusal = refusalOf(
    { method, path: pathname, headers },
    served || undefined,
    called || undefined,
  );
  if (refusal !== null) return refused(403, refusal, said);
  const fault = addressFault(pathname + search);
  if (fault !== null) return refused(400, fault, said);
  const who = await admittedOrAway(request, said);
  return who instanceof Response ? who : { who, said, policy };
}
