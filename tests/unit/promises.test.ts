import { existsSync, readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';

/* What the documents promise names the tests that try it, and those are there. */

/** Every test of the project, by its path and by its name alone. */
const TESTS = new Set(
  ['src', 'tests'].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' }).flatMap((file) => [
      path.join(folder, file),
      path.basename(file),
    ]),
  ),
);

const named = (text: string): string[] =>
  [...text.matchAll(/`([\w./-]+\.(?:test|spec)\.tsx?)`/g)].map(([, file]) => file!);

test.each(readdirSync('docs').filter((file) => file.endsWith('.md')))(
  '%s names no test that is not there',
  (file) => {
    const text = readFileSync(path.join('docs', file), 'utf8');
    expect(named(text).filter((each) => !TESTS.has(each) && !existsSync(each))).toEqual([]);
  },
);

test('every paragraph of security that promises something names a test', () => {
  const [, ...sections] = readFileSync('docs/security.md', 'utf8').split(/^## /m);
  const promises = sections
    .flatMap((section) => section.split('\n\n'))
    .filter((paragraph) => /^\*\*/.test(paragraph));
  expect(promises.length).toBeGreaterThan(10);
  expect(
    promises.filter((each) => named(each).length === 0).map((each) => each.slice(0, 40)),
  ).toEqual([]);
});
