import { t } from '@/core/tell/language/t';
import { data } from '@/app/data';
import { playersForDesk } from '@/data/players';
import { EyeStart } from '@/ui/practice/EyeStart';
import { titled } from '../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('The eye'));

const OFFERED = 6;

export default async function Page() {
  const { sql } = await data();
  return <EyeStart players={await playersForDesk(sql, OFFERED)} />;
}
