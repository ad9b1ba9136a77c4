import { languageFrom, speakAs, type Language } from '@/core/tell/language/language';
import { worked, type Worked } from '../worked';
import type { Job } from './job';
import { taskNamed, type Answered, type Asked, type TaskName } from './tasks';

/** The page names its threads by the language that it speaks; the messages of another than English are fetched when a thread starts. */
const speaking = speak(languageFrom((globalThis as { name?: string }).name) ?? 'en');

async function speak(language: Language): Promise<void> {
  if (language === 'en') return;
  const { SPOKEN } = await import('@/core/tell/language/speaking');
  speakAs(() => SPOKEN[language]);
}

/** Work that is not wanted any more, by the number it was asked under. */
const unwanted = new Set<number>();

/** Lets messages in. A timer would rest for some milliseconds each time; a message to oneself comes behind those that wait. */
function pause(): Promise<void> {
  const { port1, port2 } = new MessageChannel();
  return new Promise((resolve) => {
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });
}

/** A thread: runs tasks by their names, and stops the long ones between two of their steps. */
export const thread = {
  async run<N extends TaskName>(
    id: number,
    name: N,
    asked: Asked<N>,
    show: (partial: unknown) => void,
  ): Promise<Worked<Answered<N>>> {
    const job: Job = {
      show,
      goesOn: async () => {
        await pause();
        return !unwanted.has(id);
      },
    };
    try {
      const [task] = await Promise.all([taskNamed(name), speaking]);
      return await worked(
        () => task(job, ...(asked as readonly unknown[] as never[])) as Answered<N>,
      );
    } finally {
      unwanted.delete(id);
    }
  },

  stop(id: number): void {
    unwanted.add(id);
  },
};

export type Thread = typeof thread;
