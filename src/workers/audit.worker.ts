import { expose } from 'comlink';
import { mixOf, standardMix, type MixedShot } from '@/core/search/audit/mix';
import { oneWedge, type WedgeSearch } from '@/core/search/audit/oneWedge';
import { usageOver, type Usage } from '@/core/search/audit/usage';
import { readSituation } from '@/core/tell/format/situation';
import type { SandPreset } from '@/core/ground/sand/presets';

/** What an audit is made over: a season of bunkers, one sand of it, or readings that were kept. */
export type MixChoice =
  { kind: 'season'; sand?: SandPreset } | { kind: 'readings'; situations: object[] };

/** The scan that may go on; a newer one, or a stop, makes older ones end at their next pause. */
let current = 0;

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

const SHOTS = 32;
const SEED = 1;

/** The shots of a choice; a reading that cannot be read any more is passed over. */
function mixFor(choice: MixChoice): MixedShot[] {
  if (choice.kind === 'season') return standardMix(SHOTS, choice.sand);
  return mixOf(choice.situations.map((situation) => readSituation(situation).question.shot));
}

/** The player of a situation. */
const playerOf = (situation: object) => readSituation(situation).question.player;

const audit = {
  /** How often each club is called; tells of the shares as they grow. True when it came to its end. */
  async usage(
    situation: object,
    choice: MixChoice,
    seen: (usage: Usage[], done: number, total: number) => void,
  ): Promise<boolean> {
    const mine = ++current;
    const mix = mixFor(choice);
    let done = 0;
    for (const usage of usageOver(playerOf(situation), mix, SEED)) {
      seen(usage, ++done, mix.length);
      await pause();
      if (mine !== current) return false;
    }
    return true;
  },

  /** Looks for the wedge that would save most; tells how far it is. True when it came to its end. */
  async oneWedge(
    situation: object,
    choice: MixChoice,
    seen: (search: WedgeSearch) => void,
  ): Promise<boolean> {
    const mine = ++current;
    for (const search of oneWedge(playerOf(situation), mixFor(choice), SEED)) {
      seen(search);
      await pause();
      if (mine !== current) return false;
    }
    return true;
  },

  stop(): void {
    current += 1;
  },
};

export type AuditWorker = typeof audit;

expose(audit);
