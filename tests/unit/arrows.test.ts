import { ESLint } from 'eslint';

/** What the linter says of an import written in a file of the house. */
async function complaints(filePath: string, code: string): Promise<string[]> {
  const [result] = await new ESLint().lintText(code, { filePath });
  return result!.messages
    .filter(({ ruleId }) => ruleId?.startsWith('no-restricted'))
    .map(({ message }) => message);
}

const imports = (from: string): string => `import { x } from '${from}';\nexport const y = x;\n`;

test.each([
  ['src/core/club/new.ts', '@/data/players'],
  ['src/core/club/new.ts', '../../ui/desk/Desk'],
  ['src/core/club/new.ts', 'react'],
  ['src/core/club/new.ts', 'node:fs'],
  ['src/data/new.ts', '@/app/page'],
  ['src/ui/desk/New.tsx', '@/data/players'],
  ['src/workers/new.ts', '@/data/players'],
  ['src/cli/new.ts', '@/ui/desk/Desk'],
])('%s may not import %s', async (file, from) => {
  expect(await complaints(file, imports(from))).toHaveLength(1);
});

test.each([
  ['src/core/club/new.ts', '../units/angle'],
  ['src/data/new.ts', '@/core/units/angle'],
  ['src/ui/desk/New.tsx', '@/core/units/angle'],
  ['src/app/new/page.tsx', '@/data/players'],
])('%s may import %s', async (file, from) => {
  expect(await complaints(file, imports(from))).toEqual([]);
});

test.each(['Math.random()', 'Date.now()', 'new Date()', 'performance.now()'])(
  'the core may not say %s',
  async (code) => {
    const said = await complaints('src/core/club/new.ts', `export const x = ${code};\n`);
    expect(said.length).toBeGreaterThan(0);
  },
);
