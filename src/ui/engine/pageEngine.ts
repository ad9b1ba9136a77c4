import { wrap } from 'comlink';
import { spoken } from '@/core/tell/language/language';
import type { Thread } from '@/workers/page/thread';
import { engineOf, type Engine, type Started } from './engine';

/** More threads than this a page does not take, however many the machine has. */
const MOST_THREADS = 8;

function startWorker(): Started {
  const worker = new Worker(new URL('../../workers/page/page.worker.ts', import.meta.url), {
    type: 'module',
    name: spoken().language,
  });
  const broken = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message));
  });
  broken.catch(() => {});
  return { remote: wrap<Thread>(worker), broken, end: () => worker.terminate() };
}

let engine: Engine | null = null;

/** The one engine of this page, as wide as the machine. */
export function pageEngine(): Engine {
  engine ??= engineOf(
    Math.max(1, Math.min(MOST_THREADS, navigator.hardwareConcurrency || 2)),
    startWorker,
  );
  return engine;
}
