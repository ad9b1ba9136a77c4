import { answer } from '@/core/answer/answer';
import { FaultyInput } from '@/core/contract/fault';
import { readSituation } from '@/core/contract/readSituation';
import { saidShot } from '@/core/grammar/saidShot';
import { readingFromQuery, readingToQuery } from '@/core/reading/reading';
import type { UnitSystem } from '@/core/units/system';
import { inHouse, situationFor } from '@/core/roster/player';
import { database } from '@/data/database';
import { readAcademy } from '@/data/academy';
import { playerById } from '@/data/players';

/** The player, shot and answer of a link; null when there is no such player or the reading is not usable. */
export async function cardOf(query: string, units: UnitSystem) {
  try {
    const reading = readingFromQuery(query);
    if (!reading?.player) return null;
    const { sql } = await database();
    const found = await playerById(sql, reading.player);
    if (!found) return null;
    const player = inHouse(found, await readAcademy(sql));
    const situation = situationFor(player, reading.shot);
    return {
      player,
      said: saidShot(reading.shot, units),
      shot: readSituation(situation).question.shot,
      answer: answer(situation, units, () => 0),
      query: readingToQuery({ player: player.id, shot: reading.shot }),
    };
  } catch (error) {
    if (error instanceof FaultyInput) return null;
    throw error;
  }
}
