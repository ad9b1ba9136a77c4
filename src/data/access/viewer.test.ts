import { readPlayerFile } from '@/core/lesson/exchange/playerFile';
import { readNewAccount } from '@/core/lesson/coaches/account';
import { aBall } from '@/core/testing/balls';
import { anEyeResult } from '@/core/testing/eye';
import { aHomework } from '@/core/testing/homework';
import { aPlan } from '@/core/testing/plans';
import { aRecord } from '@/core/testing/records';
import { addBalls, changeBall } from '../balls';
import { bringBack } from '../bringBack';
import { saveContact } from '../contacts';
import type { Database } from '../opening/database';
import { saveDraft } from '../drafts';
import { addOwnEyeResult, ownEyeResults } from '../eye';
import { everythingAbout } from '../everything';
import { saveHomework } from '../homework';
import { closeLesson, lessonById, listLessons, saveLesson } from '../lessons';
import { addPlayers, listPlayers, playerById, updatePlayer } from '../players';
import { aimTracker, leaveTracker, trackerState } from '../tracker';
import type { Sql } from '../sql/sql';
import { testDatabases } from '../testing/testDatabases';
import { threePlayers, uuid } from '../testing/threePlayers';
import { addAccount } from './accounts';
import { coachesOf, setCoaches } from './coaches';
import { viewedBy } from './viewer';

const openNew = testDatabases();
let database: Database;
let mine: string;
let other: string;
/** The database as a coach, as another, as an assistant and as a player's link sees it. */
let coach: Sql;
let assistant: Sql;
let link: Sql;

/* Ada is the coach's, Bo the other's, Cy nobody's in particular. */
const TABLES_OF_A_PLAYER = [
  'clubs',
  'readings',
  'drafts',
  'grass_shots',
  'learnings',
  'learning_decisions',
  'player_contacts',
  'practice_plans',
  'bunker_tests',
  'eye_results',
  'balls',
] as const;

async function account(sign_in: string, role: 'coach' | 'assistant'): Promise<string> {
  const record = { sign_in, name: sign_in, role, passphrase: 'rake after every ball' };
  return addAccount(database.sql, readNewAccount(record), null);
}

beforeAll(async () => {
  database = await openNew('viewer');
  const { sql } = database;
  mine = await account('mine', 'coach');
  other = await account('other', 'coach');
  coach = viewedBy(sql, { role: 'coach', account: mine });
  assistant = viewedBy(sql, { role: 'assistant', account: await account('helper', 'assistant') });
  link = viewedBy(sql, { role: 'player', player: 'ada' });
  await threePlayers(sql);
  await setCoaches(sql, 'ada', [mine]);
  await setCoaches(sql, 'bo', [other]);
});

const players = async (sql: Sql, table: string, column = 'player_id'): Promise<string[]> =>
  (
    await sql.query<{ id: string }>(`select distinct ${column} as id from ${table} order by id`)
  ).rows.map(({ id }) => id);

test('no table is without a say of who may see it', async () => {
  const { rows } = await database.sql.query<{ name: string; guarded: boolean; open: boolean }>(
    `select c.relname as name, c.relrowsecurity as guarded,
       has_any_column_privilege('mellow_guest', c.oid, 'select, insert, update') or has_table_privilege('mellow_guest', c.oid, 'delete') as open
     from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'r' order by name`,
  );
  expect(rows.filter(({ guarded, open }) => open && !guarded)).toEqual([]);
  const closed = rows.filter(({ open }) => !open).map(({ name }) => name);
  expect(closed).toEqual([
    'migrations',
    'pairings',
    'player_links',
    'security_log',
    'sessions',
    'sign_in_tries',
  ]);
});

