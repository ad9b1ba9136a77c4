import { tryClub, wedgeChanges, type ClubResults } from '@/core/search/audit/oneWedge';
import { clubsCalled } from '@/core/search/audit/usage';
import { readSituation } from '@/core/tell/format/situation';
import { mixFor, type MixChoice } from '@/core/tell/reading/mixChoice';
import type { Job } from './job';

const SEED = 1;

/** The player of a situation. */
const playerOf = (situation: object) => readSituation(situation).question.player;

export const auditTasks = {
  /** The clubs called in the shots of a mix from one place in it to another. */
  clubsCalled: (_: Job, situation: object, choice: MixChoice, from: number, to: number) =>
    clubsCalled(
      playerOf(situation),
      mixFor(choice)
        .slice(from, to)
        .map(({ shot }) => shot),
      SEED,
    ),

  tryClub: (_: Job, situation: object, choice: MixChoice, index: number) =>
    tryClub(playerOf(situation), mixFor(choice), SEED, index),

  wedgeChanges: (_: Job, situation: object, choice: MixChoice, results: readonly ClubResults[]) =>
    wedgeChanges(playerOf(situation), mixFor(choice), results),
};
