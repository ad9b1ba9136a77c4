import { sayFaults } from '@/core/tell/facts/faultWords';
import { sayFact } from '@/core/tell/facts/sayFact';
import { FaultyInput } from '@/core/contract/check/fault';
import { Refusal } from '@/core/contract/check/refusal';

declare global {
  // eslint-disable-next-line @typescript-eslint/no-namespace
  namespace jest {
    interface Matchers<R> {
      /** Throws what is said so to whoever asked, in English; any refusal where nothing is expected of its words. */
      toRefuse(said?: string | RegExp): R;
    }
  }
}

/** What was thrown, in the words that whoever asked reads; null for what is no refusal. */
function saidOf(error: unknown): string | null {
  if (error instanceof Refusal) return sayFact(error.why);
  if (!(error instanceof FaultyInput)) return null;
  return sayFaults(error.faults)
    .map(({ path, message }) => `${path}: ${message}`)
    .join('\n');
}

function thrownBy(received: unknown): unknown {
  if (typeof received !== 'function') return received;
  try {
    (received as () => unknown)();
    return null;
  } catch (error) {
    return error;
  }
}

expect.extend({
  toRefuse(received: unknown, wanted: string | RegExp = '') {
    const error = thrownBy(received);
    const said = saidOf(error);
    const pass =
      said !== null && (typeof wanted === 'string' ? said.includes(wanted) : wanted.test(said));
    return {
      pass,
      message: () =>
        `expected ${this.isNot ? 'no ' : ''}refusal ${this.utils.printExpected(wanted)}, got ${this.utils.printReceived(said ?? error)}`,
    };
  },
});
