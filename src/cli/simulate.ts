import { simulate } from '@/core/tell/answer/simulation';
import { command } from './input';

const USAGE = `usage: npm run -s simulate -- [--lines] FILE|-
  a situation with an explicit "setup"; --lines for JSON Lines in and out`;

process.exitCode = command(process.argv.slice(2), USAGE, ['--lines'], simulate, (answered) =>
  JSON.stringify(answered, null, 2),
);
