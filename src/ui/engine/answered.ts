import { PARTS } from '@/core/search/calls/choosing';
import type { Answer } from '@/core/tell/answer/answer';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Engine, Wanted } from './engine';

/**
 * The answer to a situation, its search spread over the threads.
 *
 * @param whole with all calls; else with those that are told at first
 * @throws Failure for what cannot be answered; the signal's reason when nobody waits any more
 */
export async function answered(
  engine: Engine,
  situation: object,
  units: UnitSystem,
  wanted: Wanted,
  whole = false,
): Promise<Answer> {
  const parts = await Promise.all(
    Array.from({ length: PARTS }, (_, part) => engine.run('answerPart', [situation, part], wanted)),
  );
  return engine.run('answerFrom', [situation, units, parts, whole], wanted);
}
