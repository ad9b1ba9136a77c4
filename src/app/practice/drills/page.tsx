import { t } from '@/core/tell/language/t';
import { data } from '@/app/data';
import { storedDrills } from '@/data/drills';
import { drillsWith } from '@/core/tell/drills/libraryWords';
import { DrillsPage } from '@/ui/drills/DrillsPage';
import { titled } from '../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Drills'));

export default async function Page() {
  const { sql } = await data();
  return <DrillsPage first={drillsWith(await storedDrills(sql))} />;
}
