import { randomBytes } from 'node:crypto';
import { playerIdFor } from '@/core/lesson/players/playerId';

/** An id for a new player of this name that nobody has. */
export const newPlayerId = (name: string): string =>
  playerIdFor(name, randomBytes(4).toString('hex'));
