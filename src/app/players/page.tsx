import { data } from '@/app/data';
import { listPlayers } from '@/data/players';
import { Roster } from '@/ui/players/Roster';
import { house } from '../house';

export const dynamic = 'force-dynamic';

export const metadata = { title: 'Players · Mellow Divot' };

export default async function PlayersPage({
  searchParams,
}: {
  searchParams: Promise<{ new?: string | string[] }>;
}) {
  const { new: opens } = await searchParams;
  const { sql } = await data();
  const [first, academy] = await Promise.all([listPlayers(sql, { limit: 50 }), house()]);
  return (
    <Roster
      first={first}
      house={academy}
      opens={opens === 'player' || opens === 'academy' ? opens : null}
    />
  );
}
