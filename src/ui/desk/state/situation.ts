import { sayFact } from '@/core/tell/facts/sayFact';
import { capital } from '@/core/tell/words/capital';
import { FaultyInput } from '@/core/contract/check/fault';
import { readSituation, type Reading } from '@/core/contract/shot/situation';
import { situationFor, type RosterPlayer } from '@/core/lesson/players/player';
import type { ShotInput } from '@/core/contract/shot/shot';

/** A reading of a player with what the core makes of it, or the first thing that is wrong, in words for the panel. */
export type Read = { situation: object } & ({ reading: Reading } | { fault: string });

/** What was read last of each shot: checking is dear, and a drag asks for the same shot twice. */
const known = new WeakMap<ShotInput, { player: RosterPlayer; read: Read }>();

/** Reads a shot for a player. The same objects give the same answer object. */
export function readFor(player: RosterPlayer, shot: ShotInput): Read {
  const before = known.get(shot);
  if (before?.player === player) return before.read;
  const read = readNow(player, shot);
  known.set(shot, { player, read });
  return read;
}

function readNow(player: RosterPlayer, shot: ShotInput): Read {
  const situation = situationFor(player, shot);
  try {
    return { situation, reading: readSituation(situation) };
  } catch (error) {
    if (error instanceof FaultyInput) {
      return { situation, fault: sentence(sayFact(error.faults[0]!.message)) };
    }
    throw error;
  }
}

/** The first fault of a shot for a player; null when there is none. */
export function faultFor(player: RosterPlayer, shot: ShotInput): string | null {
  const read = readFor(player, shot);
  return 'fault' in read ? read.fault : null;
}

const sentence = (text: string): string => `${capital(text)}.`;