describe('a coach', () => {
  test.each(TABLES_OF_A_PLAYER)(
    'sees of %s what is of the own players and of nobody’s',
    async (table) => {
      expect(await players(database.sql, table)).toEqual(['ada', 'bo', 'cy']);
      expect(await players(coach, table)).toEqual(['ada', 'cy']);
    },
  );

  test('sees the own players, their lessons and results alone', async () => {
    expect((await listPlayers(coach)).players.map(({ id }) => id)).toEqual(['ada', 'cy']);
    expect(await playerById(coach, 'bo')).toBeNull();
    expect((await listLessons(coach)).map(({ id }) => id).sort()).toEqual([
      uuid(6, 'ada'),
      uuid(6, 'cy'),
    ]);
    expect(await lessonById(coach, uuid(6, 'bo'))).toBeNull();
    expect((await coach.query('select 1 from drill_results')).rows).toHaveLength(2);
  });

  test.each(TABLES_OF_A_PLAYER)(
    'changes and deletes nothing in %s of another’s player',
    async (table) => {
      const changed = await coach.query(
        `update ${table} set player_id = player_id where player_id = 'bo'`,
      );
      expect(changed.affectedRows ?? 0).toBe(0);
      const gone = await coach.query(`delete from ${table} where player_id = 'bo'`);
      expect(gone.affectedRows ?? 0).toBe(0);
      // Nor is anything of the own given to another's player.
      await expect(
        coach.transaction(async (tx) => {
          await tx.query(`update ${table} set player_id = 'bo' where player_id = 'ada'`);
        }),
      ).rejects.toThrow(/row-level security/);
      expect(await players(database.sql, table)).toEqual(['ada', 'bo', 'cy']);
    },
  );

  test('cannot save anything for another’s player, by the product’s own ways', async () => {
    expect(await updatePlayer(coach, 'bo', aRecord({ name: 'Mine now' }))).toBe(false);
    expect(await saveDraft(coach, uuid(7, 'bo'), { playerId: 'bo', shot: {}, called: '' })).toBe(
      false,
    );
    expect(await saveContact(coach, 'bo', { contact: 'x' })).toBe(false);
    await expect(saveHomework(coach, uuid(7, 'bo'), aHomework({ player: 'bo' }))).rejects.toThrow();
    await expect(addBalls(coach, uuid(6, 'bo'), [aBall(9, { player: 'bo' })])).resolves.toBeNull();
    expect(await setCoaches(coach, 'bo', [mine])).toBe(false);
  });

  test('changes a lesson that is another coach’s too, and takes nothing of theirs out of it', async () => {
    const id = uuid(8, 'ada');
    const plan = aPlan({ players: ['ada', 'bo'] });
    await saveLesson(database.sql, id, plan);
    await addBalls(database.sql, id, [aBall(31, { player: 'bo' })]);
    await saveLesson(coach, id, { ...plan, notes: 'Rake first.' });
    expect((await lessonById(coach, id))?.plan.notes).toBe('Rake first.');

    await expect(saveLesson(coach, id, { ...plan, players: ['ada'] })).rejects.toRefuse(
      /only their own coach takes them out/,
    );
    const [first, ...rest] = plan.stations;
    const moved = { ...first!, shot: { ...first!.shot, pin_yd: 33 } };
    await expect(saveLesson(coach, id, { ...plan, stations: [moved, ...rest] })).rejects.toRefuse(
      /1 balls are logged there/,
    );
    // Nor is anybody else's player brought in.
    const own = uuid(9, 'ada');
    await expect(saveLesson(coach, own, plan)).rejects.toRefuse(/no player "bo"/);

    const theirs = viewedBy(database.sql, { role: 'coach', account: other });
    expect((await lessonById(theirs, id))?.plan.players).toEqual(['ada', 'bo']);
    await saveLesson(theirs, id, { ...plan, notes: 'Theirs.' });
    await database.sql.query('delete from balls where lesson_id = $1', [id]);
    await saveLesson(theirs, id, { ...plan, players: ['bo', 'ada'] });
    await database.sql.query('delete from lessons where id = $1', [id]);
  });

  test('is told of a file whose player is another coach’s, and nothing of it is taken', async () => {
    const file = await everythingAbout(database.sql, 'bo');
    await expect(
      bringBack(coach, readPlayerFile(JSON.parse(JSON.stringify(file))), true),
    ).rejects.toRefuse(/id: is that of a player of another coach/);
    expect(await playerById(coach, 'bo')).toBeNull();
  });

  test('is not told that a ball is saved whose id is that of a ball that the coach may not see', async () => {
    const [theirs, own, next] = [aBall(2), aBall(20), aBall(21)].map((ball) => ({
      ...ball,
      player: 'ada',
    }));
    await expect(addBalls(coach, uuid(6, 'ada'), [own!, theirs!, next!])).rejects.toRefuse(
      /balls\[1\]\.id: is the id of a ball in another lesson/,
    );
    expect(await addBalls(coach, uuid(6, 'ada'), [own!, next!])).toEqual([own!.id, next!.id]);
    const { rows } = await database.sql.query(
      'select player_id as player from balls where id = $1',
      [theirs!.id],
    );
    expect(rows).toEqual([{ player: 'bo' }]);
  });

  test('reads no passphrase, session, link or log, and does not leave the role', async () => {
    for (const statement of [
      'select passphrase from accounts',
      'select * from accounts',
      'select * from sessions',
      'select * from player_links',
      'select * from security_log',
      `update accounts set role = 'head-coach'`,
      `update academy set settings = '{}'`,
      'create table x (y integer)',
      'vacuum full',
    ]) {
      await expect(coach.query(statement)).rejects.toThrow();
    }
  });

  test('a player whom a coach adds is the coach’s until shared, and what is left alone is everybody’s', async () => {
    await addPlayers(coach, [{ id: 'dee', ...aRecord({ name: 'Dee' }) }]);
    const theirs = viewedBy(database.sql, { role: 'coach', account: other });
    expect((await playerById(coach, 'dee'))?.bag.length).toBeGreaterThan(0);
    expect(await playerById(theirs, 'dee')).toBeNull();
    expect(await coachesOf(coach, 'dee')).toEqual([
      { id: mine, name: 'mine', coaches: true },
      { id: other, name: 'other', coaches: false },
    ]);
    expect(await setCoaches(coach, 'dee', [mine, other])).toBe(true);
    expect(await playerById(theirs, 'dee')).not.toBeNull();
    expect(await setCoaches(theirs, 'dee', [other])).toBe(true);
    expect(await playerById(coach, 'dee')).toBeNull();
    await setCoaches(theirs, 'dee', []);
    expect(await playerById(coach, 'dee')).not.toBeNull();
  });
});

