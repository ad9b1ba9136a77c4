import { cookies } from 'next/headers';
import { PREFERENCE_COOKIES, themeFrom, unitsFrom } from '@/ui/frame/preferences';
import { ImportPage } from '@/ui/players/ImportPage';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Import players · Mellow Divot' };

export default async function Page() {
  const jar = await cookies();
  return (
    <ImportPage
      units={unitsFrom(jar.get(PREFERENCE_COOKIES.units)?.value)}
      theme={themeFrom(jar.get(PREFERENCE_COOKIES.theme)?.value)}
    />
  );
}
