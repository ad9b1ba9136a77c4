import { run } from './input';
import { prettySheet } from './pretty';

const USAGE = `usage: npm run -s prescribe -- [--pretty] [--lines] [--changes] FILE|-
  --pretty   a readable sheet instead of JSON
  --lines    JSON Lines in and out, one for one
  --changes  also when the call changes (takes a few seconds)`;

process.exitCode = await run(process.argv.slice(2), {
  usage: USAGE,
  flags: ['--pretty', '--lines', '--changes'],
  task: 'sheet',
  asked: (input, flags) => [input, flags.has('--changes')],
  print: (sheet, flags) =>
    flags.has('--pretty') ? prettySheet(sheet) : JSON.stringify(sheet, null, 2),
});
