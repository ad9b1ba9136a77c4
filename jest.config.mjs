/** @type {import('jest').Config} */
export default {
  roots: ['<rootDir>/src', '<rootDir>/tests/unit'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  transform: {
    '^.+\\.m?[tj]sx?$': [
      '@swc/jest',
      { jsc: { target: 'es2022', transform: { react: { runtime: 'automatic' } } } },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(d3-[a-z-]+|internmap)/)'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  testTimeout: 30000,
};
