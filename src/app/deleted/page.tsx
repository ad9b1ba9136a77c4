import { data } from '@/app/data';
import { listDeleted } from '@/data/deleted';
import { DeletedPage } from '@/ui/players/DeletedPage';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Recently deleted · Mellow Divot' };

export default async function Page() {
  const { sql } = await data();
  return <DeletedPage first={await listDeleted(sql)} />;
}
