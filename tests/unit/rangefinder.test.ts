import { survey } from '../../src/cli/survey';
import { readMeasure } from '../../src/core/place/survey/sighting';

/** What a run of the simulated devices prints, and how it ends. */
async function run(...args: string[]): Promise<{ status: number; out: string[]; err: string[] }> {
  const out: string[] = [];
  const err: string[] = [];
  const log = jest.spyOn(console, 'log').mockImplementation((line: string) => void out.push(line));
  const error = jest
    .spyOn(console, 'error')
    .mockImplementation((line: string) => void err.push(line));
  const status = await survey(args);
  log.mockRestore();
  error.mockRestore();
  return { status, out, err };
}

test('the simulated rangefinder prints lines that the server takes, the same for a seed', async () => {
  const first = await run('--shape', 'pot', '--seed', '3');
  expect(first.status).toBe(0);
  const lines = first.out.map((line) => readMeasure(JSON.parse(line)));
  expect(lines.map(({ format }) => format).at(-1)).toBe('mellow-divot/sand-drops');
  expect(lines).toHaveLength(21);
  const bare = ({ out }: { out: string[] }): string[] =>
    out.map((line) => line.replace(/"id":"[^"]+"/, ''));
  expect(bare(await run('--shape', 'pot', '--seed', '3'))).toEqual(bare(first));
  expect(bare(await run('--shape', 'pot', '--seed', '4'))).not.toEqual(bare(first));
});

test.each([
  [['--shape', 'star'], '--shape: must be one of round'],
  [['--seed', 'x'], '--seed: must be a whole number'],
  [['--to', 'http://127.0.0.1:1/x'], 'usage:'],
  [['file'], 'usage:'],
])('%j is refused with what is allowed', async (args, message) => {
  const { status, err } = await run(...args);
  expect(status).toBe(2);
  expect(err.join('\n')).toContain(message);
});
