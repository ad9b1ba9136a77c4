import { t } from '@/core/tell/language/t';
import { notFound } from 'next/navigation';
import type { Sql } from '@/data/sql/sql';
import { classRound, firstSeed, ROUND } from '@/core/lesson/eye/cards';
import { readRound } from '@/core/lesson/eye/round';
import { sceneFrom, type Scene } from '@/core/lesson/eye/scene';
import type { ShotInput } from '@/core/contract/shot/shot';
import { data } from '@/app/data';
import { eyeResults } from '@/data/eye';
import { readingsOfPlayer } from '@/data/readings';
import { playerById } from '@/data/players';
import { EyePage } from '@/ui/practice/EyePage';
import { house } from '../../../house';
import { queryText, type Query } from '../../../query';
import { titled } from '../../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('The eye'));

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ player: string }>;
  searchParams: Promise<Query>;
}) {
  const { sql } = await data();
  const player = await playerById(sql, decodeURIComponent((await params).player));
  if (!player) notFound();
  const before = await eyeResults(sql, player.id);
  const query = new URLSearchParams(queryText(await searchParams));
  return (
    <EyePage
      trainee={player}
      house={await house()}
      before={before}
      seed={firstSeed(before.length)}
      now={new Date().toISOString()}
      round={await roundOf(sql, player.id, query)}
    />
  );
}

/** The scenes that an address asks for: a class's round, or the player's saved readings; null for what follows the trainee. */
async function roundOf(sql: Sql, player: string, query: URLSearchParams): Promise<Scene[] | null> {
  const round = readRound(query);
  if (round) return classRound(round.seed, round.level);
  if (query.get('from') !== 'readings') return null;
  const readings = await readingsOfPlayer(sql, player, ROUND);
  if (readings.length === 0) return null;
  return readings.map(({ shot }, i) => sceneFrom(shot as ShotInput, i + 1));
}
