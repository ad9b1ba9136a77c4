import { t } from '@/core/tell/language/t';
import { data } from '@/app/data';
import { listLessons } from '@/data/lessons';
import { LessonList } from '@/ui/lessons/LessonList';
import { titled } from '../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Lessons'));

export default async function LessonsPage() {
  const { sql } = await data();
  return <LessonList lessons={await listLessons(sql)} />;
}
