import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

/* The product promises no network: the framework that it is built with reports to nobody either. */

test('a build that was told nothing is told not to report', () => {
  const { NEXT_TELEMETRY_DISABLED: _, ...env } = process.env;
  const script = `
    await import('./next.config.ts');
    const { Telemetry } = (await import('next/dist/telemetry/storage.js')).default;
    console.log(new Telemetry({ distDir: '.next' }).isEnabled);`;
  const line = ['--import', 'tsx', '--input-type=module', '--eval', script];
  const said = execFileSync(process.execPath, line, { encoding: 'utf8', env: env as never });
  expect(said.trim().split('\n').at(-1)).toBe('false');
});

test('what starts the framework without its settings is told so too', () => {
  const { scripts } = JSON.parse(readFileSync('package.json', 'utf8')) as {
    scripts: Record<string, string>;
  };
  for (const [name, command] of Object.entries(scripts)) {
    if (/(^|\s)next dev/.test(command))
      expect([name, command]).toEqual([name, expect.stringMatching(/^NEXT_TELEMETRY_DISABLED=1 /)]);
  }
});
