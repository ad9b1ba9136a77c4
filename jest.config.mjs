const shared = {
  transform: {
    '^.+\\.m?[tj]sx?$': [
      '@swc/jest',
      { jsc: { target: 'es2022', transform: { react: { runtime: 'automatic' } } } },
    ],
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(d3-[a-z-]+|internmap|react-hotkeys-hook|p-queue|p-timeout|eventemitter3)/)',
  ],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  // Math is looked up in the sandbox at every use otherwise, which makes the physics several times slower.
  sandboxInjectedGlobals: ['Math'],
};

/** @type {import("jest").Config} */
const config = {
  projects: [
    {
      ...shared,
      displayName: 'node',
      roots: ['<rootDir>/src', '<rootDir>/tests/unit'],
      testMatch: ['**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'page',
      roots: ['<rootDir>/src/ui'],
      testMatch: ['**/*.test.tsx'],
      testEnvironment: 'jsdom',
      setupFilesAfterEnv: ['<rootDir>/src/ui/testing/page.ts'],
    },
  ],
  maxWorkers: '100%',
  testTimeout: 120000,
};
export default config;
