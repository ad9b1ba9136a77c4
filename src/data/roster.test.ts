import { PLAIN_HOUSE } from '@/core/lesson/players/house';
import { readAcademy, writeAcademy } from './academy';
import type { Database } from './opening/database';
import { testDatabases } from './testing/testDatabases';
import { aBall } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { aBunkerTest } from '@/core/testing/bunkerTest';
import { anEyeResult } from '@/core/testing/eye';
import { aHomework } from '@/core/testing/homework';
import { PLAIN_LEARNT } from '@/core/testing/records';
import { addBalls } from './balls';
import { saveContact } from './contacts';
import { saveDraft } from './drafts';
import { everythingAbout } from './everything';
import { acceptLearning } from './learnings';
import { saveTest } from './bunkerTests';
import { addEyeResult } from './eye';
import { saveHomework } from './homework';
import { saveLesson } from './lessons';
import { addGrassShots, listGrassShots, removeGrassShot } from './grassShots';
import { erasePlayer } from './erasing/erase';
import { newPlayerId } from './newId';
import {
  addPlayers,
  listPlayers,
  markPlayer,
  playerById,
  playersForDesk,
  updatePlayer,
  type NewPlayer,
} from './players';
import { listReadings, saveReading } from './readings';

const openNew = testDatabases();
let database: Database;
beforeAll(async () => {
  database = await openNew('roster');
});

const player = (id: string, name: string, skill: NewPlayer['skill'] = 'middle'): NewPlayer => ({
  id,
  name,
  handed: 'right',
  skill,
  usual_miss: 'heavy',
  cautions: ['back', 'wrist'],
  units: 'metres',
  schools: ['across'],
  techniques: { 'toe-in': 'knows' },
  notes: 'first line\nsecond',
  bag: [
    { name: 'PW', type: 'wedge', loft_deg: 46, bounce_deg: 6 },
    { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 },
  ],
});

const names = async (query: Parameters<typeof listPlayers>[1]): Promise<string[]> =>
  (await listPlayers(database.sql, query)).players.map(({ name }) => name);

test('players are added all or none, and come back whole', async () => {
  await addPlayers(database.sql, [
    player('ada', 'Ada Lund', 'good'),
    player('bo', 'Bo Ek', 'expert'),
  ]);
  expect(await playerById(database.sql, 'ada')).toMatchObject(player('ada', 'Ada Lund', 'good'));
  const broken = [player('cy', 'Cy Oh'), player('ada', 'Ada again')];
  await expect(addPlayers(database.sql, broken)).rejects.toThrow(/duplicate key/);
  expect(await playerById(database.sql, 'cy')).toBeNull();
});

test('are searched by name and notes, sorted and paged', async () => {
  await addPlayers(database.sql, [player('cy', 'cy Oh', 'beginner')]);
  expect(await names({})).toEqual(['Ada Lund', 'Bo Ek', 'cy Oh']);
  expect(await names({ order: 'skill' })).toEqual(['Bo Ek', 'Ada Lund', 'cy Oh']);
  expect(await names({ descending: true, limit: 2 })).toEqual(['cy Oh', 'Bo Ek']);
  expect(await names({ search: 'LUND' })).toEqual(['Ada Lund']);
  expect(await names({ search: 'second' })).toHaveLength(3);
  const past = await listPlayers(database.sql, { offset: 9 });
  expect(past).toEqual({ players: [], total: 3 });
});

test('a record is put in place of another, clubs and absent fields included', async () => {
  const { id, ...record } = player('ada', 'Ada Lund-Berg', 'good');
  const { usual_miss: _miss, units: _units, ...without } = record;
  const changed = { ...without, bag: record.bag.slice(1), cautions: [] };
  expect(await updatePlayer(database.sql, id, changed)).toBe(true);
  const after = (await playerById(database.sql, id))!;
  expect(after).toMatchObject(changed);
  expect(after.usual_miss).toBeUndefined();
  expect(after.units).toBeUndefined();
  expect(await updatePlayer(database.sql, 'nobody', changed)).toBe(false);
  const twice = { ...changed, bag: [record.bag[0]!, record.bag[0]!] };
  await expect(updatePlayer(database.sql, id, twice)).rejects.toThrow(/duplicate key/);
  expect((await playerById(database.sql, id))!.bag).toEqual(changed.bag);
});

test('archived players leave the list and the desk, and come back', async () => {
  await markPlayer(database.sql, 'bo', 'archived', true);
  expect(await names({})).not.toContain('Bo Ek');
  expect(await names({ archived: true })).toEqual(['Bo Ek']);
  expect((await playersForDesk(database.sql)).map(({ id }) => id)).not.toContain('bo');
  await markPlayer(database.sql, 'bo', 'archived', false);
  expect(await names({})).toContain('Bo Ek');
});

