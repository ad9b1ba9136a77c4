import { t } from '@/core/tell/language/t';
import { wholeData } from '@/app/data';
import { listAccounts } from '@/data/access/accounts';
import { listLog } from '@/data/access/log';
import { listSessions } from '@/data/access/sessions';
import { CoachesPage } from '@/ui/coaches/CoachesPage';
import { titled } from '../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Coaches'));

export default async function Page() {
  const { sql } = await wholeData();
  const [accounts, sessions, log] = await Promise.all([
    listAccounts(sql),
    listSessions(sql),
    listLog(sql),
  ]);
  return <CoachesPage accounts={accounts} sessions={sessions} log={log} />;
}
