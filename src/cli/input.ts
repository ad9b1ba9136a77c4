import { readFileSync } from 'node:fs';
import { FaultyInput, type Fault } from '@/core/tell/format/fault';

/** The text of a file, or of standard input for `-`. */
export const readText = (source: string): string =>
  readFileSync(source === '-' ? 0 : source, 'utf8');

/** Parsed JSON. Throws FaultyInput. */
export function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new FaultyInput([{ path: 'input', message: `is not JSON: ${(error as Error).message}` }]);
  }
}

/** The faults of an error; anything unexpected is a fault of the input as a whole. */
export const faultsOf = (error: unknown): readonly Fault[] =>
  error instanceof FaultyInput
    ? error.faults
    : [{ path: 'input', message: error instanceof Error ? error.message : String(error) }];

/** Flags and files of a command line, flags being those that are known. Null when a flag is not known. */
export function parseArguments(
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
 * Answers JSON Lines one for one: a faulty line gives `{"error": [...]}` in its place.
 *
 * @returns exit status: 0, or 1 when any line was faulty
 */
export function answerLines(text: string, answer: (input: unknown) => unknown): number {
  let status = 0;
  for (const line of text.split(/\r?\n/)) {
    if (line.trim() === '') continue;
    let out: unknown;
    try {
      out = answer(parseJson(line));
    } catch (error) {
      out = { error: faultsOf(error) };
      status = 1;
    }
    process.stdout.write(`${JSON.stringify(out)}\n`);
  }
  return status;
}

/** Runs a command that answers one file, or many lines. Exit status 2 for what cannot be used. */
export function command(
  args: readonly string[],
  usage: string,
  known: readonly string[],
  answer: (input: unknown, flags: ReadonlySet<string>) => unknown,
  print: (answered: unknown, flags: ReadonlySet<string>) => string,
): number {
  const parsed = parseArguments(args, known);
  if (!parsed || parsed.files.length !== 1) {
    console.error(usage);
    return 2;
  }
  const { flags, files } = parsed;
  try {
    const text = readText(files[0]!);
    if (flags.has('--lines')) return answerLines(text, (input) => answer(input, flags));
    console.log(print(answer(parseJson(text), flags), flags));
    return 0;
  } catch (error) {
    for (const { path, message } of faultsOf(error)) console.error(`${path}: ${message}`);
    return 2;
  }
}
