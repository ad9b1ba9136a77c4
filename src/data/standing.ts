import { Refusal } from '@/core/contract/check/refusal';
import { fact } from '@/core/ground/fact/fact';
import type { Tx } from './sql/sql';
import { faulty } from '@/core/contract/check/fault';

/** Tables whose rows are one player's, under an id that was given before they were saved. */
type Owned = 'practice_plans' | 'bunker_tests';

/** Why a row of each may not be saved: it was deleted, or is another player's. */
const WHY = {
  practice_plans: { deleted: fact('kept.planDeleted'), another: fact('kept.planOfOther') },
  bunker_tests: { deleted: fact('kept.testDeleted'), another: fact('kept.testOfOther') },
} as const satisfies Record<Owned, object>;

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
  throw faulty('player', fact('kept.noPlayer', { player }));
}

/** Thrown when a record was saved elsewhere since it was opened. */
export class ChangedElsewhere extends Refusal {
  constructor(path: 'plan' | 'place' | 'ball') {
    super(fact(path === 'ball' ? 'kept.ballChanged' : 'kept.changedElsewhere'), path, 409);
  }
}
