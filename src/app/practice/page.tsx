import { t } from '@/core/tell/language/t';
import { data } from '@/app/data';
import { listDrills } from '@/app/drills';
import { listHomework } from '@/data/homework';
import { playersForDesk } from '@/data/players';
import { PracticePage } from '@/ui/practice/PracticePage';
import { todayIn } from '../today';
import { titled } from '../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Practice'));

const OFFERED = 6;

export default async function Page() {
  const { sql } = await data();
  const [plans, drills, players] = await Promise.all([
    listHomework(sql),
    listDrills(sql),
    playersForDesk(sql, OFFERED),
  ]);
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  return <PracticePage plans={plans} drills={drills} players={players} today={todayIn(timeZone)} />;
}
