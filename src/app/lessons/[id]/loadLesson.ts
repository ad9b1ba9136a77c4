import { notFound, redirect } from 'next/navigation';
import { inHouse } from '@/core/lesson/players/player';
import { ballsOfLesson } from '@/data/balls';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { lessonById } from '@/data/lessons';
import { playersById } from '@/data/players';
import { house } from '../../house';

/** A lesson with its players and balls; not found when there is none, its plan where all its players are gone. */
export async function loadLesson(id: string) {
  if (!isId(id)) notFound();
  const { sql } = await data();
  const lesson = await lessonById(sql, id);
  if (!lesson) notFound();
  const [found, balls, academy] = await Promise.all([
    playersById(sql, lesson.plan.players),
    ballsOfLesson(sql, id),
    house(),
  ]);
  const players = found.map((player) => inHouse(player, academy));
  if (players.length === 0) redirect(`/lessons/${id}/plan`);
  return {
    lesson,
    players,
    balls,
  };
}
