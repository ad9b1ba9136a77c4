import { t } from '@/core/tell/language/t';
import { data } from '@/app/data';
import { listDeleted } from '@/data/deleted';
import { DeletedPage } from '@/ui/players/DeletedPage';
import { titled } from '../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Recently deleted'));

export default async function Page() {
  const { sql } = await data();
  return <DeletedPage first={await listDeleted(sql)} />;
}
