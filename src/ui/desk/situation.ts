import { FaultyInput } from '@/core/contract/fault';
import { readSituation } from '@/core/contract/readSituation';
import type { ShotInput } from '@/core/reading/reading';
import type { DeskPlayer } from './types';

/** The situation of a reading, in the outside format. */
export function situationOf(player: DeskPlayer, shot: ShotInput): object {
  const { handed, skill, bag } = player;
  return { player: { handed, skill, bag }, shot };
}

/** The first fault of a situation, in words for the panel; null when there is none. */
export function faultOf(situation: object): string | null {
  try {
    readSituation(situation);
    return null;
  } catch (error) {
    if (error instanceof FaultyInput) return sentence(error.faults[0]!.message);
    throw error;
  }
}

const sentence = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
