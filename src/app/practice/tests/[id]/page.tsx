import { t } from '@/core/tell/language/t';
import { notFound } from 'next/navigation';
import { listTests, testById } from '@/data/bunkerTests';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { playerById } from '@/data/players';
import { NewTest } from '@/ui/practice/NewTest';
import { TestPage } from '@/ui/practice/TestPage';
import { queryText, type Query } from '../../../query';
import { todayIn } from '../../../today';
import { titled } from '../../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Bunker test'));

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Query>;
}) {
  const { id } = await params;
  if (!isId(id)) notFound();
  const { sql } = await data();
  const stored = await testById(sql, id);
  if (stored) {
    const others = (await listTests(sql, stored.test.player)).filter(
      ({ id: other, test }) => other !== id && test.hits.length === test.balls,
    );
    const skill = (await playerById(sql, stored.test.player))?.skill ?? 'middle';
    return <TestPage id={id} stored={stored} skill={skill} others={others} />;
  }
  const asked = new URLSearchParams(queryText(await searchParams)).get('player');
  const player = asked ? await playerById(sql, asked) : null;
  if (!player) notFound();
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  return <NewTest id={id} player={player} today={todayIn(timeZone)} />;
}
