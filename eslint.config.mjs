import next from 'eslint-config-next';
import tseslint from 'typescript-eslint';

/** Wings of the house, and which of them each may look into. */
const WINGS = {
  core: [],
  data: ['core'],
  ui: ['core', 'workers'],
  workers: ['core', 'ui'],
  demo: ['core', 'data'],
  cli: ['core', 'data', 'workers'],
  app: ['core', 'data', 'ui', 'demo', 'workers'],
};

/**
 * Floors of the core and their rooms, from the ground up: a room looks into those that stand before it in this list, on its own
 * floor or below. So there are no rings.
 */
const CORE = {
  ground: 'numeric units ball arc club sand situation player measure',
  model: 'swing passage strike flight green golfer strokes spread putt shot',
  search: 'schools candidates calls changes map ladder audit',
  tell: 'words script why format reading grammar sheet picture answer',
  lesson: 'players plan balls learning faults review exchange tracker pocket',
};

const wings = Object.keys(WINGS);
const floors = Object.keys(CORE);
const one = (names) => `(${names.join('|')})(/|$)`;

/** Forbids imports from `wing` into any wing it may not look into, by alias or by relative path. */
function arrows(wing) {
  const closed = wings.filter((other) => other !== wing && !WINGS[wing].includes(other));
  return {
    regex: `^(@/|(\\.\\./)+)${one(closed)}`,
    message: `src/${wing} may only import from: ${WINGS[wing].join(', ') || 'itself'}.`,
  };
}

const PURE = {
  regex: '^(react|react-dom|next|node:.*|@electric-sql/.*)(/|$)',
  message: 'src/core is pure: no interface, no server, no input or output.',
};

const rule = (files, patterns) => ({
  files,
  ignores: ['**/*.test.{ts,tsx}'],
  rules: { 'no-restricted-imports': ['error', { patterns }] },
});

/** Forbids imports from a room of the core into one that stands behind it, and floors that are reached by `../..`. */
function roomArrows(floor, room) {
  const rooms = CORE[floor].split(' ');
  const behind = rooms.slice(rooms.indexOf(room) + 1);
  const above = [...floors.slice(floors.indexOf(floor) + 1), 'testing'];
  const message = `${floor}/${room} stands below what it would look into.`;
  return rule(
    [`src/core/${floor}/${room}/**/*.ts`],
    [
      arrows('core'),
      PURE,
      { regex: `^@/core/${one(above)}`, message },
      ...(behind.length > 0
        ? [{ regex: `^(\\.\\./|@/core/${floor}/)${one(behind)}`, message }]
        : []),
      { regex: '^\\.\\./\\.\\./', message: 'Another floor is reached by @/core/<floor>/<room>.' },
    ],
  );
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
  ...wings
    .filter((wing) => wing !== 'core')
    .map((wing) => rule([`src/${wing}/**/*.{ts,tsx}`], [arrows(wing)])),
  rule(['src/core/**/*.ts'], [arrows('core'), PURE]),
  ...floors.flatMap((floor) => CORE[floor].split(' ').map((room) => roomArrows(floor, room))),
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
