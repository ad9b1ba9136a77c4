import { RunPage } from '@/ui/lessons/RunPage';
import { loadLesson } from './loadLesson';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Lesson · Mellow Divot' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <RunPage {...await loadLesson((await params).id)} />;
}
