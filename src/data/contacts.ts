import type { Sql, Tx } from './sql/sql';
import type { Contact } from '@/core/lesson/players/contact';

/** How a player is reached; empty where nothing is known, null when there is no such player. */
export async function contactOf(db: Sql, playerId: string): Promise<Contact | null> {
  const { rows } = await db.query<{ birth_year: number | null; contact: string | null }>(
    `select c.birth_year, c.contact from players p left join player_contacts c on c.player_id = p.id
     where p.id = $1 and p.deleted_at is null`,
    [playerId],
  );
  const [row] = rows;
  if (!row) return null;
  return {
    ...(row.birth_year === null ? {} : { birth_year: row.birth_year }),
    ...(row.contact ? { contact: row.contact } : {}),
  };
}

/** Puts how a player is reached in place of what was known; false when there is no such player. */
export async function saveContact(
  db: Pick<Tx, 'query'>,
  playerId: string,
  { birth_year, contact = '' }: Contact,
): Promise<boolean> {
  const { rows } = await db.query(
    `insert into player_contacts (player_id, birth_year, contact)
     select id, $2, $3 from players where id = $1 and deleted_at is null
     on conflict (player_id) do update set birth_year = excluded.birth_year, contact = excluded.contact
     returning player_id`,
    [playerId, birth_year ?? null, contact.trim()],
  );
  return rows.length > 0;
}
