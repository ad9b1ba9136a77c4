import next from 'eslint-config-next';
import tseslint from 'typescript-eslint';
import house from './lint/arrows.mjs';

const PURE = {
  regex: '^(react|react-dom|next|node:.*|@electric-sql/.*)(/|$)',
  message: 'src/core is pure: no interface, no server, no input or output.',
};

const CHANCE_AND_TIME = [
  { object: 'Math', property: 'random', message: 'The core is deterministic: pass a seed.' },
  { object: 'Date', property: 'now', message: 'The core has no clock.' },
];
const BARE_CSV = {
  object: 'Papa',
  property: 'unparse',
  message: 'A spreadsheet may take its text for formulas: src/core/ground/table/csv.ts.',
};
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
      '**/*.as.ts',
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
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    plugins: { house },
    rules: { 'house/arrows': 'error' },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-imports': ['error', { patterns: [PURE] }] },
  },
  {
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-properties': ['error', ...CHANCE_AND_TIME, BARE_CSV],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date']", message: 'The core has no clock.' },
      ],
      'no-restricted-globals': ['error', 'performance', 'process', 'window', 'document', 'fetch'],
    },
  },
  {
    files: ['src/{app,cli,data,demo,ui,workers}/**/*.{ts,tsx}'],
    rules: { 'no-restricted-properties': ['error', BARE_CSV] },
  },
  {
    files: ['src/core/ground/table/csv.ts'],
    rules: { 'no-restricted-properties': ['error', ...CHANCE_AND_TIME] },
  },
];
config.push({
  files: ['src/data/**/*.ts'],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            regex: '^@/core/tell(/|$)',
            message: 'What is stored is facts; src/core/tell makes the words of them.',
          },
        ],
      },
    ],
  },
});
const WHOLE_DATA = {
  name: '@/data/database',
  message: 'Pages and routes see the data as whoever asks may: src/app/data.ts.',
};
config.push({
  files: ['src/app/**/*.{ts,tsx}'],
  ignores: [
    'src/app/data.ts',
    'src/app/admission.ts',
    'src/app/startup.ts',
    'src/app/ofPlayer.ts',
    'src/app/api/deviceLines.ts',
    '**/*.test.ts',
  ],
  rules: { 'no-restricted-imports': ['error', { paths: [WHOLE_DATA] }] },
});
const STORAGE = 'It may be full or refused: src/ui/kit/kept.ts.';
config.push({
  files: ['src/ui/**/*.{ts,tsx}'],
  ignores: ['src/ui/kit/kept.ts', 'src/ui/lessons/waitingBalls.ts', '**/*.test.{ts,tsx}'],
  rules: {
    'no-restricted-globals': [
      'error',
      { name: 'sessionStorage', message: STORAGE },
      { name: 'localStorage', message: STORAGE },
    ],
  },
});
export default config;
