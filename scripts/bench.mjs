/*
 * npm run bench: all parts of the bench, or those that are named (`npm run bench -- engine desk`). A part that fails ends no other; what
 * failed is said at the end. `--small` runs little of each, to see that it can end.
 */
import { benched, run } from './shared.mjs';

const node = process.execPath;
const core = (name) => ['--import', 'tsx', `src/cli/${name}.ts`];
const page = (name) => [`scripts/${name}.mjs`];

const PARTS = {
  engine: core('benchEngine'),
  shots: core('bench'),
  calls: core('benchCalls'),
  learning: core('benchLearning'),
  roster: core('benchRoster'),
  desk: page('bench-desk'),
  lessons: page('bench-lessons'),
  server: page('bench-server'),
  ground: page('bench-ground'),
};

const asked = process.argv.slice(2).filter((each) => each !== '--small');
const unknown = asked.filter((name) => !Object.hasOwn(PARTS, name));
if (unknown.length > 0) {
  console.error(
    `There is no part of the bench called ${unknown.join(', ')}: ${Object.keys(PARTS).join(', ')}.`,
  );
  process.exit(2);
}
const env = { ...process.env };
if (process.argv.includes('--small')) env.MELLOW_BENCH = 'small';

const failed = await benched(asked.length > 0 ? asked : Object.keys(PARTS), (name) =>
  run(node, PARTS[name], { env }),
);
if (failed.length > 0) {
  console.error(`\nThese parts failed: ${failed.join(', ')}.`);
  process.exitCode = 1;
}
