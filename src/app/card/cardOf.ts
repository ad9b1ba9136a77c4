import { answer } from '@/core/answer/answer';
import { FaultyInput } from '@/core/contract/fault';
import { readSituation } from '@/core/contract/readSituation';
import { saidShot } from '@/core/grammar/saidShot';
import { readingFromQuery, readingToQuery } from '@/core/reading/reading';
import type { UnitSystem } from '@/core/units/system';
import type { StoredPlayer } from '@/data/players';

/** The player, shot and answer of a link; null when there is no such player or the reading is not usable. */
export function cardOf(query: string, players: readonly StoredPlayer[], units: UnitSystem) {
  try {
    const reading = readingFromQuery(query);
    const player = players.find(({ id }) => id === reading?.player);
    if (!reading || !player) return null;
    const { handed, skill, bag } = player;
    const situation = { player: { handed, skill, bag }, shot: reading.shot };
    return {
      player,
      said: saidShot(reading.shot),
      shot: readSituation(situation).question.shot,
      answer: answer(situation, units, () => 0),
      query: readingToQuery({ player: player.id, shot: reading.shot }),
    };
  } catch (error) {
    if (error instanceof FaultyInput) return null;
    throw error;
  }
}
