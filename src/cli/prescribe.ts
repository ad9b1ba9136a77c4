import { readFileSync } from 'node:fs';
import { performance } from 'node:perf_hooks';
import { callSheet } from '@/core/contract/callSheet';
import { FaultyInput } from '@/core/contract/fault';
import { readSituation } from '@/core/contract/readSituation';
import { prescribe } from '@/core/search/prescribe';

const USAGE = 'usage: npm run -s prescribe -- FILE|-';

function read(source: string): string {
  return readFileSync(source === '-' ? 0 : source, 'utf8');
}

/** One call sheet for the situation in a JSON text. Throws FaultyInput. */
function sheetFor(text: string): object {
  const start = performance.now();
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch (error) {
    throw new FaultyInput([{ path: 'input', message: `is not JSON: ${(error as Error).message}` }]);
  }
  const { question, notes } = readSituation(input);
  const prescription = prescribe(question);
  return callSheet(
    prescription,
    { shot: question.shot, handed: question.player.handed, units: 'yards' },
    { notes, seed: question.seed, elapsedMs: performance.now() - start },
  );
}

function main(args: string[]): number {
  const [source] = args;
  if (args.length !== 1 || source === undefined || (source !== '-' && source.startsWith('-'))) {
    console.error(USAGE);
    return 2;
  }
  try {
    console.log(JSON.stringify(sheetFor(read(source)), null, 2));
    return 0;
  } catch (error) {
    if (error instanceof FaultyInput) console.error(error.message);
    else console.error(`input: ${(error as Error).message}`);
    return 2;
  }
}

process.exitCode = main(process.argv.slice(2));
