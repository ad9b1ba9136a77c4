import { t } from '@/core/tell/language/t';
import { columnsOf } from '@/core/lesson/review/columns';
import { ReviewPage } from '@/ui/lessons/ReviewPage';
import { loadLesson } from '../loadLesson';
import { titled } from '../../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Review'));

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { balls, ...loaded } = await loadLesson((await params).id);
  return <ReviewPage {...loaded} columns={columnsOf(balls)} />;
}
