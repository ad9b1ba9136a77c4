/*
 * npm run check: what a change of one's own breaks, in a minute: format and lint of the files that differ from the last commit (or from
 * the commit that is named), types, whether the kernel is what the model makes, and the unit tests that reach those files.
 */
import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { run } from './shared.mjs';

const node = process.execPath;
const [, , since = 'HEAD'] = process.argv;

const told = (...args) =>
  execFileSync('git', args, { encoding: 'utf8' }).split('\n').filter(Boolean);
const changed = [
  ...told('diff', '--name-only', '--diff-filter=d', since),
  ...told('ls-files', '--others', '--exclude-standard'),
].filter(existsSync);
const code = changed.filter((file) => /\.(ts|tsx|mjs)$/.test(file) && !file.endsWith('.as.ts'));
if (changed.length === 0) {
  console.log('Nothing differs.');
  process.exit(0);
}

const KERNEL = /^(src\/core\/(model|ground)|scripts\/lanes)\//;

/** Runs a step where it has something to look at; resolves to its name where it failed. */
async function step(name, wanted, ...args) {
  if (!wanted) return [];
  return (await run(node, args)) === 0 ? [] : [name];
}

const bin = (name) => `node_modules/${name}`;
const quick = await Promise.all([
  step('format', true, bin('prettier/bin/prettier.cjs'), '--check', '--ignore-unknown', ...changed),
  step('lint', code.length > 0, bin('eslint/bin/eslint.js'), '--max-warnings=0', ...code),
  step('types', code.length > 0, bin('typescript/bin/tsc'), '--noEmit'),
  step(
    'kernel',
    code.some((file) => KERNEL.test(file)),
    'scripts/lanes/kernel.mjs',
    '--check',
  ),
]);
const tests = await step(
  'tests',
  code.length > 0,
  '--experimental-vm-modules',
  '--no-warnings',
  bin('jest/bin/jest.js'),
  '--silent',
  '--passWithNoTests',
  '--findRelatedTests',
  ...code,
);
const failed = [...quick.flat(), ...tests];
console.log(failed.length === 0 ? 'All is well.' : `Failed: ${failed.join(', ')}.`);
process.exitCode = failed.length === 0 ? 0 : 1;
