import { Refusal } from '@/core/contract/check/refusal';
import { fact } from '@/core/ground/fact/fact';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { Piscina } from 'piscina';
import { spoken } from '@/core/tell/language/language';
import { FaultyInput } from '@/core/contract/check/fault';
import type { Worked } from '../worked';
import type { Answered, Asked, Order, TaskName } from './order';
import type { PAPER } from './paper';

/** Tasks that wait at most, besides those that run. */
const MOST_WAITING = 64;

/** More threads than this are not started, however many the machine has: each holds the model and the fonts. */
const MOST_THREADS = 8;

/** Thrown when so much waits already that another task is not taken on. */
export class Busy extends Refusal {
  constructor() {
    super(fact('server.working'), 'server', 503);
  }
}

/** Where the server keeps its one pool: on globalThis, so that a development reload does not start another. */
const holder = globalThis as typeof globalThis & { mellowThreads?: Piscina };

/** A file of this folder as threads are told of it: by its place under the folder that the server runs in. */
const here = (file: string): string =>
  pathToFileURL(path.join(process.cwd(), 'src', 'workers', 'server', file)).href;

/** What is drawn on paper: told here without loading it, and every one of it. */
const ON_PAPER: Record<keyof typeof PAPER, true> = {
  bookPdf: true,
  cardPdf: true,
  lessonPdf: true,
  pocketBands: true,
  pocketPdf: true,
  eyePdf: true,
  practicePdf: true,
  testPdf: true,
};

/** The threads, started when they are first needed. */
function threads(): Piscina {
  holder.mellowThreads ??= new Piscina({
    filename: here('thread.mjs'),
    execArgv: ['--no-warnings'],
    minThreads: 1,
    maxThreads: threadsWide(),
    maxQueue: MOST_WAITING,
    idleTimeout: 60_000,
  });
  return holder.mellowThreads;
}

/** How many tasks run at a time: a processor is left to what answers pages. */
export const threadsWide = (): number =>
  Math.max(1, Math.min(MOST_THREADS, availableParallelism() - 1));

/**
 * Does a task in the next free thread.
 *
 * @throws FaultyInput for what cannot be answered; Busy when too much waits already
 */
export async function inThread<N extends TaskName>(
  name: N,
  ...asked: Asked<N>
): Promise<Answered<N>> {
  const pool = threads();
  if (pool.queueSize >= MOST_WAITING) throw new Busy();
  const order: Order = { name, asked, language: spoken().language };
  const file = here(Object.hasOwn(ON_PAPER, name) ? 'paper.worker.ts' : 'calls.worker.ts');
  const worked = (await pool.run({ file, ...order })) as Worked<Answered<N>>;
  if ('faults' in worked) throw new FaultyInput(worked.faults);
  return worked.value;
}

/** Ends the threads once what runs is done. */
export async function endThreads(): Promise<void> {
  const pool = holder.mellowThreads;
  delete holder.mellowThreads;
  await pool?.close();
}
