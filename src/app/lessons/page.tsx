import { data } from '@/app/data';
import { listLessons } from '@/data/lessons';
import { LessonList } from '@/ui/lessons/LessonList';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Lessons · Mellow Divot' };

export default async function LessonsPage() {
  const { sql } = await data();
  return <LessonList lessons={await listLessons(sql)} />;
}
