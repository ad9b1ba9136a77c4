import { readFileSync } from 'node:fs';
import PQueue from 'p-queue';
import { FaultyInput, parseJson } from '@/core/contract/check/fault';
import { errorWords, sayFaults, type SaidFault } from '@/core/tell/facts/faultWords';
import { endThreads, inThread, threadsWide } from '@/workers/server/pool';
import { CALLS } from '@/workers/server/calls';
import type { Answered, Asked } from '@/workers/server/order';

/** The text of a file, or of standard input for `-`. */
export const readText = (source: string): string =>
  readFileSync(source === '-' ? 0 : source, 'utf8');

/** The faults of an error; anything unexpected is a fault of the input as a whole. */
export function faultsOf(error: unknown): readonly SaidFault[] {
  return error instanceof FaultyInput
    ? sayFaults(error.faults)
    : [{ path: 'input', message: errorWords(error) }];
}

/** Flags and files of a command line, flags being those that are known. Null when a flag is not known. */
function parseArguments(
  args: readonly string[],
  known: readonly string[],
): { flags: Set<string>; files: string[] } | null {
  const flags = new Set<string>();
  const files: string[] = [];
  for (const arg of args) {
    if (arg === '-' || !arg.startsWith('-')) files.push(arg);
    else if (known.includes(arg)) flags.add(arg);
    else return null;
  }
  return { flags, files };
}

/**
 * Answers JSON Lines one for one and in their order, side by side in threads: a faulty line gives `{"error": [...]}` in its
 * place.
 *
 * @returns exit status: 0, or 1 when any line was faulty
 */
async function answerLines(
  text: string,
  answer: (input: unknown) => Promise<unknown>,
): Promise<number> {
  const queue = new PQueue({ concurrency: 2 * threadsWide() });
  let status = 0;
  const answers = text
    .split(/\r?\n/)
    .filter((line) => line.trim() !== '')
    .map((line) =>
      queue.add(async () => {
        try {
          return await answer(parseJson(line));
        } catch (error) {
          status = 1;
          return { error: faultsOf(error) };
        }
      }),
    );
  for (const out of answers) process.stdout.write(`${JSON.stringify(await out)}\n`);
  return status;
}

type CallName = keyof typeof CALLS;

/** A command that answers one file, or with `--lines` many, by one of the tasks of the server's threads. */
export interface Command<N extends CallName> {
  usage: string;
  flags: readonly string[];
  task: N;
  asked: (input: unknown, flags: ReadonlySet<string>) => Asked<N>;
  print: (answered: Answered<N>, flags: ReadonlySet<string>) => string;
}

/** Runs a command. Exit status 2 for what cannot be used. */
export async function run<N extends CallName>(
  args: readonly string[],
  { usage, flags: known, task, asked, print }: Command<N>,
): Promise<number> {
  const parsed = parseArguments(args, known);
  if (!parsed || parsed.files.length !== 1) {
    console.error(usage);
    return 2;
  }
  const { flags, files } = parsed;
  try {
    const text = readText(files[0]!);
    if (flags.has('--lines')) {
      return await answerLines(text, (input) => inThread(task, ...asked(input, flags)));
    }
    const work = CALLS[task] as (...asked: Asked<N>) => Answered<N> | Promise<Answered<N>>;
    console.log(print(await work(...asked(parseJson(text), flags)), flags));
    return 0;
  } catch (error) {
    for (const { path, message } of faultsOf(error)) console.error(`${path}: ${message}`);
    return 2;
  } finally {
    await endThreads();
  }
}
