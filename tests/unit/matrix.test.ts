import { rmSync } from 'node:fs';
import { mayAsk } from '@/app/access';
import { cookieOf, hasOwnKey } from '@/app/entrance';
import { ASKING, sealed, type Asking } from '@/app/viewer';
import { readNewAccount, ROLES } from '@/core/lesson/coaches/account';
import { A_CALL, aBall } from '@/core/testing/balls';
import { aBunkerTest } from '@/core/testing/bunkerTest';
import { anEyeResult } from '@/core/testing/eye';
import { aHomework } from '@/core/testing/homework';
import { aPlan } from '@/core/testing/plans';
import { aRecord, PLAIN_LEARNT } from '@/core/testing/records';
import { addAccount, changePassphrase } from '@/data/access/accounts';
import { setCoaches } from '@/data/access/coaches';
import { makeLink } from '@/data/access/links';
import { makePairing, pair } from '@/data/access/pairing';
import { sessionOf, signIn } from '@/data/access/sessions';
import { closeDatabase, database } from '@/data/database';
import { emptyFolder } from '@/data/testing/emptyFolder';
import { threePlayers, uuid } from '@/data/testing/threePlayers';
import { asked } from './asked';
import { answerOf, routeFiles, type Method, type RouteModule } from './router';

/*
 * Every route by every role by whose rows: made from the files of the routes, so that a new one fails here until it is said whose it is.
 * Ada is the coach's who asks, Bo another's.
 */

/** Whose something is. */
type Whose =
  /** What hangs on one player: of the coaches of that one. */
  | 'player'
  /** The academy's: of all its coaches. */
  | 'academy'
  /** Of head coaches alone. */
  | 'head'
  /** A list: what is in it is of whoever may see each. */
  | 'list'
  /** Of devices, which have a key of their own. */
  | 'device';

interface Rule {
  whose: Whose;
  /** An assistant may ask for it, too. */
  assists?: boolean;
  /** What is sent; of a player, with the ids of what is that one's. */
  body?: (player: string) => unknown;
  /** Something other than the player's own thing of the address's kind. */
  id?: (player: string) => string;
  query?: string;
}

const player = (body?: Rule['body'], more: Partial<Rule> = {}): Rule => ({
  whose: 'player',
  ...(body ? { body } : {}),
  ...more,
});
const LIST: Rule = { whose: 'list' };
const ACADEMY: Rule = { whose: 'academy' };
const HEAD: Rule = { whose: 'head' };
const DEVICE: Rule = { whose: 'device' };
const ASSISTED = { assists: true };

const nth = (who: string): number => (who === 'ada' ? 1 : 2);
const aClosing = () => ({ summary: 's', homework: '', own_homework: [], closed: false });
const aDay = (who: string) => ({
  id: uuid(9, who),
  drill: aHomework().items[0]!.drill,
  day: '2026-06-02',
  count: 5,
  of: 10,
  note: '',
});

