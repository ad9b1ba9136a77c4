import { t } from '@/core/ground/language/t';
import { faultLine, type Fault } from '@/core/tell/format/fault';

/** Why work gave no answer: what it was asked is faulty, or the thread itself could not do it. */
export class Failure extends Error {
  constructor(
    /** What is wrong with what was asked; null when it is the thread. */
    readonly faults: readonly Fault[] | null,
    cause?: unknown,
  ) {
    super(faults ? faultLine(faults) : workBroke(), { cause });
    this.name = 'Failure';
  }
}

/** What is said of work that a thread could not do. */
export const workBroke = () => t('This could not be worked out. Reload the page to try again.');
