import { data } from '@/app/data';
import { listDrills } from '@/data/drills';
import { DrillsPage } from '@/ui/drills/DrillsPage';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Drills · Mellow Divot' };

export default async function Page() {
  const { sql } = await data();
  return <DrillsPage first={await listDrills(sql)} />;
}
