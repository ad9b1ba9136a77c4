import { cookies } from 'next/headers';
import { notFound } from 'next/navigation';
import { inHouse } from '@/core/lesson/players/player';
import { readAcademy } from '@/data/academy';
import { ballsOfLesson } from '@/data/balls';
import { database } from '@/data/database';
import { isId } from '@/data/id';
import { lessonById } from '@/data/lessons';
import { playerById } from '@/data/players';
import { PREFERENCE_COOKIES, themeFrom, unitsFrom } from '@/ui/frame/preferences';

/** A lesson with its players and balls, and how this browser likes to see it; not found when there is none. */
export async function loadLesson(id: string) {
  if (!isId(id)) notFound();
  const { sql } = await database();
  const [lesson, house, jar] = await Promise.all([
    lessonById(sql, id),
    readAcademy(sql),
    cookies(),
  ]);
  if (!lesson) notFound();
  const [found, balls] = await Promise.all([
    Promise.all(lesson.plan.players.map((player) => playerById(sql, player))),
    ballsOfLesson(sql, id),
  ]);
  const players = found.flatMap((player) => (player ? [inHouse(player, house)] : []));
  if (players.length === 0) notFound();
  return {
    lesson,
    players,
    balls,
    units: unitsFrom(jar.get(PREFERENCE_COOKIES.units)?.value, house.units),
    theme: themeFrom(jar.get(PREFERENCE_COOKIES.theme)?.value),
  };
}
