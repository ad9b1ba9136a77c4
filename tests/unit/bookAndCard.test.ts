import { execFile } from 'node:child_process';
import { promisify } from 'node:util';

interface Printed {
  bunkers: number;
  /** What the page says of a visit. */
  visit: string;
  book: string;
  tie: string;
  card: string;
}

let printed: Printed;
beforeAll(async () => {
  const { stdout } = await promisify(execFile)('npx', [
    'tsx',
    'tests/unit/printing/bookAndCard.ts',
  ]);
  printed = JSON.parse(stdout) as Printed;
});

/** A text without what a printer does to its spaces. */
const close = (text: string): string => text.replaceAll(/\s+/g, '');

test('the printed bunker book says of every visit all that the page says', () => {
  expect(printed.bunkers).toBeGreaterThan(0);
  expect(close(printed.book).split(close(printed.visit))).toHaveLength(printed.bunkers + 1);
});

test('the printed card says which clubs are equally good', () => {
  expect(close(printed.card)).toContain(close(printed.tie));
});