describe('an assistant', () => {
  test('sees the players of open lessons with their bags, and logs balls', async () => {
    expect((await listPlayers(assistant)).players.map(({ id }) => id)).toEqual(['ada', 'bo', 'cy']);
    expect(await players(assistant, 'clubs')).toEqual(['ada', 'bo', 'cy']);
    expect(await addBalls(assistant, uuid(6, 'ada'), [aBall(11, { player: 'ada' })])).toHaveLength(
      1,
    );
    await changeBall(assistant, aBall(11).id, { excluded: 'slipped' });
    const { rows } = await database.sql.query('select excluded from balls where id = $1', [
      aBall(11).id,
    ]);
    expect(rows).toEqual([{ excluded: 'slipped' }]);
  });

  test('is shown no notes of coaches', async () => {
    const id = uuid(8, 'cy');
    const words = { summary: 'Secret.', homework: 'Secret.', closed: false };
    await saveLesson(database.sql, id, aPlan({ players: ['cy'], notes: 'Secret.' }));
    await closeLesson(database.sql, id, {
      ...words,
      own_homework: [{ player: 'cy', text: 'Secret.' }],
    });
    await updatePlayer(database.sql, 'cy', aRecord({ name: 'cy', notes: 'Secret.' }));
    const shown = [
      await lessonById(assistant, id),
      await listLessons(assistant),
      await playerById(assistant, 'cy'),
    ];
    expect(JSON.stringify(shown)).not.toContain('Secret.');
    expect((await lessonById(coach, id))?.plan.notes).toBe('Secret.');
    expect((await playerById(coach, 'cy'))?.notes).toBe('Secret.');
    await database.sql.query('delete from lessons where id = $1', [id]);
  });

  test('whose phone was brought to one lesson knows and moves no tracker of another', async () => {
    const aimAt = (player: string) => ({
      lesson: uuid(6, player),
      player,
      station: 0,
      call: aBall(1).call,
    });
    const phone = viewedBy(database.sql, {
      role: 'assistant',
      account: mine,
      lesson: uuid(6, 'ada'),
    });
    expect(await aimTracker(coach, aimAt('cy'))).toBe(true);
    expect((await trackerState(phone)).aim).toBeNull();
    expect(await aimTracker(phone, aimAt('ada'))).toBe(false);
    await leaveTracker(phone, aimAt('cy'));
    expect((await trackerState(coach)).aim).toMatchObject({ player: 'cy' });
    // An aim that nobody has said again for a while is nobody's.
    await database.sql.query(`update tracker set aimed_at = now() - interval '4 minutes'`);
    expect(await aimTracker(phone, aimAt('ada'))).toBe(true);
    expect((await trackerState(phone)).aim).toMatchObject({ player: 'ada' });
    await expect(aimTracker(phone, aimAt('cy'))).rejects.toThrow(/row-level security/);
    await leaveTracker(phone, aimAt('ada'));
  });

  test('sees nothing else of them, and nothing at all once the lesson is closed', async () => {
    for (const table of TABLES_OF_A_PLAYER.filter((each) => each !== 'clubs' && each !== 'balls')) {
      expect([table, await players(assistant, table)]).toEqual([table, []]);
    }
    expect(await updatePlayer(assistant, 'ada', aRecord({ name: 'x' }))).toBe(false);
    await closeLesson(database.sql, uuid(6, 'cy'), { summary: '', homework: '', closed: true });
    expect(await playerById(assistant, 'cy')).toBeNull();
    expect(await lessonById(assistant, uuid(6, 'cy'))).toBeNull();
    expect(await addBalls(assistant, uuid(6, 'cy'), [aBall(12, { player: 'cy' })])).toBeNull();
    expect(await players(assistant, 'balls')).toEqual(['ada', 'bo']);
  });
});

