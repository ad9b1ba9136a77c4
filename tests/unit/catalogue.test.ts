import { execFileSync } from 'node:child_process';
import { GERMAN } from '@/core/ground/language/german';

const listed = (): string[] =>
  JSON.parse(
    execFileSync(process.execPath, ['scripts/words.mjs', '--list'], { encoding: 'utf8' }),
  ) as string[];

test('the catalogue is as the sources are', () => {
  expect(() => execFileSync(process.execPath, ['scripts/words.mjs', '--check'])).not.toThrow();
});

test('German holds each message that the sources say, and none that nobody says any more', () => {
  const said = listed();
  expect(said.length).toBeGreaterThan(2000);
  const spoken = new Set(said);
  expect(said.filter((message) => !Object.hasOwn(GERMAN, message))).toEqual([]);
  expect(Object.keys(GERMAN).filter((message) => !spoken.has(message))).toEqual([]);
});
