import { cookies } from 'next/headers';
import { readAcademy } from '@/data/academy';
import { database } from '@/data/database';
import { listLessons } from '@/data/lessons';
import { PREFERENCE_COOKIES, themeFrom, unitsFrom } from '@/ui/frame/preferences';
import { LessonList } from '@/ui/lessons/LessonList';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Lessons · Mellow Divot' };

export default async function LessonsPage() {
  const { sql } = await database();
  const [lessons, house, jar] = await Promise.all([listLessons(sql), readAcademy(sql), cookies()]);
  return (
    <LessonList
      lessons={lessons}
      units={unitsFrom(jar.get(PREFERENCE_COOKIES.units)?.value, house.units)}
      theme={themeFrom(jar.get(PREFERENCE_COOKIES.theme)?.value)}
    />
  );
}
