import type { CallSheet } from '@/core/tell/sheet/callSheet';
import type { ChangeEntry } from '@/core/tell/answer/changes';
import { chanceWords } from '@/core/tell/words/words';
import { techniqueName } from '@/core/tell/words/techniques';

/** Calls that are told in full. */
const IN_FULL = 3;

/** Club and kind of a call; relief takes no club. */
const nameOf = ({ club, kind }: CallSheet['calls'][number]): string =>
  kind === 'relief' ? 'relief' : `${club}, ${kind}`;

/** A call sheet as a readable page of text. */
export function prettySheet(sheet: CallSheet & { changes_when?: readonly ChangeEntry[] }): string {
  const lines: string[] = [];
  for (const call of sheet.calls.slice(0, IN_FULL)) {
    const { odds, predicted } = call;
    lines.push(
      `${call.rank}. ${nameOf(call)}, ${techniqueName(call.school)}`,
      `   ${odds.expected_strokes.toFixed(2)} strokes to hole out; out ${chanceWords(odds.out)}, on the green ${chanceWords(odds.green)}, thin ${chanceWords(odds.thin)}`,
      `   carries ${predicted.carry_yd} yd, runs ${predicted.run_yd} yd, ${predicted.apex_ft} ft high`,
      ...(call.say ? [`   ${call.say}`] : []),
      ...call.why.map(({ text }) => `   - ${text}`),
      ...call.cautions.map((text) => `   ! ${text}`),
      '',
    );
  }
  const lower = sheet.calls.slice(IN_FULL);
  if (lower.length > 0) {
    lines.push('Then:');
    for (const { rank, club, kind, school, odds } of lower) {
      const said = kind === 'relief' ? techniqueName(school) : `${club}, ${school}`;
      lines.push(`  ${rank}. ${said}: ${odds.expected_strokes.toFixed(2)}`);
    }
    lines.push('');
  }
  if (sheet.changes_when?.length) {
    lines.push('When the call changes', ...sheet.changes_when.map(({ text }) => `  ${text}`), '');
  }
  if (sheet.ruled_out.length > 0) {
    lines.push('Ruled out:');
    for (const { club, school, reason } of sheet.ruled_out) {
      lines.push(`  ${club}, ${school}: ${reason}`);
    }
    lines.push('');
  }
  lines.push(...sheet.worth_learning.flatMap(({ text }) => text ?? []));
  if (sheet.tie) lines.push(sheet.tie);
  lines.push(...sheet.notes);
  return lines.join('\n').trimEnd();
}
