import type { Sql } from '../sql/sql';
import { writes } from '../sql/writes';

/** Who asks, where it is not somebody who may see everything. */
export type Viewer =
  | { role: 'coach'; account: string }
  /** An assistant; with a lesson a phone that was brought to that one. */
  | { role: 'assistant'; account: string; lesson?: string | null }
  /** A link to what is one player's own. */
  | { role: 'player'; player: string };

/**
 * The database as somebody sees it: the same statements, whose rows are those that the policies of the database let that one see and
 * change. Each is asked as the role `mellow_guest`, which has no way round them.
 */
export function viewedBy(sql: Sql, viewer: Viewer): Sql {
  const account = viewer.role === 'player' ? '' : viewer.account;
  const player = viewer.role === 'player' ? viewer.player : '';
  const lesson = (viewer.role === 'assistant' && viewer.lesson) || '';
  const transaction: Sql['transaction'] = (work, apart) =>
    sql.transaction(async (tx) => {
      await tx.query(
        `select set_config('mellow.role', $1, true), set_config('mellow.account', $2, true),
           set_config('mellow.player', $3, true), set_config('mellow.lesson', $4, true),
           set_config('role', 'mellow_guest', true)`,
        [viewer.role, account, player, lesson],
      );
      return work(tx);
    }, apart);
  const query: Sql['query'] = (text, params, apart = writes(text) ? 'alone' : 'by statement') =>
    transaction((tx) => tx.query(text, params), apart);
  return { query, transaction };
}
