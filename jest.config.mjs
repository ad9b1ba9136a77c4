import os from 'node:os';

const shared = {
  setupFiles: ['<rootDir>/src/core/model/batch/start.ts'],
  setupFilesAfterEnv: ['<rootDir>/tests/refuses.ts'],
  // TypeScript's own modules keep plain properties; getters for exports, as other compilers write them, stop being
  // inlined from a process's second test file on, which makes the physics three times slower.
  transform: {
    '^.+\\.m?[tj]sx?$': [
      'ts-jest',
      {
        diagnostics: false,
        tsconfig: {
          allowJs: true,
          esModuleInterop: true,
          isolatedModules: true,
          jsx: 'react-jsx',
          module: 'commonjs',
          moduleResolution: 'bundler',
          target: 'es2022',
        },
      },
    ],
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(d3-[a-z-]+|intl-messageformat|@formatjs/[a-z-]+|internmap|react-hotkeys-hook|p-queue|p-retry|p-timeout|is-network-error|eventemitter3|ts-fsrs|flesch-kincaid|syllable|pluralize|normalize-strings)/)',
  ],
  moduleNameMapper: {
    // A page's threads exist in a browser alone.
    '/pageEngine$': '<rootDir>/src/ui/testing/noEngine.ts',
    // A passphrase costs a quarter of a second and 128 MB.
    '/scryptCost$': '<rootDir>/src/data/testing/quickScrypt.ts',
    // Routes are asked without a server.
    '^next/headers$': '<rootDir>/tests/unit/asked.ts',
    '^@/(.*)$': '<rootDir>/src/$1',
  },
  // Math is looked up in the sandbox at every use otherwise, which makes the physics several times slower.
  sandboxInjectedGlobals: ['Math'],
};

/** Tests of the data that hold whatever it is kept in; they run on a PostgreSQL server too where MELLOW_TEST_SERVER names one. */
const ON_BOTH = [
  '<rootDir>/src/data/*.test.ts',
  '<rootDir>/src/data/access/*.test.ts',
  '<rootDir>/src/data/erasing/*.test.ts',
  '<rootDir>/src/data/move/*.test.ts',
  '<rootDir>/src/data/server/*.test.ts',
];
const IN_FOLDERS_ALONE = ['/src/data/(database|erasing/erase)\\.test\\.ts$'];
const ON_A_SERVER_ALONE = ['/src/data/(server/|move/moveAll)'];

/** @type {import("jest").Config} */
const config = {
  projects: [
    {
      ...shared,
      displayName: 'node',
      // Tests of pages need no data folder.
      globalSetup: '<rootDir>/scripts/emptyFolder.mjs',
      roots: ['<rootDir>/src', '<rootDir>/tests/unit'],
      testMatch: ['**/*.test.ts'],
      testPathIgnorePatterns: ['/node_modules/', ...ON_A_SERVER_ALONE],
    },
    ...(process.env.MELLOW_TEST_SERVER
      ? [
          {
            ...shared,
            displayName: 'server',
            testMatch: ON_BOTH,
            testPathIgnorePatterns: ['/node_modules/', ...IN_FOLDERS_ALONE],
            setupFiles: [...shared.setupFiles, '<rootDir>/src/data/testing/onServer.ts'],
          },
        ]
      : []),
    {
      ...shared,
      displayName: 'page',
      roots: ['<rootDir>/src/ui'],
      testMatch: ['**/*.test.tsx'],
      testEnvironment: 'jsdom',
      setupFilesAfterEnv: [...shared.setupFilesAfterEnv, '<rootDir>/src/ui/testing/page.ts'],
    },
  ],
  // Many tests of the data wait for a process or a thread of their own.
  maxWorkers: Math.ceil(1.5 * os.availableParallelism()),
  // How long a test may take on a busy machine; speed is measured by the bench.
  testTimeout: 300_000,
};
export default config;
