import { performance } from 'node:perf_hooks';
import { sheetFor } from '@/core/tell/answer/answer';
import { changeEntries } from '@/core/tell/answer/changes';
import type { CallSheet } from '@/core/tell/sheet/callSheet';
import { readSituation } from '@/core/tell/format/situation';
import { command } from './input';
import { prettySheet } from './pretty';

const USAGE = `usage: npm run -s prescribe -- [--pretty] [--lines] [--changes] FILE|-
  --pretty   a readable sheet instead of JSON
  --lines    JSON Lines in and out, one for one
  --changes  also when the call changes (takes a few seconds)`;

function answer(input: unknown, flags: ReadonlySet<string>): object {
  const reading = readSituation(input);
  const { sheet } = sheetFor(reading, 'yards', () => performance.now());
  if (!flags.has('--changes')) return sheet;
  return { ...sheet, changes_when: changeEntries(reading, 'yards', sheet.calls[0]) };
}

process.exitCode = command(
  process.argv.slice(2),
  USAGE,
  ['--pretty', '--lines', '--changes'],
  answer,
  (sheet, flags) =>
    flags.has('--pretty') ? prettySheet(sheet as CallSheet) : JSON.stringify(sheet, null, 2),
);
