import { t } from '@/core/tell/language/t';
import { notFound } from 'next/navigation';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { lessonById } from '@/data/lessons';
import { playersById, playersForDesk } from '@/data/players';
import { listReadings } from '@/data/readings';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import { PlanPage } from '@/ui/lessons/PlanPage';
import { queryText, type Query } from '../../../query';
import { titled } from '../../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Plan a lesson'));

const today = (): string => new Date().toISOString().slice(0, 10);

/** A plan to begin with: today, one turn of eight balls. */
const blank = (): LessonPlan => ({
  held_on: today(),
  place: t('Practice bunker'),
  weather: '',
  players: [],
  stations: [],
  balls_per_station: 8,
  minutes_per_turn: 10,
  notes: '',
});

/** The plan of another lesson, for today: what its weather was is not known of today's. */
const like = ({ plan }: StoredLesson): LessonPlan => ({ ...plan, held_on: today(), weather: '' });

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Query>;
}) {
  const { id } = await params;
  const asked = new URLSearchParams(queryText(await searchParams)).get('like');
  if (!isId(id)) notFound();
  const { sql } = await data();
  const [lesson, copied, roster, readings] = await Promise.all([
    lessonById(sql, id),
    asked && isId(asked) ? lessonById(sql, asked) : null,
    playersForDesk(sql, 12),
    listReadings(sql),
  ]);
  const first = lesson?.plan ?? (copied ? like(copied) : blank());
  const players = await playersById(sql, first.players);
  return (
    <PlanPage
      id={id}
      first={first}
      version={lesson?.version ?? ''}
      players={players}
      roster={roster}
      readings={readings}
    />
  );
}
