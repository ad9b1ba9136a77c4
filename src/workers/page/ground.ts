import { costAt } from '@/core/place/field/cost';
import type { Point } from '@/core/place/outline/ring';
import { petalToward, type Petal, type RoseLook } from '@/core/place/rose/petal';
import type { Place } from '@/core/place/record/place';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import { groundShot, type Playing } from '@/core/place/sight/groundShot';
import { likelyWays } from '@/core/place/sight/likelyWays';
import { spotAt } from '@/core/place/sight/sight';
import { FaultyInput } from '@/core/tell/format/fault';
import { readSituation } from '@/core/tell/format/situation';
import type { Job } from './job';

/* What is worked out over drawn ground. */

/** Places of a bunker that are asked what they cost. */
export interface CostQuestion {
  place: Pick<Place, 'bunkers' | 'greens' | 'areas'>;
  bunker: string;
  green: string;
  flag: string;
  playing: Playing;
  /** The player's situation; its shot is replaced. */
  situation: object;
  fine: boolean;
}

/** Ways out that are looked at from each place. */
const WAYS = 2;

export const groundTasks = {
  /** The petals of a rose for the ways out of a situation; shows them as they come. Turns are as they are seen from above. */
  async petals(job: Job, situation: object, look: RoseLook): Promise<Petal[]> {
    const { question } = readSituation(situation);
    const mirror = question.player.handed === 'left' ? -1 : 1;
    const found: Petal[] = [];
    for (const escape of question.shot.escapes) {
      if (!(await job.goesOn())) break;
      const petal = petalToward(question, escape, look);
      found.push({ ...petal, toward: mirror * petal.toward });
      job.show(found);
    }
    return found;
  },

  /** What some places of a bunker cost, null where nothing gets out or the flag cannot be played at; shows them as they come. */
  async costs(job: Job, asked: CostQuestion, balls: readonly Point[]): Promise<(number | null)[]> {
    const { place, bunker, green, flag, playing, situation, fine } = asked;
    const drawn = drawnPlace(place);
    const found: (number | null)[] = [];
    for (const ball of balls) {
      if (!(await job.goesOn())) break;
      try {
        const spot = spotAt(drawn, { bunker, ball, green, flag });
        const shot = groundShot(drawn, spot, playing, likelyWays(drawn, spot, WAYS));
        found.push(costAt(readSituation({ ...situation, shot }).question, fine));
      } catch (error) {
        if (!(error instanceof FaultyInput)) throw error;
        found.push(null);
      }
      job.show(found);
    }
    return found;
  },
};
