import { readAccount, readNewAccount, readPassphrase } from '@/core/lesson/coaches/account';
import type { Database } from '../opening/database';
import { addPlayers } from '../players';
import { aRecord } from '@/core/testing/records';
import { testDatabases } from '../testing/testDatabases';
import {
  addAccount,
  changeAccount,
  changePassphrase,
  endAccount,
  hasHeadCoach,
  listAccounts,
} from './accounts';
import { linksOf, makeLink, MOST_LINKS, playerOfLink, withdrawLink } from './links';
import { listLog } from './log';
import { hashed, isPassphrase } from './passphrase';
import { changeOwnPassphrase, endSession, listSessions, sessionOf, signIn } from './sessions';
import { MOST_OF_A_NAME } from './tries';
import { whileSignedIn } from './whileSignedIn';

const openNew = testDatabases();
let database: Database;
const SECRET = 'rake after every ball';
const phone = { address: '10.0.0.7', device: 'phone' };

beforeAll(async () => {
  database = await openNew('access');
  await addPlayers(database.sql, [{ id: 'ada', ...aRecord({ name: 'Ada Lund' }) }]);
});

const aNew = (fields: object = {}) =>
  readNewAccount({
    sign_in: 'ines',
    name: 'Ines O.',
    role: 'coach',
    passphrase: SECRET,
    ...fields,
  });

/** Signs in, and must. */
async function token(signInName: string, passphrase = SECRET): Promise<string> {
  const signed = await signIn(database.sql, signInName, passphrase, phone);
  if (!('token' in signed)) throw new Error(`${signInName} was not let in`);
  return signed.token;
}

test('what is no account is refused by name', () => {
  for (const [fields, path] of [
    [{ sign_in: 'Ines O' }, /sign_in/],
    [{ sign_in: 'x' }, /sign_in/],
    [{ role: 'owner' }, /role/],
    [{ passphrase: 'short' }, /passphrase/],
    [{ passphrase: 'aaaaaaaaaaaaab' }, /three different/],
    [{ passphrase: 'inesinesines' }, /sign-in name/],
    [{ name: '' }, /name/],
    [{ admin: true }, /admin/],
  ] as const) {
    expect(() => aNew(fields)).toRefuse(path);
  }
  expect(() => readPassphrase({ passphrase: 'x' }, 'ines')).toRefuse(/passphrase/);
  expect(readAccount({ sign_in: 'ines', name: 'I', role: 'coach' })).toBeTruthy();
});

test('a passphrase is kept as nothing that it could be read from, each time otherwise', async () => {
  const [one, other] = [await hashed(SECRET), await hashed(SECRET)];
  expect(one).not.toContain(SECRET);
  expect(one).not.toBe(other);
  expect(await isPassphrase(SECRET, one)).toBe(true);
  expect(await isPassphrase(`${SECRET} `, one)).toBe(false);
  // The same letters typed on another keyboard: composed and apart.
  expect(await isPassphrase('caf\u00e9 au lait', await hashed('cafe\u0301 au lait'))).toBe(true);
  expect(await isPassphrase(SECRET, 'plain')).toBe(false);
});

test('an academy keeps one head coach; names for signing in are nobody else’s', async () => {
  const { sql } = database;
  expect(await hasHeadCoach(sql)).toBe(false);
  const head = await addAccount(sql, aNew({ sign_in: 'head', role: 'head-coach' }), null);
  expect(await hasHeadCoach(sql)).toBe(true);
  await expect(addAccount(sql, aNew({ sign_in: 'head' }), head)).rejects.toRefuse('somebody else');
  await expect(endAccount(sql, head, head)).rejects.toRefuse('one head coach');
  const asCoach = { sign_in: 'head', name: 'H', role: 'coach' as const };
  await expect(changeAccount(sql, head, asCoach, head)).rejects.toRefuse('one head coach');
  expect((await listAccounts(sql)).map(({ role }) => role)).toEqual(['head-coach']);
});