test('a player’s link sees that player’s own and changes nothing', async () => {
  for (const table of [
    'clubs',
    'learnings',
    'practice_plans',
    'bunker_tests',
    'eye_results',
    'balls',
  ]) {
    expect(await players(link, table)).toEqual(['ada']);
  }
  for (const table of [
    'readings',
    'drafts',
    'grass_shots',
    'player_contacts',
    'learning_decisions',
  ]) {
    expect(await players(link, table)).toEqual([]);
  }
  expect(await players(link, 'players', 'id')).toEqual(['ada']);
  for (const table of [...TABLES_OF_A_PLAYER, 'drill_results', 'lessons']) {
    const { affectedRows = 0 } = await link.query(`delete from ${table}`);
    expect(affectedRows).toBe(0);
  }
  await expect(addPlayers(link, [{ id: 'eve', ...aRecord() }])).rejects.toThrow(
    /row-level security/,
  );
});

test('who asks is forgotten after each question: the next sees what it may', async () => {
  await Promise.all([
    ...Array.from({ length: 20 }, async () => {
      expect(await players(coach, 'players', 'id')).not.toContain('bo');
    }),
    ...Array.from({ length: 20 }, async () => {
      expect(await players(database.sql, 'players', 'id')).toContain('bo');
    }),
    ...Array.from({ length: 20 }, async () => {
      expect(await players(link, 'players', 'id')).toEqual(['ada']);
    }),
  ]);
});

test('a coach and an assistant see what their own eyes answered, and nobody else’s', async () => {
  const helped = viewedBy(database.sql, {
    role: 'assistant',
    account: await account('reader', 'assistant'),
  });
  const { player: _player, ...result } = anEyeResult({ id: uuid(9, 'ada') });
  await addOwnEyeResult(coach, mine, result);
  await addOwnEyeResult(coach, mine, { ...result, lost: 3 });
  expect(await ownEyeResults(coach, mine)).toEqual([result]);
  // Whoever asks for another's is shown none, and can write none in another's name.
  expect(await ownEyeResults(helped, mine)).toEqual([]);
  expect(await ownEyeResults(link, mine)).toEqual([]);
  const forged = { ...result, id: uuid(9, 'bo') };
  for (const sql of [helped, link]) {
    await expect(addOwnEyeResult(sql, mine, forged)).rejects.toThrow(/row-level security/);
  }
  // On a machine where nobody signs in there is one eye, which is nobody's account.
  await addOwnEyeResult(database.sql, null, { ...forged, id: uuid(9, 'cy') });
  expect(await ownEyeResults(database.sql, null)).toHaveLength(1);
  expect(await ownEyeResults(database.sql, mine)).toEqual([result]);
});
