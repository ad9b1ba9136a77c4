import { fact } from '@/core/ground/fact/fact';
import { playersCsv } from '@/core/lesson/players/playersCsv';
import { ROSTER_FORMAT, type RosterFile } from '@/core/lesson/exchange/rosterFile';
import { recordOf } from '@/core/lesson/players/player';
import { data } from '@/app/data';
import { listPlayers } from '@/data/players';
import { download, refuse } from '../../respond';

export const dynamic = 'force-dynamic';

const ALL = 1_000_000;

/** The roster as a file: `as=csv` or `as=json`, archived players with `archived=true`. */
export async function GET(request: Request): Promise<Response> {
  const params = new URL(request.url).searchParams;
  const as = params.get('as') ?? 'csv';
  if (as !== 'csv' && as !== 'json') {
    return refuse(400, [{ path: 'as', message: fact('request.csvOrJson', { as }) }]);
  }
  const { sql } = await data();
  const archived = params.get('archived') === 'true';
  const { players } = await listPlayers(sql, { archived, limit: ALL });
  if (as === 'csv') return download(playersCsv(players), 'text/csv; charset=utf-8', 'players.csv');
  const file: RosterFile = {
    format: ROSTER_FORMAT,
    version: 1,
    players: players.map(recordOf),
  };
  return download(JSON.stringify(file, null, 2), 'application/json', 'players.json');
}
