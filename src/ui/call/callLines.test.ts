import { readFileSync } from 'node:fs';
import { answer } from '@/core/tell/answer/answer';
import { ballLines, callName, difference, oddsLines, said, setupLines } from './callLines';

const { sheet } = answer(
  JSON.parse(readFileSync('examples/greenside.json', 'utf8')),
  'yards',
  () => 0,
);
const [first, second] = sheet.calls as [(typeof sheet.calls)[0], (typeof sheet.calls)[0]];

test('every line of a comparison is a number of the call, in the units of the desk', () => {
  for (const units of ['yards', 'metres'] as const) {
    for (const line of [...ballLines(units), ...oddsLines(units)]) {
      expect(said(line, first)).toMatch(/^-?\d+(\.\d+)?$|^–$/);
    }
    for (const line of setupLines(units)) expect(said(line, first)).toMatch(/^-?\d/);
  }
  const [carry] = ballLines('metres');
  expect(said(carry!, first)).toBe(String(Math.round(first.predicted.carry_yd * 9.144) / 10));
});

test('a difference is the difference of what is said, and nothing where both are said alike', () => {
  const line = { name: 'x', of: (call: { x: number | null }) => call.x, digits: 0 };
  expect(difference(line, { x: 50.4 }, { x: 50.6 })).toBe('+1');
  expect(difference(line, { x: 50.6 }, { x: 51.4 })).toBe('');
  expect(difference(line, { x: 3 }, { x: 1 })).toBe('−2');
  expect(difference(line, { x: null }, { x: 1 })).toBe('');
});

test('calls are named by rank, club and school', () => {
  expect(callName(first)).toMatch(/^1\. \S+, [a-z ,]+$/);
  expect(callName(second)).toMatch(/^2\. /);
  expect(callName({ ...first, toward_deg: -90 })).toMatch(/90° from the flag$/);
});