/** What is asked for last, for it takes away what the others look at, comes last. */
const RULES: Readonly<Record<string, Rule>> = {
  'GET /api/academy': ACADEMY,
  'PUT /api/academy': HEAD,
  'GET /api/academy/file': HEAD,
  'PUT /api/academy/file': HEAD,
  'GET /api/accounts': HEAD,
  'POST /api/accounts': HEAD,
  'PUT /api/accounts/[id]': HEAD,
  'DELETE /api/accounts/[id]': HEAD,
  'PUT /api/accounts/[id]/passphrase': HEAD,
  'GET /api/backups': HEAD,
  'POST /api/backups': HEAD,
  'GET /api/balls/simulated': HEAD,
  'DELETE /api/balls/simulated': HEAD,
  'DELETE /api/demo': HEAD,
  'DELETE /api/sessions/[id]': HEAD,
  'POST /api/tracker/key': HEAD,
  'GET /api/players/[id]/erase': HEAD,
  'POST /api/players/[id]/erase': HEAD,

  'POST /api/tracker/balls': DEVICE,
  'POST /api/tracker/measures': DEVICE,

  'GET /api/drills': ACADEMY,
  'GET /api/drills/export': ACADEMY,
  'POST /api/drills/import': ACADEMY,
  'PUT /api/drills/[id]': ACADEMY,
  'DELETE /api/drills/[id]': ACADEMY,
  'POST /api/drills/[id]/archive': ACADEMY,
  'GET /api/places': ACADEMY,
  'POST /api/places/import': ACADEMY,
  'GET /api/places/[id]': ACADEMY,
  'PUT /api/places/[id]': ACADEMY,
  'DELETE /api/places/[id]': ACADEMY,
  'POST /api/places/[id]/restore': ACADEMY,
  'GET /api/places/[id]/export': ACADEMY,
  'GET /api/places/[id]/picture': ACADEMY,
  'PUT /api/places/[id]/picture': ACADEMY,
  'PATCH /api/places/[id]/picture': ACADEMY,
  'DELETE /api/places/[id]/picture': ACADEMY,
  'GET /api/measures': ACADEMY,
  'POST /api/prescribe': ACADEMY,
  'POST /api/simulate': ACADEMY,

  'GET /api/deleted': LIST,
  'GET /api/drafts': LIST,
  'GET /api/lessons': { ...LIST, ...ASSISTED },
  'GET /api/lessons/glances': { ...LIST, ...ASSISTED, query: '?month=2026-05' },
  'GET /api/players': LIST,
  'GET /api/players/export': LIST,
  'POST /api/players': ACADEMY,
  'POST /api/players/import': ACADEMY,
  'GET /api/practice': LIST,
  'GET /api/readings': LIST,
  'GET /api/tests': LIST,
  'GET /api/tests/export': LIST,
  'GET /api/tracker/aim': { ...LIST, ...ASSISTED },

  'PUT /api/tracker/aim': player(
    (who) => ({ lesson: uuid(6, who), player: who, station: 0, call: A_CALL }),
    ASSISTED,
  ),
  'DELETE /api/tracker/aim': { ...ACADEMY, ...ASSISTED },
  'PATCH /api/balls/[id]': player(() => ({ excluded: 'seen twice' }), {
    ...ASSISTED,
    id: (who) => aBall(nth(who)).id,
  }),
  'POST /api/eye/own': {
    ...ACADEMY,
    assists: true,
    body: () => ({ ...anEyeResult({ id: uuid(8, 'cy') }), player: undefined }),
  },
  'POST /api/eye': player((who) => anEyeResult({ id: uuid(8, who), player: who })),
  'PUT /api/drafts/[id]': player((who) => ({ playerId: who, shot: { pin_yd: 9 }, called: '56' })),
  'POST /api/readings': player((who) => ({
    name: 'New',
    playerId: who,
    shot: { pin_yd: 9 },
    called: '56',
  })),

  'GET /api/lessons/[id]': player(undefined, ASSISTED),
  'PUT /api/lessons/[id]': player((who) => aPlan({ players: [who], notes: 'changed' })),
  'GET /api/lessons/[id]/balls': player(undefined, ASSISTED),
  'POST /api/lessons/[id]/balls': player(
    (who) => ({ balls: [aBall(nth(who) + 50, { player: who })] }),
    ASSISTED,
  ),
  'GET /api/lessons/[id]/events': player(undefined, ASSISTED),
  'POST /api/lessons/[id]/close': player(aClosing),
  'GET /api/lessons/[id]/export': player(),
  'POST /api/lessons/[id]/pairing': player(() => ({})),
  'POST /api/lessons/import': player((who) => ({
    format: 'mellow-divot/lesson',
    version: 1,
    id: uuid(6, who),
    plan: aPlan({ players: [who] }),
    ...aClosing(),
    balls: [aBall(nth(who) + 70, { player: who })],
  })),

  'GET /api/players/[id]': player(),
  'PUT /api/players/[id]': player((who) => aRecord({ name: who, notes: 'changed' })),
  'POST /api/players/[id]/archive': player(() => ({ archived: true })),
  'GET /api/players/[id]/balls': player(),
  'GET /api/players/[id]/coaches': player(),
  'PUT /api/players/[id]/coaches': player(() => ({ coaches: [] })),
  'GET /api/players/[id]/contact': player(),
  'PUT /api/players/[id]/contact': player(() => ({ contact: 'changed' })),
  'GET /api/players/[id]/export': player(),
  'GET /api/players/[id]/learnt': player(),
  'POST /api/players/[id]/learnt': player(() => PLAIN_LEARNT),
  'POST /api/players/[id]/learnt/hold': player(() => ({ balls: 9 })),
  'DELETE /api/players/[id]/learnt': player(),
  'GET /api/players/[id]/links': player(),
  'POST /api/players/[id]/links': player(() => ({ days: 7 })),
  'DELETE /api/players/[id]/links/[link]': player(),
  'GET /api/players/[id]/shots': player(),
  'POST /api/players/[id]/shots': player(() => ({ shots: [{ club: '56', carry_m: 70 }] })),
  'DELETE /api/players/[id]/shots/[shot]': player(),

  'GET /api/practice/[id]/calendar': player(),
  'POST /api/practice/[id]/import': player(
    () => `drill,day,count,of,note\n${aHomework().items[0]!.drill},2026-06-02,5,10,\n`,
  ),
  'POST /api/practice/[id]/results': player((who) => ({ results: [aDay(who)] })),
  'GET /api/practice/[id]': player(),
  'PUT /api/practice/[id]': player((who) => aHomework({ player: who, note: 'changed' })),
  'GET /api/readings/[id]': player(),
  'POST /api/readings/[id]/duplicate': player(),
  'GET /api/tests/[id]': player(),
  'PUT /api/tests/[id]': player((who) => aBunkerTest({ player: who, note: 'changed' })),

  'DELETE /api/practice/results/[id]': player(),
  'POST /api/practice/results/[id]/restore': player(),
  'DELETE /api/drafts/[id]': player(),
  'DELETE /api/readings/[id]': player(),
  'POST /api/readings/[id]/restore': player(),
  'DELETE /api/tests/[id]': player(),
  'POST /api/tests/[id]/restore': player(),
  'DELETE /api/practice/[id]': player(),
  'POST /api/practice/[id]/restore': player(),
  'DELETE /api/lessons/[id]': player(),
  'POST /api/lessons/[id]/restore': player(),
  'DELETE /api/players/[id]': player(),
  'POST /api/players/[id]/restore': player(),
};

