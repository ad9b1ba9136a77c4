import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';

/* Examples of the core's docstrings are run: each line `expression; // => value` must give the value. */

interface Example {
  file: string;
  /** What comes before it in its example. */
  before: string;
  expression: string;
  value: string;
}

const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', 'src/core'], {
  encoding: 'utf8',
})
  .split('\n')
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'));

function examplesOf(file: string): Example[] {
  const blocks = readFileSync(file, 'utf8').match(/\/\*\*[\s\S]*?\*\//g) ?? [];
  return blocks.flatMap((block) => {
    const [, body] = block.split('@example');
    if (body === undefined) return [];
    const lines = body
      .split('\n')
      .map((line) => line.replace(/^\s*\* ?/, '').replace(/\*\/\s*$/, ''))
      .filter((line) => line.trim() !== '');
    const before: string[] = [];
    return lines.flatMap((line): Example[] => {
      const [, expression, value] = /^(.*?);? \/\/ => (.*)$/.exec(line) ?? [];
      if (expression !== undefined && value !== undefined) {
        return [{ file, before: before.join('\n'), expression, value }];
      }
      before.push(line);
      return [];
    });
  });
}

const examples = files.flatMap(examplesOf);

test('there are examples, and every example says what it gives', () => {
  expect(examples.length).toBeGreaterThan(60);
  const shown = files.filter((file) => readFileSync(file, 'utf8').includes('@example'));
  expect([...new Set(examples.map(({ file }) => file))]).toEqual(shown);
});

test.each(examples)('$file: $expression', async ({ file, before, expression, value }) => {
  const room = (await import(path.resolve(file))) as Record<string, unknown>;
  const names = Object.keys(room).filter((name) => name !== 'default');
  const run = new Function(...names, `${before}\nreturn [${expression}, ${value}];`);
  const [got, wanted] = run(...names.map((name) => room[name])) as [unknown, unknown];
  expect(got).toEqual(wanted);
});
