import { t } from '@/core/tell/language/t';
import { notFound } from 'next/navigation';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { placeById } from '@/data/places';
import { playersForDesk } from '@/data/players';
import { NoPlayers } from '@/ui/frame/NoPlayers';
import { BookPage } from '@/ui/ground/BookPage';
import { house } from '../../../house';
import { todayHere } from '../../../today';
import { titled } from '../../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Bunker book'));

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { sql } = await data();
  const stored = isId(id) ? await placeById(sql, id) : null;
  if (!stored) notFound();
  const players = await playersForDesk(sql);
  if (players.length === 0) return <NoPlayers house={await house()} />;
  return <BookPage stored={stored} players={players} house={await house()} today={todayHere()} />;
}
