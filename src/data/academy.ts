import type { Sql } from './sql/sql';
import { PLAIN_HOUSE, type House } from '@/core/lesson/players/house';

/** The academy's settings; plain ones until somebody has set them. */
export async function readAcademy(db: Sql): Promise<House> {
  const { rows } = await db.query<{ settings: House }>('select settings from academy');
  return rows[0] ? { ...PLAIN_HOUSE, ...rows[0].settings } : PLAIN_HOUSE;
}

/** Puts the academy's settings in place of what they were. */
export async function writeAcademy(db: Sql, house: House): Promise<void> {
  await db.query(
    `insert into academy (id, settings) values (1, $1)
     on conflict (id) do update set settings = excluded.settings, updated_at = now()`,
    [JSON.stringify(house)],
  );
}
