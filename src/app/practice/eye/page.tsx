import { data } from '@/app/data';
import { playersForDesk } from '@/data/players';
import { EyeStart } from '@/ui/practice/EyeStart';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'The eye · Mellow Divot' };

const OFFERED = 6;

export default async function Page() {
  const { sql } = await data();
  return <EyeStart players={await playersForDesk(sql, OFFERED)} />;
}