const METHODS: readonly Method[] = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'];

let folder: string;
/** Somebody who is signed in. */
interface Seat {
  token: string;
  asking: Asking;
}
let coach: Seat;
let phone: Seat;
/** What is each player's, by the kind that an address names it by. */
const ids: Record<string, Record<string, string>> = {};

beforeAll(async () => {
  folder = await emptyFolder('matrix');
  process.env.MELLOW_DATA = folder;
  const { sql } = await database();
  await threePlayers(sql);
  const passphrase = 'rake after every ball';
  const account = async (sign_in: string): Promise<string> => {
    const record = { sign_in, name: sign_in, role: 'coach', passphrase };
    const id = await addAccount(sql, readNewAccount(record), null);
    await changePassphrase(sql, id, `${passphrase} again`, id);
    return id;
  };
  const [mine, other] = [await account('mine'), await account('other')];
  const from = { address: '', device: '' };
  const seat = async (come: object | null): Promise<Seat> => {
    const { token } = come as { token: string };
    return { token, asking: (await sessionOf(sql, token))! };
  };
  coach = await seat(await signIn(sql, 'mine', `${passphrase} again`, from));
  const { word } = await makePairing(sql, uuid(6, 'ada'), mine);
  phone = await seat(await pair(sql, word, from));
  for (const [each, own] of [
    ['ada', mine],
    ['bo', other],
  ] as const) {
    const only = async (table: string): Promise<string> => {
      const text = `select id::text from ${table} where player_id = $1`;
      return (await sql.query<{ id: string }>(text, [each])).rows[0]!.id;
    };
    await setCoaches(sql, each, [own]);
    ids[each] = {
      players: each,
      drafts: uuid(1, each),
      practice: uuid(2, each),
      results: uuid(3, each),
      tests: uuid(4, each),
      lessons: uuid(6, each),
      readings: await only('readings'),
      shot: await only('grass_shots'),
      link: (await makeLink(sql, each, 7, own))!.id,
    };
  }
});
afterAll(async () => {
  await closeDatabase();
  rmSync(folder, { recursive: true, force: true });
});

/** The address of a rule with what is a player's in its brackets. */
function urlOf(address: string, rule: Rule, who: string): string {
  const kinds = address.split('/');
  const path = address.replace(/\[(\w+)\]/g, (bracket, name: string) => {
    if (name !== 'id') return ids[who]![name]!;
    return rule.id?.(who) ?? ids[who]![kinds[kinds.indexOf(bracket) - 1]!]!;
  });
  return `${path}${rule.query ?? ''}`;
}

