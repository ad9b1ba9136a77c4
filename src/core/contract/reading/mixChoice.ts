import type { SandPreset } from '@/core/ground/sand/presets';
import { mixOf, standardMix, type MixedShot } from '@/core/search/audit/mix';
import { readSituation } from '@/core/contract/shot/situation';

/** What an audit is made over: a typical season, one sand of it, or readings that were kept. */
export type MixChoice =
  { kind: 'season'; sand?: SandPreset } | { kind: 'readings'; situations: readonly object[] };

/** Shots of a season that are looked at. */
const SHOTS = 32;

/** The shots of a choice. Throws FaultyInput for a reading that cannot be read, RangeError when there are none. */
export function mixFor(choice: MixChoice): MixedShot[] {
  if (choice.kind === 'season') return standardMix(SHOTS, choice.sand);
  return mixOf(choice.situations.map((situation) => readSituation(situation).question.shot));
}
