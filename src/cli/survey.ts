import { fact } from '@/core/ground/fact/fact';
import { parseArgs } from 'node:util';
import { faulty, quoted } from '@/core/contract/check/fault';
import { SHAPE_NAMES, type ShapeName } from '@/core/place/survey/shapes';
import { simulatedSurvey } from '@/core/place/survey/simulated';
import { faultsOf } from './input';
import { printOrSend } from './printOrSend';

const USAGE = `usage: npm run -s rangefinder -- [--shape SHAPE] [--seed N] [--to URL --key KEY]
  a made-up bunker 12 m north of the coach, as a rangefinder and a dropped rod measure it: JSON Lines
  --shape SHAPE   ${SHAPE_NAMES.join(', ')} (kidney)
  --seed N        same seed, same readings (1)
  --to URL        sends each to a server instead of printing it, such as http://127.0.0.1:3000/api/tracker/measures
  --key KEY       the key that the server's ground or lesson page made`;

/** The bunker that is sighted, but for its shape. */
const BUNKER = { middle: [0, 12] as [number, number], lip: [0.2, 1.4] as const, firmness: 0.6 };

function shapeOf(text: string): ShapeName {
  const shape = SHAPE_NAMES.find((name) => name === text);
  if (shape) return shape;
  throw faulty(
    '--shape',
    fact('check.oneOf', { words: SHAPE_NAMES.join(', '), value: quoted(text) }),
  );
}

function seedOf(text: string): number {
  const seed = Number(text);
  if (Number.isInteger(seed) && seed >= 0 && seed <= 2 ** 31) return seed;
  throw faulty('--seed', fact('check.whole', { low: 0, high: 2 ** 31, value: quoted(text) }));
}

async function sent(args: readonly string[]): Promise<number> {
  const { values, positionals } = parseArgs({
    args: [...args],
    allowPositionals: true,
    options: {
      shape: { type: 'string', default: 'kidney' },
      seed: { type: 'string', default: '1' },
      to: { type: 'string' },
      key: { type: 'string' },
    },
  });
  if (positionals.length > 0 || (values.to === undefined) !== (values.key === undefined)) {
    console.error(USAGE);
    return 2;
  }
  const asked = { ...BUNKER, shape: shapeOf(values.shape), seed: seedOf(values.seed) };
  const measures = simulatedSurvey(asked, () => crypto.randomUUID());
  return printOrSend(
    measures.map((measure) => JSON.stringify(measure)),
    values,
  );
}

/** Plays a rangefinder and a sand probe; gives the exit code. */
export async function survey(args: readonly string[]): Promise<number> {
  try {
    return await sent(args);
  } catch (error) {
    for (const { path, message } of faultsOf(error)) console.error(`${path}: ${message}`);
    return 2;
  }
}
