import { fact } from '@/core/ground/fact/fact';
import { parseArgs } from 'node:util';
import { atFlag } from '@/core/tell/sheet/atFlag';
import { sheetFor } from '@/core/tell/answer/answer';
import { faulty, parseJson, quoted } from '@/core/contract/check/fault';
import { readSituation } from '@/core/contract/shot/situation';
import { trackedBall, trackedLine } from '@/core/lesson/tracker/simulated';
import { faultsOf, readText } from './input';
import { printOrSend } from './printOrSend';

const USAGE = `usage: npm run -s tracker -- [--balls N] [--seed N] [--to URL --key KEY] FILE|-
  balls of the player of a situation at its best call, as a tracker reads them: JSON Lines
  --balls N    how many, 1 to 1000 (10)
  --seed N     same seed, same balls (1)
  --to URL     sends each to a server instead of printing it, such as http://127.0.0.1:3000/api/tracker/balls
  --key KEY    the key that the server's lesson page made`;

const count = (text: string, name: string, low: number, high: number): number => {
  const value = Number(text);
  if (Number.isInteger(value) && value >= low && value <= high) return value;
  throw faulty(name, fact('check.whole', { low, high, value: quoted(text) }));
};

/** Balls of a situation's player at its best call at the flag. */
function* linesOf(input: unknown, balls: number, seed: number): Generator<string> {
  const reading = readSituation(input);
  const { player } = reading.question;
  const { told } = sheetFor(reading, 'yards', () => 0, 1);
  const called = told.find(({ entry }) => atFlag(entry))?.struck?.call;
  if (!called) {
    throw faulty('input', fact('track.nothingGetsOut'));
  }
  for (let n = 0; n < balls; n++) {
    const ball = trackedBall(called, player, seed, n);
    yield trackedLine(ball, crypto.randomUUID(), new Date().toISOString());
  }
}

async function sent(args: readonly string[]): Promise<number> {
  const { values, positionals } = parseArgs({
    args: [...args],
    allowPositionals: true,
    options: {
      balls: { type: 'string', default: '10' },
      seed: { type: 'string', default: '1' },
      to: { type: 'string' },
      key: { type: 'string' },
    },
  });
  const [file] = positionals;
  if (
    file === undefined ||
    positionals.length > 1 ||
    (values.to === undefined) !== (values.key === undefined)
  ) {
    console.error(USAGE);
    return 2;
  }
  const balls = count(values.balls, '--balls', 1, 1000);
  const seed = count(values.seed, '--seed', 0, 2 ** 31);
  return printOrSend(linesOf(parseJson(readText(file)), balls, seed), values);
}

/** Balls of a simulated tracker, printed or posted. Gives back the exit status. */
export async function track(args: readonly string[]): Promise<number> {
  try {
    return await sent(args);
  } catch (error) {
    for (const { path, message } of faultsOf(error)) console.error(`${path}: ${message}`);
    return 2;
  }
}
