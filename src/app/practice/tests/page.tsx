import { t } from '@/core/tell/language/t';
import { listTests } from '@/data/bunkerTests';
import { data } from '@/app/data';
import { playersForDesk } from '@/data/players';
import { TestsPage } from '@/ui/practice/TestsPage';
import { titled } from '../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Bunker tests'));

const OFFERED = 6;

export default async function Page() {
  const { sql } = await data();
  const [tests, players] = await Promise.all([listTests(sql), playersForDesk(sql, OFFERED)]);
  return <TestsPage tests={tests} players={players} />;
}
