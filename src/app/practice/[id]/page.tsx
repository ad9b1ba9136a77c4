import { t } from '@/core/tell/language/t';
import { addDays, format } from 'date-fns';
import { UTCDate } from '@date-fns/utc';
import { notFound } from 'next/navigation';
import { drillsById } from '@/core/lesson/drills/chosen';
import { itemsFrom, type Homework } from '@/core/lesson/homework/plan';
import { data } from '@/app/data';
import { listDrills } from '@/app/drills';
import { homeworkById } from '@/data/homework';
import { isId } from '@/data/id';
import { playerById, playersForDesk } from '@/data/players';
import { readingsOfPlayer } from '@/data/readings';
import { PlanPractice } from '@/ui/practice/PlanPractice';
import { house } from '../../house';
import { queryText, type Query } from '../../query';
import { todayIn } from '../../today';
import { titled } from '../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Practice'));

const READINGS = 32;

/** What coaches begin with. */
const USUAL = [
  { drill: 'line', balls: 10 },
  { drill: 'swing-ladder', balls: 12 },
  { drill: 'ten-out', balls: 15 },
];

/** A plan to begin with: four weeks from tomorrow, twice a week. */
const blank = (player: string, today: string, items: Homework['items']): Homework => ({
  player,
  starts_on: format(addDays(new UTCDate(today), 1), 'yyyy-MM-dd'),
  weeks: 4,
  weekdays: [2, 6],
  at: '17:30',
  minutes: 30,
  where: t('Practice bunker'),
  zone: 'UTC',
  missed: 'lapse',
  items,
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
  const query = new URLSearchParams(queryText(await searchParams));
  const playerId = stored?.plan.player ?? query.get('player');
  const player = playerId ? await playerById(sql, playerId) : null;
  if (!player) notFound();
  const [drills, roster, readings] = await Promise.all([
    listDrills(sql),
    playersForDesk(sql, 12),
    readingsOfPlayer(sql, player.id, READINGS),
  ]);
  const zone = stored?.plan.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
  const today = todayIn(zone);
  const known = drillsById(drills);
  const named = itemsFrom(query.get('drills') ?? '').filter(({ drill }) => known.has(drill));
  return (
    <PlanPractice
      id={id}
      stored={stored}
      first={stored?.plan ?? blank(player.id, today, named.length > 0 ? named : USUAL)}
      player={player}
      roster={roster}
      house={await house()}
      readings={readings}
      drills={drills}
      today={today}
    />
  );
}
