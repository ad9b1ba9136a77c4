import { notFound } from 'next/navigation';
import { drillsById } from '@/core/lesson/drills/chosen';
import { sessionsFor } from '@/core/lesson/homework/sessions';
import { historyOf } from '@/core/lesson/review/history';
import { data } from '@/app/data';
import { ballsOfPlayer } from '@/data/balls';
import { listDrills } from '@/app/drills';
import { listHomework } from '@/data/homework';
import { listLessons } from '@/data/lessons';
import { playerById } from '@/data/players';
import { OwnPage } from '@/ui/own/OwnPage';
import { todayIn } from '../../today';
import { ownPlayer } from './own';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Mellow Divot', robots: { index: false, follow: false } };

/** Balls that the progress looks back on. */
const BALLS = 20_000;

/** What is one player's own: card, homework and progress. Nothing of other players, and no coach's notes, leaves the server. */
export default async function Page({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params;
  const id = await ownPlayer();
  const { sql } = await data();
  const player = await playerById(sql, id);
  if (!player) notFound();
  const [lessons, balls, plans, drills] = await Promise.all([
    listLessons(sql, id),
    ballsOfPlayer(sql, id, BALLS),
    listHomework(sql, id),
    listDrills(sql),
  ]);
  const known = drillsById(drills);
  const homework = lessons.flatMap(({ id: lesson, plan, homework: forAll, own_homework }) => {
    const own = own_homework.find((each) => each.player === id)?.text ?? '';
    const text = [forAll, own].filter(Boolean).join('\n');
    return text ? [{ lesson, day: plan.held_on, text }] : [];
  });
  return (
    <OwnPage
      name={player.name}
      path={`/p/${token}`}
      homework={homework.slice(0, 3)}
      practice={plans.map((stored) => ({
        id: stored.id,
        plan: stored.plan,
        results: stored.results,
        sessions: sessionsFor(stored, known, todayIn(stored.plan.zone)),
        today: todayIn(stored.plan.zone),
        drills: stored.plan.items.flatMap(({ drill }) => known.get(drill) ?? []),
      }))}
      history={historyOf(player, lessons, balls)}
    />
  );
}
