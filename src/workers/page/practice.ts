import { SKILLS, type Skill } from '@/core/ground/player/player';
import type { Norms } from '@/core/lesson/bunkerTest/figure';
import { normFor, type Chances } from '@/core/lesson/bunkerTest/norm';
import { readShot, type ShotInput } from '@/core/contract/shot/shot';
import type { Shot } from '@/core/ground/situation/shot';
import { worthInShot, type ShotWorth } from '@/core/lesson/worth/worth';
import { readSituation } from '@/core/contract/shot/situation';
import { paced, type Job } from './job';

export const practiceTasks = {
  /** What each level's balls do from some shots, with this bag; null for a shot that some level has no call for. */
  async testNorms(
    job: Job,
    situation: unknown,
    shots: readonly ShotInput[],
  ): Promise<(Norms | null)[]> {
    const { player } = readSituation(situation).question;
    const norms: (Norms | null)[] = [];
    for (const input of shots) {
      const { shot } = readShot(input, 1);
      const levels: [Skill, Chances | null][] = [];
      for (const skill of SKILLS) {
        levels.push([skill, await paced(job, normFor(player, skill, shot))]);
      }
      const known = levels.every(([, chances]) => chances !== null);
      norms.push(known ? (Object.fromEntries(levels) as Norms) : null);
    }
    return norms;
  },

  /** What practice saves in some shots, for who plays in a situation; shots where nothing is called at the flag are left out. */
  async practiceWorth(
    job: Job,
    situation: unknown,
    shots: readonly Shot[],
    hour: number,
    habit: string | null,
  ): Promise<ShotWorth[]> {
    const { question } = readSituation(situation);
    const worths: ShotWorth[] = [];
    for (const shot of shots) {
      const worth = await paced(job, worthInShot({ question, hour, habit }, shot));
      if (worth) worths.push(worth);
    }
    return worths;
  },
};
