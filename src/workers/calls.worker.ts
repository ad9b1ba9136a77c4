import { expose } from 'comlink';
import { answer, type Answer } from '@/core/answer/answer';
import { FaultyInput, type Fault } from '@/core/contract/fault';
import type { UnitSystem } from '@/core/units/system';

/** An answer, or what is wrong with the reading: errors do not keep their class across a worker. */
export type Answered = { answer: Answer } | { faults: readonly Fault[] };

const calls = {
  answer(input: unknown, units: UnitSystem): Answered {
    try {
      return { answer: answer(input, units, () => performance.now()) };
    } catch (error) {
      if (error instanceof FaultyInput) return { faults: error.faults };
      throw error;
    }
  },
};

export type CallsWorker = typeof calls;

expose(calls);
