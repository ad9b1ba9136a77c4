import { t } from '@/core/ground/language/t';
import type { Tx } from './sql/sql';
import { FaultyInput } from '@/core/tell/format/fault';

/** Tables whose rows are one player's, under an id that was given before they were saved. */
type Owned = 'practice_plans' | 'bunker_tests';

/** What a row of each is called. */
const WORDS: Record<Owned, string> = { practice_plans: 'plan', bunker_tests: 'test' };

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
  const word = WORDS[table];
  if (stands?.deleted) {
    const message = t('this {word} was deleted: bring it back before it is saved', { word });
    throw new FaultyInput([{ path: 'id', message }]);
  }
  if (stands && stands.player !== player) {
    throw new FaultyInput([
      { path: 'player', message: t('must stay the player of this {word}', { word }) },
    ]);
  }
}

/** Throws FaultyInput where saving for a player wrote nothing: the player is not in the roster. */
export function inRoster(written: readonly unknown[], player: string): void {
  if (written.length > 0) return;
  throw new FaultyInput([
    { path: 'player', message: t('there is no player "{player}" in the roster', { player }) },
  ]);
}

/** Thrown when a record was saved elsewhere since it was opened. */
export class ChangedElsewhere extends Error {
  constructor() {
    super(t('was saved on another device since it was opened here'));
    this.name = 'ChangedElsewhere';
  }
}
