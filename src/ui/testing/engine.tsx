import type { ReactNode } from 'react';
import type { TaskName } from '@/workers/page/tasks';
import { thread } from '@/workers/page/thread';
import { engineOf, type Engine, type Wanted } from '../engine/engine';
import { EngineContext } from '../engine/useTask';

/** Gives what is inside an engine of its own. */
export function WithEngine({ engine, children }: { engine: Engine; children: ReactNode }) {
  return <EngineContext value={() => engine}>{children}</EngineContext>;
}

/** The real tasks, without threads. */
export const engineAtHand = (): Engine =>
  engineOf(2, () => ({ remote: thread, broken: new Promise(() => {}), end: () => undefined }));

/** A task that was asked of the stand-in, to be answered by the test. */
export interface AskedTask {
  name: TaskName;
  asked: readonly unknown[];
  wanted: Wanted;
  answer: (value: unknown) => void;
  fail: (error: Error) => void;
}

/** An engine that answers when and what a test says, some tasks at once. */
export function standInEngine(
  atOnce: Partial<Record<TaskName, (...asked: readonly unknown[]) => unknown>> = {},
) {
  const tasks: AskedTask[] = [];
  const engine = {
    run: (name: TaskName, asked: readonly unknown[], wanted: Wanted) =>
      new Promise((answer, fail) => {
        tasks.push({ name, asked, wanted, answer: answer as AskedTask['answer'], fail });
        const known = atOnce[name];
        if (known) answer(known(...asked) as never);
      }),
  } as Engine;
  return {
    engine,
    /** Tasks of a name that were asked, in their order. */
    asked: (name: TaskName): AskedTask[] => tasks.filter((each) => each.name === name),
  };
}
