import next from 'eslint-config-next';
import tseslint from 'typescript-eslint';

/** Rooms of the house, and which of them each may look into. */
const ALLOWED = {
  core: [],
  data: ['core'],
  ui: ['core', 'workers'],
  workers: ['core'],
  demo: ['core', 'data'],
  cli: ['core', 'data'],
  app: ['core', 'data', 'ui', 'demo'],
};

const rooms = Object.keys(ALLOWED);

/** Forbids imports from `room` into any room it may not look into, by alias or by relative path. */
function arrows(room) {
  const closed = rooms.filter((other) => other !== room && !ALLOWED[room].includes(other));
  const patterns = [
    {
      regex: `^(@/|(\\.\\./)+)(${closed.join('|')})(/|$)`,
      message: `src/${room} may only import from: ${ALLOWED[room].join(', ') || 'itself'}.`,
    },
  ];
  if (room === 'core') {
    patterns.push({
      regex: '^(react|react-dom|next|node:.*|@electric-sql/.*)(/|$)',
      message: 'src/core is pure: no interface, no server, no input or output.',
    });
  }
  return {
    files: [`src/${room}/**/*.{ts,tsx}`],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: { 'no-restricted-imports': ['error', { patterns }] },
  };
}

const config = [
  {
    ignores: [
      '.next/**',
      '.data/**',
      'node_modules/**',
      'next-env.d.ts',
      'test-results/**',
      'playwright-report/**',
      '*.tmp.ts',
    ],
  },
  ...next,
  ...tseslint.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      eqeqeq: 'error',
      'import/no-duplicates': ['error', { 'prefer-inline': true }],
      'no-console': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
    },
  },
  { files: ['src/cli/**', 'src/demo/**', 'scripts/**'], rules: { 'no-console': 'off' } },
  ...rooms.map(arrows),
  {
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'The core is deterministic: pass a seed.' },
        { object: 'Date', property: 'now', message: 'The core has no clock.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date']", message: 'The core has no clock.' },
      ],
      'no-restricted-globals': ['error', 'performance', 'process', 'window', 'document', 'fetch'],
    },
  },
];
export default config;
