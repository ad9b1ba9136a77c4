import { cookies } from 'next/headers';
import { notFound } from 'next/navigation';
import { answer } from '@/core/answer/answer';
import { FaultyInput } from '@/core/contract/fault';
import { readSituation } from '@/core/contract/readSituation';
import { saidShot } from '@/core/grammar/saidShot';
import { readingFromQuery, readingToQuery } from '@/core/reading/reading';
import { database } from '@/data/database';
import type { UnitSystem } from '@/core/units/system';
import { listPlayers, type StoredPlayer } from '@/data/players';
import { Card } from '@/ui/card/Card';
import { PREFERENCE_COOKIES, unitsFrom } from '@/ui/frame/preferences';
import { queryText, type Query } from '../query';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Card · Mellow Divot' };

/** The player, shot and answer of a link; null when there is no such player or the reading is not usable. */
function cardOf(query: Query, players: readonly StoredPlayer[], units: UnitSystem) {
  try {
    const reading = readingFromQuery(queryText(query));
    const player = players.find(({ id }) => id === reading?.player);
    if (!reading || !player) return null;
    const { handed, skill, bag } = player;
    const situation = { player: { handed, skill, bag }, shot: reading.shot };
    return {
      player,
      said: saidShot(reading.shot),
      shot: readSituation(situation).question.shot,
      answer: answer(situation, units, () => 0),
      back: `/?${readingToQuery({ player: player.id, shot: reading.shot })}`,
    };
  } catch (error) {
    if (error instanceof FaultyInput) return null;
    throw error;
  }
}

/** A reading and its call on one page, for print. */
export default async function CardPage({ searchParams }: { searchParams: Promise<Query> }) {
  const [{ sql }, jar, query] = await Promise.all([database(), cookies(), searchParams]);
  const units = unitsFrom(jar.get(PREFERENCE_COOKIES.units)?.value);
  const card = cardOf(query, await listPlayers(sql), units);
  if (!card) notFound();
  return <Card {...card} units={units} />;
}
