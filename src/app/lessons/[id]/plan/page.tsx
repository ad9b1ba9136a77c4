import { t } from '@/core/ground/language/t';
import { notFound } from 'next/navigation';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { lessonById } from '@/data/lessons';
import { playersById, playersForDesk } from '@/data/players';
import { listReadings } from '@/data/readings';
import { PlanPage } from '@/ui/lessons/PlanPage';
import { titled } from '../../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Plan a lesson'));

/** A plan to begin with: today, one turn of eight balls. */
const blank = (): LessonPlan => ({
  held_on: new Date().toISOString().slice(0, 10),
  place: t('Practice bunker'),
  weather: '',
  players: [],
  stations: [],
  balls_per_station: 8,
  minutes_per_turn: 10,
  notes: '',
});

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  if (!isId(id)) notFound();
  const { sql } = await data();
  const [lesson, roster, readings] = await Promise.all([
    lessonById(sql, id),
    playersForDesk(sql, 12),
    listReadings(sql),
  ]);
  const players = await playersById(sql, lesson?.plan.players ?? []);
  return (
    <PlanPage
      id={id}
      first={lesson?.plan ?? blank()}
      version={lesson?.version ?? ''}
      players={players}
      roster={roster}
      readings={readings}
    />
  );
}
