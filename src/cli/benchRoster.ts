import { isSmall } from './benchLine';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { median } from '@/core/ground/numeric/order';
import { PLAIN_HOUSE } from '@/core/lesson/players/house';
import { playersCsv, previewPlayersCsv } from '@/core/lesson/players/playersCsv';
import type { PlayerRecord } from '@/core/lesson/players/record';
import { openFolder } from '@/data/opening/openFolder';
import { openServer } from '@/data/opening/openServer';
import { newPlayerId } from '@/data/newId';
import { addPlayers, listPlayers, playerNames } from '@/data/players';

/* A roster of two thousand listed and searched, and a file of ten thousand lines imported, against bare insertion. */

const LINES = isSmall ? 100 : 10_000;
const ROSTER = isSmall ? 50 : 2_000;

const record = (i: number): PlayerRecord => ({
  name: `Player ${String(i).padStart(5, '0')} of the long list`,
  handed: i % 9 === 0 ? 'left' : 'right',
  skill: (['good', 'middle', 'beginner'] as const)[i % 3]!,
  ...(i % 4 === 0 ? { usual_miss: 'heavy' as const } : {}),
  cautions: i % 10 === 0 ? ['back'] : [],
  schools: [],
  notes: i % 5 === 0 ? `note ${i}, with a comma` : '',
  bag: [
    { name: 'PW', type: 'wedge', loft_deg: 46, bounce_deg: 6, stock_carry_yd: 100 + (i % 30) },
    { name: '52', type: 'wedge', loft_deg: 52, bounce_deg: 10, stock_carry_yd: 85 + (i % 25) },
    { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 75 + (i % 20) },
    { name: '60', type: 'wedge', loft_deg: 60, bounce_deg: 8, stock_carry_yd: 65 + (i % 15) },
  ],
});

/** Times `work` once, ms. */
async function timed(work: () => Promise<unknown>): Promise<number> {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

async function middleOf(times: number, work: () => Promise<unknown>): Promise<number> {
  const all: number[] = [];
  for (let i = 0; i < times; i++) all.push(await timed(work));
  return median(all);
}

const folder = mkdtempSync(path.join(os.tmpdir(), 'mellow-bench-'));
const server = process.env.DATABASE_URL;
const { sql, close } = server ? await openServer(server) : await openFolder(folder);
const records = Array.from({ length: LINES }, (_, i) => record(i));
const csv = playersCsv(records);
const clear = (): Promise<unknown> => sql.query('delete from players');

/** Reads, checks and saves the file, as the server does. */
async function importAll(): Promise<void> {
  const { lines } = previewPlayersCsv(csv, PLAIN_HOUSE, await playerNames(sql));
  const good = lines.filter(({ record: found, twice }) => found !== null && !twice);
  await addPlayers(
    sql,
    good.map(({ record: found }) => ({ id: newPlayerId(), ...found! })),
  );
}

const insertAll = (): Promise<void> =>
  addPlayers(
    sql,
    records.map((each) => ({ id: newPlayerId(), ...each })),
  );

await insertAll();
const bare: number[] = [];
const whole: number[] = [];
for (let i = 0; i < 3; i++) {
  await clear();
  bare.push(await timed(insertAll));
  await clear();
  whole.push(await timed(importAll));
}
await clear();
await addPlayers(
  sql,
  records.slice(0, ROSTER).map((each) => ({ id: newPlayerId(), ...each })),
);
const nothing = await middleOf(30, () => sql.query('select 1'));
const list = await middleOf(30, () => listPlayers(sql, { limit: 50 }));
const search = await middleOf(30, () => listPlayers(sql, { search: '01234', limit: 50 }));
const last = await middleOf(30, () =>
  listPlayers(sql, { order: 'readings', offset: ROSTER - 50, limit: 50 }),
);

const rows: [string, string, string][] = [
  [
    'import of 10,000 lines over bare insertion',
    (median(whole) / median(bare)).toFixed(2),
    'aim 3',
  ],
  ['  the insertion itself, ms', median(bare).toFixed(0), ''],
  ['2,000 players: first page, ms', list.toFixed(1), 'aim 50'],
  ['2,000 players: search, ms', search.toFixed(1), 'aim 50'],
  ['2,000 players: last page by readings, ms', last.toFixed(1), 'aim 50'],
  ['  first page over an empty question', (list / nothing).toFixed(0), ''],
];
for (const [name, value, aim] of rows) {
  console.log(`${name.padEnd(54)}${value.padStart(9)}  ${aim}`);
}
await close();
rmSync(folder, { recursive: true, force: true });
