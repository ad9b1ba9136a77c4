import { t } from '@/core/tell/language/t';
import { RunPage } from '@/ui/lessons/RunPage';
import { loadLesson } from './loadLesson';
import { titled } from '../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Lesson'));

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { players, ...loaded } = await loadLesson((await params).id);
  // What coaches note of a player is nobody's business at the bunker.
  return <RunPage {...loaded} players={players.map((player) => ({ ...player, notes: '' }))} />;
}
