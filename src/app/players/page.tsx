import { t } from '@/core/tell/language/t';
import { data } from '@/app/data';
import { anyHere } from '@/data/clear';
import { listPlayers } from '@/data/players';
import { DEMO_RECORDS } from '@/demo/records';
import { Roster } from '@/ui/players/Roster';
import { house } from '../house';
import { titled } from '../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Players'));

export default async function PlayersPage({
  searchParams,
}: {
  searchParams: Promise<{ new?: string | string[] }>;
}) {
  const { new: opens } = await searchParams;
  const { sql } = await data();
  const [first, academy, isDemo] = await Promise.all([
    listPlayers(sql, { limit: 50 }),
    house(),
    anyHere(sql, DEMO_RECORDS),
  ]);
  return (
    <Roster
      first={first}
      house={academy}
      isDemo={isDemo}
      opens={opens === 'player' || opens === 'academy' ? opens : null}
    />
  );
}
