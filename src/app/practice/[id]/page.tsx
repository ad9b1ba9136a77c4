import { t } from '@/core/ground/language/t';
import { addDays, format } from 'date-fns';
import { UTCDate } from '@date-fns/utc';
import { notFound } from 'next/navigation';
import type { Homework } from '@/core/lesson/homework/plan';
import { data } from '@/app/data';
import { listDrills } from '@/data/drills';
import { homeworkById } from '@/data/homework';
import { isId } from '@/data/id';
import { playerById } from '@/data/players';
import { readingsOfPlayer } from '@/data/readings';
import { PlanPractice } from '@/ui/practice/PlanPractice';
import { house } from '../../house';
import { queryText, type Query } from '../../query';
import { todayIn } from '../../today';
import { titled } from '../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Practice'));

const READINGS = 32;

/** A plan to begin with: four weeks from tomorrow, twice a week, what coaches begin with. */
const blank = (player: string, today: string): Homework => ({
  player,
  starts_on: format(addDays(new UTCDate(today), 1), 'yyyy-MM-dd'),
  weeks: 4,
  weekdays: [2, 6],
  at: '17:30',
  minutes: 30,
  where: t('Practice bunker'),
  zone: 'UTC',
  missed: 'lapse',
  items: [
    { drill: 'line', balls: 10 },
    { drill: 'swing-ladder', balls: 12 },
    { drill: 'ten-out', balls: 15 },
  ],
  note: '',
});

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Query>;
}) {
  const { id } = await params;
  if (!isId(id)) notFound();
  const { sql } = await data();
  const stored = await homeworkById(sql, id);
  const asked = new URLSearchParams(queryText(await searchParams)).get('player');
  const playerId = stored?.plan.player ?? asked;
  const player = playerId ? await playerById(sql, playerId) : null;
  if (!player) notFound();
  const [drills, readings] = await Promise.all([
    listDrills(sql),
    readingsOfPlayer(sql, player.id, READINGS),
  ]);
  const zone = stored?.plan.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
  const today = todayIn(zone);
  return (
    <PlanPractice
      id={id}
      stored={stored}
      first={stored?.plan ?? blank(player.id, today)}
      player={player}
      house={await house()}
      readings={readings}
      drills={drills}
      today={today}
    />
  );
}
