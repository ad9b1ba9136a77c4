import { expose } from 'comlink';
import { answer, type Answer } from '@/core/tell/answer/answer';
import { simulate } from '@/core/tell/answer/simulation';
import { FaultyInput, type Fault } from '@/core/tell/format/fault';
import type { UnitSystem } from '@/core/ground/units/system';

/** An answer, or what is wrong with the reading: errors do not keep their class across a worker. */
export type Answered = { answer: Answer } | { faults: readonly Fault[] };

/** A simulated set-up, or what is wrong with it. */
export type Simulated = { simulation: ReturnType<typeof simulate> } | { faults: readonly Fault[] };

const calls = {
  answer(input: unknown, units: UnitSystem): Answered {
    try {
      return { answer: answer(input, units, () => performance.now()) };
    } catch (error) {
      if (error instanceof FaultyInput) return { faults: error.faults };
      throw error;
    }
  },

  simulate(input: unknown): Simulated {
    try {
      return { simulation: simulate(input) };
    } catch (error) {
      if (error instanceof FaultyInput) return { faults: error.faults };
      throw error;
    }
  },
};

export type CallsWorker = typeof calls;

expose(calls);
