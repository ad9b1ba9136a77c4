import { run, type Command } from './input';
import { prettySheet } from './pretty';

const PRESCRIBE_USAGE = `usage: npm run -s prescribe -- [--pretty] [--lines] [--changes] FILE|-
  --pretty   a readable sheet instead of JSON
  --lines    JSON Lines in and out, one for one
  --changes  also when the call changes (some seconds with a whole bag)`;

const PRESCRIBE: Command<'sheet'> = {
  usage: PRESCRIBE_USAGE,
  flags: ['--pretty', '--lines', '--changes'],
  task: 'sheet',
  asked: (input, flags) => [input, flags.has('--changes')],
  print: (sheet, flags) =>
    flags.has('--pretty') ? prettySheet(sheet) : JSON.stringify(sheet, null, 2),
};

const SIMULATE_USAGE = `usage: npm run -s simulate -- [--lines] FILE|-
  a situation with an explicit "setup"; --lines for JSON Lines in and out`;

const SIMULATE: Command<'simulate'> = {
  usage: SIMULATE_USAGE,
  flags: ['--lines'],
  task: 'simulate',
  asked: (input) => [input],
  print: (simulated) => JSON.stringify(simulated, null, 2),
};

/** Call sheets of situations. Gives back the exit status, as all commands do. */
export const prescribe = (args: readonly string[]): Promise<number> => run(args, PRESCRIBE);

/** Explicit set-ups played. */
export const simulate = (args: readonly string[]): Promise<number> => run(args, SIMULATE);
