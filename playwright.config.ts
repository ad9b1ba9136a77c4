import { chromiumHere } from './scripts/chromium.mjs';
import { startLine } from './scripts/shared.mjs';
import { defineConfig, devices } from '@playwright/test';

const port = Number(process.env.MELLOW_TEST_PORT ?? 3217);
const baseURL = `http://127.0.0.1:${port}`;

/** The demo on a PostgreSQL server, where there is one: lessons are tried on it too. */
const database = process.env.MELLOW_TEST_DATABASE;
const onServer = port + 40;

/** A server of the product for the tests. */
const serving = (at: number, env: Record<string, string>) => ({
  command: ['node', ...startLine('127.0.0.1', at)].join(' '),
  url: `http://127.0.0.1:${at}`,
  reuseExistingServer: false,
  timeout: 60_000,
  gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5000 },
  env: { NEXT_MANUAL_SIG_HANDLE: '1', ...env },
});

const executablePath = chromiumHere();

export default defineConfig({
  testDir: 'tests/browser',
  fullyParallel: true,
  workers: 2,
  // How long a page may take on a busy machine; speed is measured by the bench.
  timeout: 300_000,
  expect: { timeout: 90_000 },
  reporter: process.env.MELLOW_TEST_REPORT
    ? [['list'], ['json', { outputFile: process.env.MELLOW_TEST_REPORT }]]
    : 'list',
  use: {
    baseURL,
    ...devices['Desktop Chrome'],
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      ...(executablePath ? { executablePath } : {}),
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  projects: [
    { name: 'folder' },
    ...(database
      ? [
          {
            name: 'server',
            testMatch: /lessons\.spec/,
            use: { baseURL: `http://127.0.0.1:${onServer}` },
          },
        ]
      : []),
  ],
  webServer: [
    serving(port, { MELLOW_DATA: process.env.MELLOW_DATA ?? '.cache/browser-data' }),
    ...(database ? [serving(onServer, { DATABASE_URL: database })] : []),
  ],
});
