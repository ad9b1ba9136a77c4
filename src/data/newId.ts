import { randomBytes } from 'node:crypto';
import { playerIdFor } from '@/core/roster/playerId';

/** An id for a new player of this name that nobody has. */
export const newPlayerId = (name: string): string =>
  playerIdFor(name, randomBytes(4).toString('hex'));
