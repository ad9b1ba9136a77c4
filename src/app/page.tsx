import { cookies } from 'next/headers';
import { FaultyInput } from '@/core/contract/fault';
import { readSituation } from '@/core/contract/readSituation';
import { FIRST_SHOT, readingFromQuery, type DeskReading } from '@/core/reading/reading';
import { database } from '@/data/database';
import { listPlayers, type StoredPlayer } from '@/data/players';
import { listReadings } from '@/data/readings';
import { Desk } from '@/ui/desk/Desk';
import { queryText, type Query } from './query';
import { PREFERENCE_COOKIES, themeFrom, unitsFrom } from '@/ui/frame/preferences';
import { NoPlayers } from '@/ui/frame/NoPlayers';

export const dynamic = 'force-dynamic';

/**
 * The reading that a link holds, checked. When it is not usable, or there is none, the usual first reading with the
 * latest player, and what was wrong.
 */
function readingOf(
  query: Query,
  players: readonly StoredPlayer[],
  latest: string | undefined,
): { first: DeskReading; problem: string | null } {
  const usual: DeskReading = { player: latest ?? players[0]!.id, shot: FIRST_SHOT };
  try {
    const linked = readingFromQuery(queryText(query));
    if (linked === null) return { first: usual, problem: null };
    const player = players.find(({ id }) => id === (linked.player ?? usual.player));
    if (!player) {
      return {
        first: usual,
        problem: `The link names a player who is not here: ${linked.player}.`,
      };
    }
    const { handed, skill, bag } = player;
    readSituation({ player: { handed, skill, bag }, shot: linked.shot });
    return { first: { player: player.id, shot: linked.shot }, problem: null };
  } catch (error) {
    if (!(error instanceof FaultyInput)) throw error;
    const problem = `The link could not be read. ${error.faults
      .map(({ path, message }) => `${path} ${message}`)
      .join('; ')}.`;
    return { first: usual, problem };
  }
}

export default async function DeskPage({ searchParams }: { searchParams: Promise<Query> }) {
  const { sql } = await database();
  const [players, readings, jar, query] = await Promise.all([
    listPlayers(sql),
    listReadings(sql),
    cookies(),
    searchParams,
  ]);
  if (players.length === 0) return <NoPlayers />;
  const { first, problem } = readingOf(query, players, readings[0]?.playerId);
  return (
    <Desk
      players={players}
      readings={readings}
      first={first}
      problem={problem}
      units={unitsFrom(jar.get(PREFERENCE_COOKIES.units)?.value)}
      theme={themeFrom(jar.get(PREFERENCE_COOKIES.theme)?.value)}
    />
  );
}
