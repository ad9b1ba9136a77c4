import { cookies } from 'next/headers';
import { readAcademy } from '@/data/academy';
import { database } from '@/data/database';
import { listPlayers } from '@/data/players';
import { PREFERENCE_COOKIES, themeFrom, unitsFrom } from '@/ui/frame/preferences';
import { Roster } from '@/ui/players/Roster';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Players · Mellow Divot' };

export default async function PlayersPage() {
  const { sql } = await database();
  const [first, house, jar] = await Promise.all([
    listPlayers(sql, { limit: 50 }),
    readAcademy(sql),
    cookies(),
  ]);
  return (
    <Roster
      first={first}
      house={house}
      units={unitsFrom(jar.get(PREFERENCE_COOKIES.units)?.value, house.units)}
      theme={themeFrom(jar.get(PREFERENCE_COOKIES.theme)?.value)}
    />
  );
}
