import { proxy, type Remote } from 'comlink';
import PQueue from 'p-queue';
import type { Answered, Asked, TaskName } from '@/workers/page/tasks';
import type { Thread } from '@/workers/page/thread';
import type { Worked } from '@/workers/worked';
import { Failure } from './failure';

/** How work is done: who waits for it, how soon it is wanted, and who is told of parts of it. */
export interface Wanted {
  signal: AbortSignal;
  /** Higher goes first; 0 as usual. */
  priority?: number;
  show?: (partial: unknown) => void;
}

/** The threads of a page, and what they work out. */
export interface Engine {
  /**
   * Works a task out in the next free thread.
   *
   * @throws Failure for what cannot be answered; the signal's reason when nobody waits any more
   */
  run: <N extends TaskName>(name: N, asked: Asked<N>, wanted: Wanted) => Promise<Answered<N>>;
}

/** A thread that was started, how one hears that it broke, and how it is ended. */
export interface Started {
  remote: Remote<Thread> | Thread;
  broken: Promise<never>;
  end: () => void;
}

/** An engine over so many threads; each is started when it is first needed, and another in its place when it breaks. */
export function engineOf(width: number, start: () => Started): Engine {
  const queue = new PQueue({ concurrency: width });
  const free: Started[] = [];
  let asked = 0;

  const inThread = async <N extends TaskName>(
    name: N,
    question: Asked<N>,
    { signal, show }: Wanted,
  ): Promise<Answered<N>> => {
    signal.throwIfAborted();
    const thread = free.pop() ?? start();
    const id = ++asked;
    const stop = (): void => void thread.remote.stop(id);
    signal.addEventListener('abort', stop, { once: true });
    const told = proxy((partial: unknown) => {
      if (!signal.aborted) show?.(partial);
    });
    let worked: Worked<Answered<N>>;
    try {
      const running = (thread.remote as Thread).run(id, name, question, told);
      worked = await Promise.race([running, thread.broken]);
    } catch (error) {
      thread.end();
      throw new Failure(null, error);
    } finally {
      signal.removeEventListener('abort', stop);
    }
    free.push(thread);
    signal.throwIfAborted();
    if ('faults' in worked) throw new Failure(worked.faults);
    return worked.value;
  };

  return {
    run: (name, question, wanted) =>
      queue.add(() => inThread(name, question, wanted), {
        signal: wanted.signal,
        priority: wanted.priority ?? 0,
      }),
  };
}
