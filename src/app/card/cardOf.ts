import { FaultyInput } from '@/core/contract/check/fault';
import { readSituation } from '@/core/contract/shot/situation';
import { saidShot } from '@/core/tell/grammar/saidShot';
import { readingFromQuery, readingToQuery } from '@/core/contract/reading/reading';
import type { UnitSystem } from '@/core/ground/units/system';
import { inHouse, situationFor } from '@/core/lesson/players/player';
import { data } from '@/app/data';
import { academyIn } from '@/app/house';
import { playerById } from '@/data/players';
import { inThread } from '@/workers/server/pool';

/**
 * The player, shot and answer of a link, in the player's own units; null when there is no such player or the reading is not
 * usable.
 *
 * @param usual the units where the player has none
 */
export async function cardOf(query: string, usual: UnitSystem) {
  try {
    const reading = readingFromQuery(query);
    if (!reading?.player) return null;
    const { sql } = await data();
    const found = await playerById(sql, reading.player);
    if (!found) return null;
    const units = found.units ?? usual;
    const player = inHouse(found, await academyIn(sql));
    const situation = situationFor(player, reading.shot);
    return {
      player,
      units,
      said: saidShot(reading.shot, units),
      shot: readSituation(situation).question.shot,
      answer: await inThread('answer', situation, units),
      query: readingToQuery({ player: player.id, shot: reading.shot }),
    };
  } catch (error) {
    if (error instanceof FaultyInput) return null;
    throw error;
  }
}
