import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/*
 * npm run mutants: the model is made wrong in one sense after the other, in a copy, and the statements of coaches that
 * notice it are listed. A mutant that none of those notices which guard it is one too many: the run then fails.
 */

/** File under src/core, what stands there, what takes its place, and which statements guard it. */
const MUTANTS = [
  [
    'hard sand is trusted as medium is',
    'model/spread/footing.ts',
    /hard: 0\.\d+, base: (0\.\d+) }, speed: { hard: 0\.\d+/,
    'hard: 0, base: $1 }, speed: { hard: 0',
    /firm|wet|hardpan/,
  ],
  [
    'a base near by is trusted',
    'model/spread/footing.ts',
    /base: 0\.\d+ }, speed: { hard: (0\.\d+), base: 0\.\d+/,
    'base: 0 }, speed: { hard: $1, base: 0',
    /15 mm|crust/,
  ],
  [
    'a down-slope is footed as an up-slope',
    'model/spread/footing.ts',
    /const FALLING = [\d.]+/,
    'const FALLING = 0',
    /down-slope/,
  ],
  [
    'the hill behind the ball is not in the way',
    'model/swing/setup.ts',
    /const OVER_THE_HILL = [\d.]+/,
    'const OVER_THE_HILL = 0',
    /down/,
  ],
  [
    'half wedges are picked for nothing',
    'search/candidates/plainness.ts',
    /price: 0\.(03|06|1), \.\.\./g,
    'price: 0, ...',
    /pick/,
  ],
  [
    'a ball that is met first carries the sand as another does',
    'model/strike/burial.ts',
    /const CLEAN_CARRIES = [\d.]+/,
    'const CLEAN_CARRIES = 1',
    /hit down/,
  ],
  [
    'techniques that have to be practised cost nothing',
    'search/candidates/plainness.ts',
    /const TRICK = [\d.]+/,
    'const TRICK = -0.3',
    /practised/,
  ],
  [
    'shots that mostly stay in are called',
    'search/candidates/rate.ts',
    /price: 0\.6, from/,
    'price: 0, from',
    /buried/,
  ],
  [
    'every sole has ten degrees of bounce',
    'ground/club/geometry.ts',
    /bounceCos: Math\.cos\(club\.bounce\),\s+bounceSin: Math\.sin\(club\.bounce\)/,
    'bounceCos: Math.cos(0.17),\n  bounceSin: Math.sin(0.17)',
    /bounce/,
  ],
  [
    'there is no wind',
    'model/flight/fly.ts',
    /const share = windAtHeight\(h\)/g,
    'const share = 0 * h',
    /wind/,
  ],
  [
    'the ball is met as cleanly buried as clean',
    'model/strike/burial.ts',
    /const CARRIED = [\d.]+/,
    'const CARRIED = 0',
    /buried|burial|fried|plugged/,
  ],
];

const here = process.cwd();
const copy = mkdtempSync(join(tmpdir(), 'mutants-'));
for (const part of ['src', 'scripts', 'docs', 'package.json', 'tsconfig.json'])
  cpSync(join(here, part), join(copy, part), { recursive: true });
symlinkSync(join(here, 'node_modules'), join(copy, 'node_modules'));

/** Names of the statements that do not hold in the copy. */
function broken() {
  execFileSync('npm', ['run', '-s', 'kernel'], { cwd: copy, stdio: 'ignore' });
  const told = execFileSync('npm', ['run', '-s', 'behaviour'], { cwd: copy, encoding: 'utf8' });
  return told
    .split('\n')
    .filter((line) => line.startsWith('NO'))
    .map((line) => line.slice(line.indexOf(')') + 1).trim());
}

let alive = 0;
try {
  const usual = new Set(broken());
  for (const [name, file, from, to, guards] of MUTANTS) {
    const path = join(copy, 'src/core', file);
    const text = readFileSync(path, 'utf8');
    const changed = text.replace(from, to);
    if (changed === text) throw new Error(`${name}: nothing to change in ${file}`);
    writeFileSync(path, changed);
    const killed = broken().filter((each) => !usual.has(each));
    writeFileSync(path, text);
    const noticed = killed.filter((each) => guards.test(each));
    if (noticed.length === 0) alive += 1;
    console.log(
      `${noticed.length > 0 ? 'killed' : 'ALIVE '}  ${name}: ${killed.length} statements`,
    );
    for (const each of killed) console.log(`          ${each}`);
  }
} finally {
  rmSync(copy, { recursive: true });
}
process.exitCode = alive > 0 ? 1 : 0;
