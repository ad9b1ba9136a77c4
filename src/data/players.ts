import type { PGlite } from '@electric-sql/pglite';
import type { ClubInput } from '@/core/contract/readSituation';
import type { Hand, Skill } from '@/core/player/player';

/** A player as stored: clubs in the situation format, in the order of the bag. */
export interface StoredPlayer {
  id: string;
  name: string;
  handed: Hand;
  skill: Skill;
  bag: ClubInput[];
}

/** All players by name, bags included. */
export async function listPlayers(db: PGlite): Promise<StoredPlayer[]> {
  const { rows } = await db.query<StoredPlayer>(`
    select p.id, p.name, p.handed, p.skill,
           coalesce(jsonb_agg(c.make order by c.position) filter (where c.name is not null), '[]') as bag
    from players p left join clubs c on c.player_id = p.id
    group by p.id order by p.name`);
  return rows;
}

/** Adds a player with the bag, in one transaction. */
export async function addPlayer(db: PGlite, player: StoredPlayer): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query('insert into players (id, name, handed, skill) values ($1, $2, $3, $4)', [
      player.id,
      player.name,
      player.handed,
      player.skill,
    ]);
    for (const [position, club] of player.bag.entries()) {
      await tx.query(
        'insert into clubs (player_id, position, name, make) values ($1, $2, $3, $4)',
        [player.id, position, club.name, club],
      );
    }
  });
}
