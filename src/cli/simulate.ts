import { run } from './input';

const USAGE = `usage: npm run -s simulate -- [--lines] FILE|-
  a situation with an explicit "setup"; --lines for JSON Lines in and out`;

process.exitCode = await run(process.argv.slice(2), {
  usage: USAGE,
  flags: ['--lines'],
  task: 'simulate',
  asked: (input) => [input],
  print: (simulated) => JSON.stringify(simulated, null, 2),
});
