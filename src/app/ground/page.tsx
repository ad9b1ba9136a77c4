import { database } from '@/data/database';
import { listPlaces } from '@/data/places';
import { GroundPage } from '@/ui/ground/GroundPage';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Ground · Mellow Divot' };

export default async function Page() {
  const { sql } = await database();
  return <GroundPage places={await listPlaces(sql)} />;
}
