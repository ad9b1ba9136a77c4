import { t } from '@/core/tell/language/t';
import { data } from '@/app/data';
import { listPlaces } from '@/data/places';
import { GroundPage } from '@/ui/ground/GroundPage';
import { titled } from '../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Ground'));

export default async function Page() {
  const { sql } = await data();
  return <GroundPage places={await listPlaces(sql)} />;
}