test('a deleted player and the readings are gone from every list until brought back', async () => {
  const shot = { pin_yd: 12 };
  await saveReading(database.sql, { name: 'r', playerId: 'bo', shot, called: '56', model: 'test' });
  expect((await playersForDesk(database.sql))[0]!.id).toBe('bo');
  await markPlayer(database.sql, 'bo', 'deleted', true);
  expect(await playerById(database.sql, 'bo')).toBeNull();
  expect(await listReadings(database.sql)).toEqual([]);
  await markPlayer(database.sql, 'bo', 'deleted', false);
  expect((await listPlayers(database.sql, { search: 'bo ek' })).players[0]!.readings).toBe(1);
});

test('shots off grass are logged, listed, taken away; not for a stranger', async () => {
  expect(await addGrassShots(database.sql, 'bo', [{ club: '56', carry: 70 }])).toBe(true);
  expect(await addGrassShots(database.sql, 'nobody', [{ club: '56', carry: 70 }])).toBe(false);
  const [shot] = await listGrassShots(database.sql, 'bo');
  expect(shot).toMatchObject({ club: '56', carry: 70 });
  expect(await removeGrassShot(database.sql, 'ada', shot!.id)).toBe(false);
  expect(await removeGrassShot(database.sql, 'bo', shot!.id)).toBe(true);
});

test('everything about a player is exported, and erased for good', async () => {
  await addGrassShots(database.sql, 'bo', [{ club: '56', carry: 71 }]);
  const { sql } = database;
  await saveDraft(sql, aBall(1).id, { playerId: 'bo', shot: { pin_yd: 9 }, called: '56' });
  const lesson = '22222222-2222-4222-8222-222222222222';
  await saveLesson(sql, lesson, aPlan({ players: ['bo'] }));
  await addBalls(sql, lesson, [aBall(2, { player: 'bo' })]);
  const [listed] = (await listPlayers(sql, { search: 'bo ek' })).players;
  expect(listed!.lastLesson).toBe(aPlan().held_on);
  const { version: _version, ...factors } = PLAIN_LEARNT;
  await acceptLearning(sql, 'bo', factors);
  expect(await saveContact(sql, 'nobody', { contact: 'x' })).toBe(false);
  await saveContact(sql, 'bo', { birth_year: 2011, contact: 'ask the mother' });
  // Who lists players sees nothing of it.
  expect(JSON.stringify([await listPlayers(sql), await playersForDesk(sql)])).not.toContain(
    'mother',
  );
  await saveHomework(sql, lesson, aHomework({ player: 'bo' }));
  await saveTest(sql, lesson, aBunkerTest({ player: 'bo' }));
  await addEyeResult(sql, anEyeResult({ player: 'bo' }));
  // Everything: whatever table holds rows of a player has its place in the export. Who may see a player is no part of it.
  const { rows: tables } = await sql.query<{ name: string }>(
    `select table_name as name from information_schema.columns
     where table_schema = 'public' and column_name = 'player_id'
       and table_name not in ('player_coaches', 'player_links') order by name`,
  );
  const everything = (await everythingAbout(sql, 'bo'))!;
  const held: Record<string, unknown[]> = {
    balls: everything.balls,
    bunker_tests: everything.tests!,
    clubs: everything.player.bag,
    drafts: everything.drafts,
    eye_results: everything.eye!,
    grass_shots: everything.grass_shots,
    learning_decisions: everything.learnings,
    learnings: everything.learnings.flatMap((each) => each.factors ?? []),
    player_contacts: [everything.contact].filter((contact) => contact?.birth_year === 2011),
    practice_plans: everything.practice!,
    readings: everything.readings,
  };
  expect(Object.keys(held)).toEqual(tables.map(({ name }) => name));
  for (const { name } of tables) {
    const { rows } = await sql.query<{ n: number }>(
      `select count(*)::int as n from ${name} where player_id = 'bo'`,
    );
    expect([name, held[name]!.length]).toEqual([name, rows[0]!.n]);
    expect(rows[0]!.n).toBeGreaterThan(0);
  }
  expect(everything.player.name).toBe('Bo Ek');
  expect(everything.lessons.map(({ id }) => id)).toEqual([lesson]);
  expect(await erasePlayer(database, 'bo')).toBe(true);
  expect(await everythingAbout(database.sql, 'bo')).toBeNull();
  const count = tables
    .map(({ name }) => `(select count(*) from ${name} where player_id = 'bo')`)
    .join(' + ');
  const left = await sql.query<{ n: number }>(`select ${count} as n`);
  expect(left.rows[0]!.n).toBe(0);
});

test('the academy has plain settings until it is given its own', async () => {
  expect(await readAcademy(database.sql)).toEqual(PLAIN_HOUSE);
  const house = { ...PLAIN_HOUSE, name: 'By the sea', units: 'metres' as const };
  await writeAcademy(database.sql, house);
  await writeAcademy(database.sql, { ...house, skill: 'good' });
  expect(await readAcademy(database.sql)).toEqual({ ...house, skill: 'good' });
});

test('ids are their own, and say nothing of the name', () => {
  const ids = new Set(Array.from({ length: 1000 }, newPlayerId));
  expect(ids.size).toBe(1000);
  for (const id of ids) expect(id).toMatch(/^player-[0-9a-f]{18}$/);
});