/** Asks as somebody. */
async function as({ token, asking }: Seat, rule: string, about: string) {
  const [method, address] = rule.split(' ') as [Method, string];
  const body = RULES[rule]!.body?.(about);
  asked.set(ASKING, sealed(asking));
  process.env.MELLOW_SIGN_IN = '1';
  try {
    // The balls of a lesson stand behind the entrance by themselves: it knows who comes by the cookie.
    return await answerOf<unknown>(method, urlOf(address, RULES[rule]!, about), {
      headers: { cookie: cookieOf(token, 1, false) },
      ...(typeof body === 'string' ? { text: body } : body === undefined ? {} : { json: body }),
    });
  } finally {
    asked.delete(ASKING);
    delete process.env.MELLOW_SIGN_IN;
  }
}

/** All that is there of a player who is not the asker's. */
async function rowsOf(who: string): Promise<string> {
  const { sql } = await database();
  const tables = 'clubs readings drafts grass_shots learnings learning_decisions player_contacts';
  const others = 'practice_plans bunker_tests eye_results balls player_coaches player_links';
  const texts = [
    `select * from players where id = '${who}'`,
    `select * from lessons where id = '${uuid(6, who)}'`,
    `select * from drill_results where plan_id = '${uuid(2, who)}' order by id`,
    ...`${tables} ${others}`
      .split(' ')
      .map((table) => `select * from ${table} t where player_id = '${who}' order by t::text`),
  ];
  const all: unknown[] = [];
  for (const text of texts) all.push((await sql.query(text)).rows);
  return JSON.stringify(all);
}

test('it is said of every route and method whose it is, and of no other', async () => {
  const there: string[] = [];
  for (const [address, file] of routeFiles()) {
    const handlers = (await import(file)) as RouteModule;
    there.push(...METHODS.filter((each) => each in handlers).map((each) => `${each} ${address}`));
  }
  expect(Object.keys(RULES).sort()).toEqual(there.sort());
});

test.each(Object.entries(RULES))('%s: the entrance lets in who may', (rule, { whose, assists }) => {
  const [method, address] = rule.split(' ') as [Method, string];
  const path = address.replace(/\[\w+\]/g, uuid(6, 'ada'));
  expect(hasOwnKey(path)).toBe(whose === 'device');
  if (whose === 'device') return;
  const may = ROLES.filter((role) => mayAsk(role, method, path));
  expect(may).toEqual([
    'head-coach',
    ...(whose === 'head' ? [] : ['coach']),
    ...(assists ? ['assistant'] : []),
  ]);
});

const OF_A_PLAYER = Object.keys(RULES).filter((rule) => RULES[rule]!.whose === 'player');

test.each(OF_A_PLAYER)('%s: of another coach’s player nothing is told or changed', async (rule) => {
  const before = await rowsOf('bo');
  const { status, body } = await as(coach, rule, 'bo');
  const told = JSON.stringify(body);
  // What is a list of one player is empty where that one is not seen.
  if (status < 300) expect(told).toMatch(/^(\[\]|\[(\{[^{}]*"coaches":false\},?)+\])$/);
  else expect([400, 403, 404]).toContain(status);
  expect(told).not.toMatch(/call bo|"name":"bo"/);
  expect(await rowsOf('bo')).toBe(before);
});

test.each(OF_A_PLAYER.filter((rule) => RULES[rule]!.assists))(
  '%s: of another lesson a phone is told nothing, and changes nothing',
  async (rule) => {
    const before = await rowsOf('bo');
    const { status, body } = await as(phone, rule, 'bo');
    if (status < 300) expect(body).toEqual([]);
    else expect([400, 403, 404]).toContain(status);
    expect(await rowsOf('bo')).toBe(before);
    if (rule.includes('/events')) return;
    expect((await as(phone, rule, 'ada')).status).toBeLessThan(300);
  },
);

test.each(Object.keys(RULES).filter((rule) => RULES[rule]!.whose === 'list'))(
  '%s: nothing of another coach’s player is in it',
  async (rule) => {
    const { status, body } = await as(coach, rule, 'ada');
    expect(status).toBe(200);
    expect(JSON.stringify(body)).not.toMatch(new RegExp(`\\bbo\\b|${uuid(6, 'bo')}`));
  },
);

// A line of events stays open: it is tried where lines are.
test.each(OF_A_PLAYER.filter((rule) => !rule.includes('/events')))(
  '%s: of the own player it is done',
  async (rule) => {
    const { status, body } = await as(coach, rule, 'ada');
    expect([status, status < 300 ? '' : body]).toEqual([expect.any(Number), '']);
  },
);
