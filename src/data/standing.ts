import { t } from '@/core/ground/language/t';
import { told } from '@/core/ground/language/told';
import type { Tx } from './sql/sql';
import { faulty } from '@/core/tell/format/fault';

/** Tables whose rows are one player's, under an id that was given before they were saved. */
type Owned = 'practice_plans' | 'bunker_tests';

/** Why a row of each may not be saved: it was deleted, or is another player's. */
const WHY: Record<Owned, { deleted: string; another: string }> = told({
  practice_plans: {
    deleted: 'this plan was deleted: bring it back before it is saved',
    another: 'must stay the player of this plan',
  },
  bunker_tests: {
    deleted: 'this test was deleted: bring it back before it is saved',
    another: 'must stay the player of this test',
  },
});

/**
 * Looks whether a row may be saved under an id: nothing stands there, or the same player's and not deleted.
 *
 * @throws FaultyInput when it may not
 */
export async function mayBeSaved(
  tx: Pick<Tx, 'query'>,
  table: Owned,
  id: string,
  player: string,
): Promise<void> {
  const { rows } = await tx.query<{ deleted: boolean; player: string }>(
    `select deleted_at is not null as deleted, player_id as player from ${table} where id = $1`,
    [id],
  );
  const [stands] = rows;
  const { deleted, another } = WHY[table];
  if (stands?.deleted) throw faulty('id', deleted);
  if (stands && stands.player !== player) {
    throw faulty('player', another);
  }
}

/** Throws FaultyInput where saving for a player wrote nothing: the player is not in the roster. */
export function inRoster(written: readonly unknown[], player: string): void {
  if (written.length > 0) return;
  throw faulty('player', t('there is no player "{player}" in the roster', { player }));
}

/** Thrown when a record was saved elsewhere since it was opened. */
export class ChangedElsewhere extends Error {
  constructor() {
    super(t('has been saved on another device since you opened it'));
    this.name = 'ChangedElsewhere';
  }
}
