import { data } from '@/app/data';
import { listPlaces } from '@/data/places';
import { GroundPage } from '@/ui/ground/GroundPage';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Ground · Mellow Divot' };

export default async function Page() {
  const { sql } = await data();
  return <GroundPage places={await listPlaces(sql)} />;
}
