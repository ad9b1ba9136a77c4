import { t } from '@/core/tell/language/t';
import { notFound } from 'next/navigation';
import { LIES, type Lie } from '@/core/ground/sand/lie';
import type { Point } from '@/core/place/outline/ring';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { placeById } from '@/data/places';
import { playerById, playersForDesk } from '@/data/players';
import { NoPlayers } from '@/ui/frame/NoPlayers';
import { PlacePage } from '@/ui/ground/PlacePage';
import { house } from '../../house';
import { queryText, type Query } from '../../query';
import { todayHere } from '../../today';
import { titled } from '../../titled';

export const dynamic = 'force-dynamic';

export const generateMetadata = () => titled(t('Ground'));

/** A ball as the address says it: "3.25,-1.5"; null for anything else. */
function ballOf(text: string | null): Point | null {
  const parts = (text ?? '').split(',').map(Number);
  const [east, north] = parts;
  const usable = parts.length === 2 && parts.every(Number.isFinite);
  return usable ? [east!, north!] : null;
}

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Query>;
}) {
  const { id } = await params;
  const { sql } = await data();
  const stored = isId(id) ? await placeById(sql, id) : null;
  if (!stored) notFound();
  const query = new URLSearchParams(queryText(await searchParams));
  const known = await playersForDesk(sql);
  if (known.length === 0) return <NoPlayers house={await house()} />;
  const asked = query.get('player');
  const found =
    asked && !known.some((each) => each.id === asked) ? await playerById(sql, asked) : null;
  const [green, flag] = (query.get('flag') ?? '').split('/');
  const lie = query.get('lie') as Lie;
  return (
    <PlacePage
      key={id}
      stored={stored}
      players={found ? [found, ...known] : known}
      house={await house()}
      today={todayHere()}
      first={{
        ball: ballOf(query.get('ball')),
        lie: LIES.includes(lie) ? lie : 'clean',
        green: green || null,
        flag: flag || null,
      }}
      firstPlayer={asked}
    />
  );
}