test('a session is good for who signed in until it ends, and says nothing in the database', async () => {
  const { sql } = database;
  const id = await addAccount(sql, aNew(), null);
  const held = await token('INES ');
  expect(await sessionOf(sql, held)).toMatchObject({ account: id, name: 'Ines O.', role: 'coach' });
  const { rows } = await sql.query('select * from sessions');
  expect(JSON.stringify(rows)).not.toContain(held);
  for (const guess of ['', held.slice(1), `${held}x`, held.replace(/.$/, '!'), 'a'.repeat(43)]) {
    expect(await sessionOf(sql, guess)).toBeNull();
  }
  // Not used for a week.
  await sql.query(`update sessions set used_at = now() - interval '8 days'`);
  expect(await sessionOf(sql, held)).toBeNull();
  await sql.query(`update sessions set used_at = now(), ends_at = now() - interval '1 second'`);
  expect(await sessionOf(sql, held)).toBeNull();
  const again = await token('ines');
  const [listed] = await listSessions(sql);
  expect(listed).toMatchObject({ account: id, device: 'phone' });
  expect(await endSession(sql, listed!.id, id)).toBe(true);
  expect(await endSession(sql, listed!.id, id)).toBe(false);
  expect(await sessionOf(sql, again)).toBeNull();
});

test('what hangs on a session ends with it, whoever ends it, and nothing else does', async () => {
  const { sql } = database;
  await sql.query('delete from sign_in_tries');
  const over: string[] = [];
  const hung = async (name: string) => {
    const session = (await sessionOf(sql, await token('ines')))!;
    return { session, letGo: whileSignedIn(sql, session.id, () => over.push(name)) };
  };
  const [left, stays, gone] = [await hung('left'), await hung('stays'), await hung('let go')];
  gone.letGo();
  await endSession(sql, gone.session.id, null);
  await endSession(sql, left.session.id, left.session.account);
  for (let i = 0; i < 60 && over.length === 0; i++)
    await new Promise((resolve) => setTimeout(resolve, 50));
  expect(over).toEqual(['left']);
  left.letGo();
  const { account } = stays.session;
  await changePassphrase(sql, account, 'quite another one', null);
  for (let i = 0; i < 60 && over.length === 1; i++)
    await new Promise((resolve) => setTimeout(resolve, 50));
  expect(over).toEqual(['left', 'stays']);
  stays.letGo();
  await changePassphrase(sql, account, SECRET, null);
});

test('another passphrase, another role and an end of the account end what is signed in', async () => {
  const { sql } = database;
  const { id } = (await listAccounts(sql)).find(({ sign_in }) => sign_in === 'ines')!;
  const [first, second] = [await token('ines'), await token('ines')];
  const kept = await sessionOf(sql, second);
  await changePassphrase(sql, id, 'another one entirely', id, kept!.id);
  expect(await sessionOf(sql, first)).toBeNull();
  expect(await sessionOf(sql, second)).not.toBeNull();
  expect(await signIn(sql, 'ines', SECRET, phone)).toEqual({ wait: 0 });
  await changeAccount(sql, id, { sign_in: 'ines', name: 'Ines', role: 'assistant' }, null);
  expect(await sessionOf(sql, second)).toBeNull();
  const third = await token('ines', 'another one entirely');
  await endAccount(sql, id, null);
  expect(await sessionOf(sql, third)).toBeNull();
  expect(await signIn(sql, 'ines', 'another one entirely', phone)).toEqual({ wait: 0 });
});

test('a passphrase that somebody gave is to be changed by its owner, who proves it by the one so far', async () => {
  const { sql } = database;
  await sql.query('delete from sign_in_tries');
  const head = await addAccount(sql, aNew({ sign_in: 'lea', role: 'head-coach' }), null);
  const id = await addAccount(sql, aNew({ sign_in: 'max' }), head);
  const given = async (name: string, passphrase?: string) =>
    (await sessionOf(sql, await token(name, passphrase)))!.given;
  expect([await given('lea'), await given('max')]).toEqual([false, true]);

  const [here, there] = [await token('max'), await token('max')];
  const session = (await sessionOf(sql, here))!;
  const change = (soFar: string, next: string) => changeOwnPassphrase(sql, session, soFar, next);
  await expect(change(SECRET, 'short')).rejects.toRefuse(/10 to 200/);
  await expect(change(SECRET, SECRET)).rejects.toRefuse(/the one so far/);
  expect(await change('not this one', 'a rake in its place')).toBe(0);
  expect(await change(SECRET, 'a rake in its place')).toBeNull();
  expect(await sessionOf(sql, there)).toBeNull();
  expect(await sessionOf(sql, here)).toMatchObject({ given: false });
  for (let n = 0; n < MOST_OF_A_NAME; n++) await change('not this one', 'yet another one');
  expect(await change('a rake in its place', 'yet another one')).toBeGreaterThan(0);
  await sql.query('delete from sign_in_tries');
  expect(await given('max', 'a rake in its place')).toBe(false);

  await changePassphrase(sql, id, 'given once more', head);
  expect(await given('max', 'given once more')).toBe(true);
  await changePassphrase(sql, head, 'her very own one', head);
  expect(await given('lea', 'her very own one')).toBe(false);
  await endAccount(sql, id, head);
});

