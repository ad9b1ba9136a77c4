import type { SandPreset } from '@/core/ground/sand/presets';
import { mixOf, standardMix, type MixedShot } from '@/core/search/audit/mix';
import { tryClub, wedgeChanges, type ClubResults } from '@/core/search/audit/oneWedge';
import { clubsCalled } from '@/core/search/audit/usage';
import { readSituation } from '@/core/tell/format/situation';
import type { Job } from './job';

/** What an audit is made over: a season of bunkers, one sand of it, or readings that were kept. */
export type MixChoice =
  { kind: 'season'; sand?: SandPreset } | { kind: 'readings'; situations: object[] };

const SHOTS = 32;
const SEED = 1;

/** The shots of a choice. */
export function mixFor(choice: MixChoice): MixedShot[] {
  if (choice.kind === 'season') return standardMix(SHOTS, choice.sand);
  return mixOf(choice.situations.map((situation) => readSituation(situation).question.shot));
}

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

  wedgeChanges: (
    _: Job,
    situation: object,
    choice: MixChoice,
    results: readonly ClubResults[],
  ) => wedgeChanges(playerOf(situation), mixFor(choice), results),
};
