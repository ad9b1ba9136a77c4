'use client';

import { t } from '@/core/tell/language/t';
import { capital } from '@/core/tell/words/capital';
import { doubts, type Measured, type Threshold } from '@/core/ground/measure/measured';
import { chanceWords } from '@/core/tell/words/words';
import { Alert } from '../kit/Alert';

/** What a help has measured so far: a value, what is wrong with what was typed, or nothing yet. */
export type Reckoned = Measured | { fault: string } | null;

interface ResultProps {
  reckoned: Reckoned;
  /** A value and its uncertainty as they are said: "18 yd", "0.6 yd". */
  say: (value: number) => string;
  /** Where the call changes in this quantity; null while that is being looked for, absent where it is not. */
  thresholds?: readonly Threshold[] | null | undefined;
  onTake: (value: number) => void;
}

/** Runs a reckoning that refuses what is out of range by throwing. */
export function reckon(work: () => Measured | null): Reckoned {
  try {
    return work();
  } catch (error) {
    if (error instanceof RangeError) {
      return { fault: `${capital(error.message)}.` };
    }
    throw error;
  }
}

/** A measured value with its uncertainty, whether that could change the call, and a way to take it over. */
export function Result({ reckoned, say, thresholds, onTake }: ResultProps) {
  if (reckoned === null) return null;
  if ('fault' in reckoned) {
    return <Alert className="mt-1 text-sm">{reckoned.fault}</Alert>;
  }
  const open = thresholds && doubts(reckoned, thresholds);
  const looking = thresholds === null;
  return (
    <div className="mt-2">
      <div className="flex items-center gap-3">
        <output className="text-lg font-semibold">
          {say(reckoned.value)} <span className="font-normal">± {say(reckoned.sd)}</span>
        </output>
        <button type="button" onClick={() => onTake(reckoned.value)} className="button-main">
          {t('Apply')}
        </button>
      </div>
      <p className="mt-1 text-sm leading-snug">
        {looking && t('Checking whether that could change the call …')}
        {open?.length === 0 && t('Accurate enough: the uncertainty does not change the call.')}
        {open &&
          open.length > 0 &&
          t('Measure again if it matters: {list}.', {
            list: open
              .slice(0, 2)
              .map(({ text, chance }) => `${text}, ${chanceWords(chance)}`)
              .join('; '),
          })}
      </p>
    </div>
  );
}
