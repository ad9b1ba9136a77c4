import { faultWords } from '@/core/tell/facts/faultWords';
import { t } from '@/core/tell/language/t';
import { FaultyInput, unlessFaulty } from '@/core/contract/check/fault';
import { readSituation } from '@/core/contract/shot/situation';
import { mendedShot } from '@/core/contract/reading/mended';
import {
  FIRST_SHOT,
  readingFromQuery,
  readingToQuery,
  type DeskReading,
} from '@/core/contract/reading/reading';
import { situationFor, type RosterPlayer } from '@/core/lesson/players/player';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import { groundShot } from '@/core/place/sight/groundShot';
import { readOrigin } from '@/core/place/sight/origin';
import { spotAt } from '@/core/place/sight/sight';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { placeById } from '@/data/places';
import { playerById, playersForDesk } from '@/data/players';
import { listReadings } from '@/data/readings';
import { Desk } from '@/ui/desk/Desk';
import type { DeskGround } from '@/ui/desk/sentence/GroundNote';
import { NoPlayers } from '@/ui/frame/NoPlayers';
import { house } from './house';
import { queryText, type Query } from './query';
import { todayHere } from './today';

export const dynamic = 'force-dynamic';

/** A reading to begin with, who it is for, and what was wrong with the link that asked for another. */
interface Beginning {
  first: DeskReading;
  player: RosterPlayer;
  problem: string | null;
}

/**
 * The reading that a link holds, checked; fields that are wrong are left out and told. When it is not usable, or there is none, the usual first reading with the
 * player who was read for last.
 */
async function beginningOf(
  query: string,
  latest: RosterPlayer,
  find: (id: string) => Promise<RosterPlayer | null>,
): Promise<Beginning> {
  const usual = { first: { player: latest.id, shot: FIRST_SHOT }, player: latest };
  try {
    const linked = readingFromQuery(query);
    if (linked === null) return { ...usual, problem: null };
    const player = linked.player === null ? latest : await find(linked.player);
    if (!player) {
      const problem = t('The player in this link is not in the roster: {player}.', {
        player: String(linked.player),
      });
      return { ...usual, problem };
    }
    const { shot, faults } = mendedShot(
      linked.shot,
      (each) => void readSituation(situationFor(player, each)),
    );
    const problem =
      faults.length === 0
        ? null
        : t('Part of this link could not be read and was left out: {faults}. The rest was used.', {
            faults: faultWords(faults),
          });
    const from = linked.from === undefined ? {} : { from: linked.from };
    return { first: { player: player.id, shot, ...from }, player, problem };
  } catch (error) {
    if (!(error instanceof FaultyInput)) throw error;
    const problem = t('This link could not be read. {faults}.', {
      faults: faultWords(error.faults),
    });
    return { ...usual, problem };
  }
}

/** The drawn ground that a reading was read off, as it is now; null where it was not, or the ground is not there any more. */
async function groundOf({ from, shot, player }: DeskReading): Promise<DeskGround | null> {
  const origin = from === undefined ? null : readOrigin(from);
  const { sql } = await data();
  const stored = origin && isId(origin.place) ? await placeById(sql, origin.place) : null;
  if (!origin || !stored) return null;
  const drawn = drawnPlace(stored.place);
  const { ball, green, flag } = origin;
  return unlessFaulty(() => {
    const spot = spotAt(drawn, { ball, green, flag });
    const day = todayHere();
    const at = new URLSearchParams({
      player,
      ball: ball.join(),
      lie: shot.lie ?? 'clean',
      flag: `${green}/${flag}`,
    });
    return {
      name: `${spot.bunker.name}, ${stored.place.name}`,
      href: `/ground/${origin.place}?${at.toString()}`,
      shot: groundShot(drawn, spot, { handed: 'right', lie: 'clean', day }),
    };
  });
}

export default async function DeskPage({ searchParams }: { searchParams: Promise<Query> }) {
  const { sql } = await data();
  const [known, readings, academy, query] = await Promise.all([
    playersForDesk(sql),
    listReadings(sql),
    house(),
    searchParams,
  ]);
  const [latest] = known;
  if (!latest) return <NoPlayers house={academy} />;
  const { first, player, problem } = await beginningOf(queryText(query), latest, (id) =>
    playerById(sql, id),
  );
  const players = known.some(({ id }) => id === player.id) ? known : [player, ...known];
  return (
    <Desk
      // Another link is another desk.
      key={readingToQuery(first)}
      players={players}
      house={academy}
      readings={readings}
      first={first}
      problem={problem}
      ground={await groundOf(first)}
    />
  );
}
