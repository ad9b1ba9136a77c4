import type { LearntFactors } from '@/core/ground/player/learnt';
import { shotForHand } from '@/core/place/fire/stationGround';
import { situationFor } from '../players/player';
import type { PlayerRecord } from '../players/record';
import type { Station } from './lesson';

/** The situation of a player at a station, in the outside format. */
export const situationAt = (
  player: PlayerRecord & { learnt?: LearntFactors; caution?: number },
  { shot, ground }: Pick<Station, 'shot' | 'ground'>,
): object => situationFor(player, shotForHand(shot, ground, player.handed));
