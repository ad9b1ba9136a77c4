/* Ahead of the unit tests, in a process of its own: makes the empty data folder that they copy, once, before several of them would. */
import { execFileSync } from 'node:child_process';

const making = `
  const { makeTemplate } = await import('./src/data/testing/emptyFolder.ts');
  await makeTemplate();`;

export default function beforeTheTests() {
  execFileSync(process.execPath, ['--import', 'tsx', '--input-type=module', '--eval', making], {
    stdio: 'inherit',
  });
}
