import { columnsOf } from '@/core/lesson/review/columns';
import { ReviewPage } from '@/ui/lessons/ReviewPage';
import { loadLesson } from '../loadLesson';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Review · Mellow Divot' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { balls, ...loaded } = await loadLesson((await params).id);
  return <ReviewPage {...loaded} columns={columnsOf(balls)} />;
}
