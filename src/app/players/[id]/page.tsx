import { t } from '@/core/tell/language/t';
import { notFound } from 'next/navigation';
import { cache } from 'react';
import { historyOf } from '@/core/lesson/review/history';
import { mostUsed } from '@/core/lesson/review/mostUsed';
import { isPlayable } from '@/core/place/record/place';
import { data } from '@/app/data';
import { ballsOfPlayer } from '@/data/balls';
import { listLessons } from '@/data/lessons';
import { listGrassShots } from '@/data/grassShots';
import { listPlaces } from '@/data/places';
import { playerById } from '@/data/players';
import { readingsOfPlayer } from '@/data/readings';
import { house } from '../../house';
import { todayHere } from '../../today';
import { PlayerPage } from '@/ui/players/PlayerPage';

export const dynamic = 'force-dynamic';

interface Props {
  params: Promise<{ id: string }>;
}

const load = cache(async (id: string) => {
  const { sql } = await data();
  return playerById(sql, id);
});

export async function generateMetadata({ params }: Props) {
  const player = await load((await params).id);
  return { title: t('{player} · Mellow Divot', { player: player?.name ?? t('Player') }) };
}

const READINGS = 100;

/** Drawn ground that is offered as a mix of shots: each comes with all that is drawn. */
const GROUNDS = 8;

/** Balls that the history looks back on. */
const BALLS = 20_000;

export default async function Page({ params }: Props) {
  const { id } = await params;
  const player = await load(id);
  if (!player) notFound();
  const { sql } = await data();
  const [readings, lessons, balls, shots, places] = await Promise.all([
    readingsOfPlayer(sql, id, READINGS),
    listLessons(sql, id),
    ballsOfPlayer(sql, id, BALLS),
    listGrassShots(sql, id),
    listPlaces(sql),
  ]);
  return (
    <PlayerPage
      player={player}
      readings={readings}
      grounds={places.filter(({ place }) => isPlayable(place)).slice(0, GROUNDS)}
      today={todayHere()}
      lessons={lessons}
      history={historyOf(player, lessons, balls)}
      mostUsed={mostUsed(
        balls,
        player.bag.map(({ name }) => name),
      )}
      shots={shots}
      house={await house()}
    />
  );
}
