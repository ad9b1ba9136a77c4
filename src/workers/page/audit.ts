import type { Shot } from '@/core/ground/situation/shot';
import type { MixedShot } from '@/core/search/audit/mix';
import { tryClub, wedgeChanges } from '@/core/search/audit/oneWedge';
import { callingClubs } from '@/core/search/audit/usage';
import { mixFor, type MixChoice } from '@/core/contract/reading/mixChoice';
import { readSituation } from '@/core/contract/shot/situation';
import { paced, type Job } from './job';

const SEED = 1;

export const auditTasks = {
  /** The shots of a mix: read once, for all that is worked out over them. */
  mix: (_: Job, choice: MixChoice) => mixFor(choice),

  /** The club that the desk calls in each of some shots, for who plays in a situation. */
  async clubsCalled(job: Job, situation: unknown, shots: readonly Shot[]): Promise<string[]> {
    const { question } = readSituation(situation);
    return (await paced(job, callingClubs(question, shots))) ?? [];
  },

  tryClub: (_: Job, situation: unknown, mix: readonly MixedShot[], index: number) =>
    tryClub(readSituation(situation).question, mix, SEED, index),

  wedgeChanges: (_: Job, ...asked: Parameters<typeof wedgeChanges>) => wedgeChanges(...asked),
};
