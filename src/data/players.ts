import type { Sql, Tx } from './sql/sql';
import type { PlayerRecord } from '@/core/lesson/players/record';
import type { ListedPlayer, PlayerOrder, RosterPlayer } from '@/core/lesson/players/player';
import { containing } from './search';

/** Which players are wanted. */
export interface PlayerQuery {
  /** Text that the name or the notes must hold; empty for all. */
  search?: string;
  archived?: boolean;
  order?: PlayerOrder;
  descending?: boolean;
  limit?: number;
  offset?: number;
}

const ORDER_BY: Record<PlayerOrder, string> = {
  name: 'lower(p.name)',
  skill: `array_position(array['expert', 'good', 'middle', 'beginner'], p.skill)`,
  readings: 'readings',
  changed: 'p.updated_at',
};

/** Columns of a player without the clubs. */
const COLUMNS = `
  p.id, p.name, p.handed, p.skill, p.handicap, p.usual_miss, p.trusted_club, p.cautions, p.units, p.schools, p.techniques,
  p.learnt,
  case mellow_role() when 'assistant' then '' else p.notes end as notes,
  p.archived_at is not null as archived,
  to_char(p.updated_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') as "updatedAt"`;

const BAG = `
  coalesce((select jsonb_agg(c.make order by c.position) from clubs c where c.player_id = p.id), '[]')
  as bag`;

const LAST_LESSON = `
  (select to_char(max(l.held_on), 'YYYY-MM-DD') from lessons l
   where l.deleted_at is null and l.plan -> 'players' ? p.id) as "lastLesson"`;

/** A row as it comes: absent fields are null in the table and absent in a record. */
type Row = {
  [K in keyof ListedPlayer]-?: undefined extends ListedPlayer[K]
    ? ListedPlayer[K] | null
    : ListedPlayer[K];
};

const playerOf = <T extends Row>(row: T): Omit<T, keyof Row> & ListedPlayer =>
  Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null)) as Omit<
    T,
    keyof Row
  > &
    ListedPlayer;

/** A page of the players that are not deleted, and how many there are in all. */
export async function listPlayers(
  db: Sql,
  query: PlayerQuery = {},
): Promise<{ players: ListedPlayer[]; total: number }> {
  const { search = '', archived = false, order = 'name', descending = false } = query;
  const { limit = 100, offset = 0 } = query;
  const where = `p.deleted_at is null and (p.archived_at is not null) = $1
    and (p.name ilike $2 or p.notes ilike $2)`;
  const direction = descending ? 'desc' : 'asc';
  const { rows } = await db.query<Row & { total: number }>(
    `with page as (
       select p.*, count(*) over () as total,
         (select count(*) from readings r where r.player_id = p.id and r.deleted_at is null)
         as readings
       from players p where ${where}
       order by ${ORDER_BY[order]} ${direction}, lower(p.name), p.id limit $3 offset $4
     )
     select ${COLUMNS}, ${BAG}, ${LAST_LESSON}, p.readings, p.total from page p
     order by ${ORDER_BY[order]} ${direction}, lower(p.name), p.id`,
    [archived, containing(search), limit, offset],
  );
  if (rows.length === 0 && offset > 0) {
    const { rows: counted } = await db.query<{ total: number }>(
      `select count(*) as total from players p where ${where}`,
      [archived, containing(search)],
    );
    return { players: [], total: counted[0]!.total };
  }
  return {
    players: rows.map(({ total: _total, ...row }) => playerOf(row)),
    total: rows[0]?.total ?? 0,
  };
}

/** One player, archived or not; null when there is none, or when it is deleted. */
export async function playerById(db: Sql, id: string): Promise<RosterPlayer | null> {
  const { rows } = await db.query<Row>(
    `select ${COLUMNS}, ${BAG} from players p where p.id = $1 and p.deleted_at is null`,
    [id],
  );
  return rows[0] ? playerOf(rows[0]) : null;
}

/** Players in the order of their ids, archived or not; those who are not there, or deleted, are left out. */
export async function playersById(db: Sql, ids: readonly string[]): Promise<RosterPlayer[]> {
  const { rows } = await db.query<Row>(
    `select ${COLUMNS}, ${BAG} from players p
     where p.id = any($1) and p.deleted_at is null order by array_position($1, p.id)`,
    [ids],
  );
  return rows.map(playerOf);
}

