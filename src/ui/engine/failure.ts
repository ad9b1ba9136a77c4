import { t } from '@/core/tell/language/t';
import type { Fault } from '@/core/contract/check/fault';
import { faultWords } from '@/core/tell/facts/faultWords';

/** Why work gave no answer: what it was asked is faulty, or the thread itself could not do it. */
export class Failure extends Error {
  constructor(
    /** What is wrong with what was asked; null when it is the thread. */
    readonly faults: readonly Fault[] | null,
    cause?: unknown,
  ) {
    super(faults ? faultWords(faults) : workBroke(), { cause });
    this.name = 'Failure';
  }
}

/** What is said of work that a thread could not do. */
export const workBroke = () => t('This could not be worked out. Reload the page to try again.');
