import type { Player } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import type { MixedShot } from '@/core/search/audit/mix';
import { tryClub, wedgeChanges } from '@/core/search/audit/oneWedge';
import { clubsCalled } from '@/core/search/audit/usage';
import { mixFor, type MixChoice } from '@/core/tell/reading/mixChoice';
import type { Job } from './job';

const SEED = 1;

export const auditTasks = {
  /** The shots of a mix: read once, for all that is worked out over them. */
  mix: (_: Job, choice: MixChoice) => mixFor(choice),

  clubsCalled: (_: Job, player: Player, shots: readonly Shot[]) => clubsCalled(player, shots, SEED),

  tryClub: (_: Job, player: Player, mix: readonly MixedShot[], index: number) =>
    tryClub(player, mix, SEED, index),

  wedgeChanges: (_: Job, ...asked: Parameters<typeof wedgeChanges>) => wedgeChanges(...asked),
};