/** The players that a desk begins with: those of the latest readings, then by name; never the archived. */
export async function playersForDesk(db: Sql, limit = 40): Promise<RosterPlayer[]> {
  const { rows } = await db.query<Row>(
    `select ${COLUMNS}, ${BAG} from players p
     left join (select player_id, max(saved_at) as last from readings where deleted_at is null
                group by player_id) r on r.player_id = p.id
     where p.deleted_at is null and p.archived_at is null
     order by r.last desc nulls last, lower(p.name), p.id limit $1`,
    [limit],
  );
  return rows.map(playerOf);
}

/** Lower-case names of all players that are not deleted. */
export async function playerNames(db: Sql): Promise<Set<string>> {
  const { rows } = await db.query<{ name: string }>(
    'select lower(name) as name from players where deleted_at is null',
  );
  return new Set(rows.map(({ name }) => name));
}

/** A player's own columns, from a list of {id, record} in $1. */
const INSERT_PLAYERS = `
  insert into players
    (id, name, handed, skill, handicap, usual_miss, trusted_club, cautions, units, schools, techniques,
     notes)
  select r.id, r.name, r.handed, r.skill, r.handicap, r.usual_miss, r.trusted_club, r.cautions, r.units,
    r.schools, r.techniques, r.notes
  from jsonb_to_recordset($1) as r (id text, name text, handed text, skill text,
    handicap double precision, usual_miss text,
    trusted_club text, cautions jsonb, units text, schools jsonb, techniques jsonb, notes text)`;

/** Clubs in the order of the bag, from a list of {player, position, make} in $1. */
const INSERT_CLUBS = `
  insert into clubs (player_id, position, name, make)
  select r.player, r.position, r.make ->> 'name', r.make
  from jsonb_to_recordset($1) as r (player text, position integer, make jsonb)`;

/** Players to be added, each under its id. */
export type NewPlayer = Pick<RosterPlayer, 'id'> & PlayerRecord;

/** Adds players with their bags within a transaction. */
export async function insertPlayers(tx: Tx, players: readonly NewPlayer[]): Promise<void> {
  await tx.query(INSERT_PLAYERS, [JSON.stringify(players)]);
  await tx.query(INSERT_CLUBS, [
    JSON.stringify(
      players.flatMap(({ id, bag }) =>
        bag.map((make, position) => ({ player: id, position, make })),
      ),
    ),
  ]);
}

/** Players in one statement: more would make the statement's text too long to be quick. */
const AT_ONCE = 500;

/** Adds players with their bags, all or none. */
export async function addPlayers(db: Sql, players: readonly NewPlayer[]): Promise<void> {
  await db.transaction(async (tx) => {
    for (let i = 0; i < players.length; i += AT_ONCE)
      await insertPlayers(tx, players.slice(i, i + AT_ONCE));
  });
}

/** Puts a player's record in place of what it was; false when there is no such player. */
export async function updatePlayer(db: Sql, id: string, record: PlayerRecord): Promise<boolean> {
  return db.transaction(async (tx) => {
    const { rows } = await tx.query(
      `update players set name = $2, handed = $3, skill = $4, usual_miss = $5, cautions = $6,
         units = $7, schools = $8, notes = $9, trusted_club = $10, handicap = $11,
         techniques = $12, updated_at = now()
       where id = $1 and deleted_at is null returning id`,
      [
        id,
        record.name,
        record.handed,
        record.skill,
        record.usual_miss ?? null,
        JSON.stringify(record.cautions),
        record.units ?? null,
        JSON.stringify(record.schools),
        record.notes,
        record.trusted_club ?? null,
        record.handicap ?? null,
        record.techniques ? JSON.stringify(record.techniques) : null,
      ],
    );
    if (rows.length === 0) return false;
    await tx.query('delete from clubs where player_id = $1', [id]);
    await tx.query(INSERT_CLUBS, [
      JSON.stringify(record.bag.map((make, position) => ({ player: id, position, make }))),
    ]);
    return true;
  });
}

/** Marks a player as archived or deleted, or takes the mark off; false when there is no such player. */
export async function markPlayer(
  db: Sql,
  id: string,
  mark: 'archived' | 'deleted',
  on: boolean,
): Promise<boolean> {
  const { rows } = await db.query(
    `update players set ${mark}_at = case when $2 then now() end, updated_at = now()
     where id = $1 returning id`,
    [id, on],
  );
  return rows.length > 0;
}
