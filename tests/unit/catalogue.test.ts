import { execFileSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { GERMAN } from '@/core/tell/language/german';
import { ENGLISH, speakAs } from '@/core/tell/language/language';

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

test('nothing is said while the core is loaded: nobody has asked in any language yet', async () => {
  let said = 0;
  speakAs(() => {
    said += 1;
    return ENGLISH;
  });
  const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' }).filter(
    (file) => file.endsWith('.ts') && !/\.test\.|\.d\.ts$|testing\//.test(file),
  );
  const early: string[] = [];
  for (const file of files) {
    const before = said;
    await import(`@/core/${file.replace(/\.ts$/, '')}`);
    if (said > before) early.push(file);
  }
  speakAs(() => ENGLISH);
  expect(files.length).toBeGreaterThan(300);
  expect(early).toEqual([]);
});
