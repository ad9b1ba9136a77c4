import { t } from '@/core/tell/language/t';
import { data } from '@/app/data';
import { listDrills } from '@/app/drills';
import { DrillsPage } from '@/ui/drills/DrillsPage';
import { titled } from '../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Drills'));

export default async function Page() {
  const { sql } = await data();
  return <DrillsPage first={await listDrills(sql)} />;
}