test('of forty wrong tries at the same moment no more are looked at than of forty in a row, and another passphrase opens the way', async () => {
  const { sql } = database;
  await sql.query('delete from sign_in_tries');
  const id = await addAccount(sql, aNew({ sign_in: 'kim' }), null);
  const answers = await Promise.all(
    Array.from({ length: 40 }, (_, i) =>
      signIn(sql, 'kim', `guess ${i}`, { ...phone, address: `10.0.1.${i}` }),
    ),
  );
  expect(answers.filter((each) => 'wait' in each && each.wait === 0)).toHaveLength(MOST_OF_A_NAME);
  expect(answers.filter((each) => 'wait' in each && each.wait > 0)).toHaveLength(
    40 - MOST_OF_A_NAME,
  );
  expect(await signIn(sql, 'kim', SECRET, phone)).toEqual({ wait: expect.any(Number) });
  await changePassphrase(sql, id, 'given by the head coach', null);
  await token('kim', 'given by the head coach');
  // One that was right does not count against where it came from.
  const { rows } = await sql.query('select 1 from sign_in_tries where who = $1', [
    `address ${phone.address}`,
  ]);
  expect(rows).toEqual([]);
});

test('after too many wrong tries the right one is not looked at either, for a while; others are', async () => {
  const { sql } = database;
  await sql.query('delete from sign_in_tries');
  await addAccount(sql, aNew({ sign_in: 'jun' }), null);
  for (let i = 0; i < MOST_OF_A_NAME; i++) {
    expect(await signIn(sql, 'jun', `guess ${i}`, phone)).toEqual({ wait: 0 });
  }
  const stopped = await signIn(sql, 'jun', SECRET, { ...phone, address: '10.0.0.99' });
  expect(stopped).toEqual({ wait: expect.any(Number) });
  expect((stopped as { wait: number }).wait).toBeGreaterThan(10);
  await token('head');
  await sql.query(`update sign_in_tries set tried_at = tried_at - interval '16 minutes'`);
  await token('jun');
});

test('a link opens its player until it is withdrawn or ends; guesses are stopped', async () => {
  const { sql } = database;
  const made = (await makeLink(sql, 'ada', 30, null))!;
  expect(await playerOfLink(sql, made.token, 'here')).toBe('ada');
  expect((await linksOf(sql, 'ada'))[0]).toMatchObject({ id: made.id, usedAt: expect.any(String) });
  const { rows } = await sql.query('select * from player_links');
  expect(JSON.stringify(rows)).not.toContain(made.token);
  expect(await withdrawLink(sql, 'bo', made.id, null)).toBe(false);
  expect(await withdrawLink(sql, 'ada', made.id, null)).toBe(true);
  expect(await playerOfLink(sql, made.token, 'here')).toBeNull();
  const other = (await makeLink(sql, 'ada', 30, null))!;
  await sql.query('update player_links set ends_at = now() where id = $1', [other.id]);
  expect(await playerOfLink(sql, other.token, 'here')).toBeNull();
  const good = (await makeLink(sql, 'ada', 1, null))!;
  for (let i = 0; i < 40; i++) expect(await playerOfLink(sql, 'x'.repeat(43), 'there')).toBeNull();
  expect(await playerOfLink(sql, good.token, 'there')).toBeNull();
  expect(await playerOfLink(sql, good.token, 'here')).toBe('ada');
  for (let i = 1; i < MOST_LINKS; i++) expect(await makeLink(sql, 'ada', 1, null)).not.toBeNull();
  expect(await makeLink(sql, 'ada', 1, null)).toBeNull();
});

test('the log says who did what and when, and holds no name of a player, no passphrase and no link', async () => {
  const { sql } = database;
  const log = await listLog(sql);
  const what = log.map((each) => each.what);
  for (const said of [
    'signed in',
    'was refused at signing in',
    'added ines as coach',
    'signed out',
  ]) {
    expect(what).toContain(said);
  }
  expect(JSON.stringify(log)).not.toMatch(/Ada|ada|rake|guess/);
  expect(log[0]!.at).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ$/);
});
