import { readdirSync } from 'node:fs';
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
  ['src/core/ground/club/new.ts', '@/data/players'],
  ['src/core/ground/club/new.ts', 'react'],
  ['src/core/ground/club/new.ts', 'node:fs'],
  ['src/core/ground/club/new.ts', '../sand/presets'],
  ['src/core/ground/sand/new.ts', '@/core/model/swing/setup'],
  ['src/core/model/swing/new.ts', '../shot/play'],
  ['src/core/model/shot/new.ts', '@/core/search/calls/call'],
  ['src/core/search/calls/new.ts', '../changes/quick'],
  ['src/core/search/calls/new.ts', '@/core/tell/words/words'],
  ['src/core/tell/format/new.ts', '@/core/lesson/balls/ball'],
  ['src/core/tell/format/new.ts', '@/core/tell/sheet/callSheet'],
  ['src/core/lesson/faults/new.ts', '../review/against'],
  ['src/core/lesson/faults/new.ts', '../../tell/words/words'],
  ['src/core/lesson/faults/new.ts', '@/core/testing/fixtures'],
  ['src/data/new.ts', '@/app/page'],
  ['src/ui/desk/New.tsx', '@/data/players'],
  ['src/workers/new.ts', '@/data/players'],
  ['src/cli/new.ts', '@/ui/desk/Desk'],
])('%s may not import %s', async (file, from) => {
  expect(await complaints(file, imports(from))).toHaveLength(1);
});

test.each([
  ['src/core/ground/club/new.ts', '../units/angle'],
  ['src/core/model/shot/new.ts', '../swing/setup'],
  ['src/core/lesson/review/new.ts', '@/core/model/shot/play'],
  ['src/data/new.ts', '@/core/ground/units/angle'],
  ['src/ui/desk/New.tsx', '@/core/ground/units/angle'],
  ['src/app/new/page.tsx', '@/data/players'],
])('%s may import %s', async (file, from) => {
  expect(await complaints(file, imports(from))).toEqual([]);
});

test.each(['Math.random()', 'Date.now()', 'new Date()', 'performance.now()'])(
  'the core may not say %s',
  async (code) => {
    const said = await complaints('src/core/ground/club/new.ts', `export const x = ${code};\n`);
    expect(said.length).toBeGreaterThan(0);
  },
);

test('the list of rooms is that of the folders, so that no room stands outside of it', async () => {
  for (const floor of readdirSync('src/core').filter((each) => each !== 'testing')) {
    for (const room of readdirSync(`src/core/${floor}`)) {
      const said = await complaints(`src/core/${floor}/${room}/new.ts`, imports('../../x/y'));
      expect([`${floor}/${room}`, said.length]).toEqual([`${floor}/${room}`, 1]);
    }
  }
});
