import { execFileSync } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { ESLint } from 'eslint';

/** The rooms of the house as the linter reads them, which is outside of this runner's sandbox. */
const ROOMS: readonly string[] = JSON.parse(
  execFileSync(
    process.execPath,
    [
      '--input-type=module',
      '--eval',
      "import('./lint/house.mjs').then(({ ROOMS }) => console.log(JSON.stringify(ROOMS)))",
    ],
    { encoding: 'utf8' },
  ),
);

/** What the linter says of an import written in a file of the house. */
async function complaints(filePath: string, code: string): Promise<string[]> {
  const [result] = await new ESLint().lintText(code, { filePath });
  return result!.messages
    .filter(({ ruleId }) => ruleId?.startsWith('no-restricted') || ruleId === 'house/arrows')
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
  ['src/core/contract/shot/new.ts', '@/core/lesson/balls/ball'],
  ['src/core/place/record/new.ts', '@/core/tell/words/words'],
  ['src/core/lesson/faults/new.ts', '../review/against'],
  ['src/core/lesson/faults/new.ts', '../../tell/words/words'],
  ['src/core/lesson/faults/new.ts', '@/core/testing/fixtures'],
  ['src/data/new.ts', '@/core/tell/facts/sayFact'],
  ['src/data/new.ts', '@/app/page'],
  ['src/ui/desk/New.tsx', '@/data/players'],
  ['src/ui/desk/New.tsx', '@/workers/server/pool'],
  ['src/ui/desk/New.tsx', '../lessons/RunPage'],
  ['src/ui/desk/state/new.ts', '../overlays/ByHand'],
  ['src/ui/drawing/New.tsx', './section/Section'],
  ['src/ui/lessons/New.tsx', '../players/Rack'],
  ['src/ui/kit/New.tsx', '../frame/TopBar'],
  ['src/ui/newroom/New.tsx', '../kit/units'],
  ['src/ui/desk/New.tsx', '../newroom/New'],
  ['src/workers/page/new.ts', '@/data/players'],
  ['src/workers/page/new.ts', '@/ui/kit/units'],
  ['src/workers/server/new.ts', '@/data/players'],
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
  ['src/ui/desk/New.tsx', './overlays/ByHand'],
  ['src/ui/players/New.tsx', '../lessons/History'],
  ['src/ui/engine/new.ts', '@/workers/page/thread'],
  ['src/workers/server/new.ts', '@/ui/paper/pdf'],
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

test('an import that is made while the program runs, or passed on, is looked at too', async () => {
  const file = 'src/ui/kit/new.ts';
  expect(await complaints(file, "export * from '../frame/TopBar';\n")).toHaveLength(1);
  expect(await complaints(file, "export const x = import('../frame/TopBar');\n")).toHaveLength(1);
});

test('every folder that holds a file is a room or lies in one, and every room is a folder', () => {
  const folders = readdirSync('src', { recursive: true, withFileTypes: true })
    .filter((each) => each.isFile() && /\.tsx?$/.test(each.name))
    .map(({ parentPath }) => path.relative('src', parentPath));
  const outside = folders.filter(
    (folder) => !ROOMS.some((room) => folder === room || folder.startsWith(`${room}/`)),
  );
  // What the framework itself looks for stands at the top.
  expect(new Set(outside)).toEqual(new Set(['']));
  expect(ROOMS.filter((room) => !existsSync(path.join('src', room)))).toEqual([]);
});
