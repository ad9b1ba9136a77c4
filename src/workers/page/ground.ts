import { costsOf, quickVisit, type CostQuestion } from '@/core/place/field/visit';
import type { Point } from '@/core/place/outline/ring';
import { petalToward, type Petal, type RoseLook } from '@/core/place/rose/petal';
import { readSituation } from '@/core/contract/shot/situation';
import { paced, type Job } from './job';

/* What is worked out over drawn ground. */

export const groundTasks = {
  /** The petals of a rose for the ways out of a situation. Turns are as they are seen from above. */
  async petals(job: Job, situation: object, look: RoseLook): Promise<Petal[]> {
    const { question } = readSituation(situation);
    const mirror = question.player.handed === 'left' ? -1 : 1;
    const found: Petal[] = [];
    for (const escape of question.shot.escapes) {
      if (!(await job.goesOn())) break;
      const petal = petalToward(question, escape, look);
      found.push({ ...petal, toward: mirror * petal.toward });
    }
    return found;
  },

  /** What some places of a bunker cost; null where nothing gets out. */
  costs: async (job: Job, question: CostQuestion, balls: readonly Point[]) =>
    (await paced(job, costsOf(question, balls))) ?? [],

  /** A quick look at what a visit to a bunker costs. */
  quickVisit: (job: Job, question: Omit<CostQuestion, 'fine'>) => paced(job, quickVisit(question)),
};
