import { ReviewPage } from '@/ui/lessons/ReviewPage';
import { loadLesson } from '../loadLesson';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Review · Mellow Divot' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <ReviewPage {...await loadLesson((await params).id)} />;
}
