import type { MapCell } from '@/core/search/map/callMap';
import type { Leader } from '@/core/search/calls/leaders';
import { mapAxis } from '@/core/search/map/mapAxis';
import { axisTicks, axisValueWords } from './axes';
import { mapCsv } from './mapCsv';
import { callKey } from '@/core/search/calls/call';
import { legendOf } from './legend';

const leader = (club: string, kind: Leader['kind'] = 'splash'): Leader => ({
  club,
  kind,
  school: 'across',
  faceDeg: 10,
  strokes: 3,
  score: 3,
  cost: 3,
});
const cell = (best: Leader | null, tied: Leader | null = null): MapCell => ({
  x: 10,
  y: 1,
  best,
  tied,
  settled: false,
});

test('the legend names each call once, those with most cells first, with letters of their own', () => {
  const cells = [cell(leader('60')), cell(leader('56')), cell(leader('56')), cell(null)];
  const legend = legendOf(cells);
  expect(legend.map(({ letter, words }) => [letter, words])).toEqual([
    ['A', '56 splash'],
    ['B', '60 splash'],
  ]);
  expect(legend[0]!.key).toBe(callKey(leader('56')));
});

test('a club that is only as good has a letter too, after those that are called', () => {
  const cells = [cell(leader('56'), leader('60')), cell(leader('52'))];
  expect(legendOf(cells).map(({ words }) => words)).toEqual([
    '56 splash',
    '52 splash',
    '60 splash',
  ]);
});

test('a splash from far is one region with the splash from near', () => {
  const legend = legendOf([cell(leader('52')), cell(leader('52', 'long-splash'))]);
  expect(legend.map(({ words }) => words)).toEqual(['52 splash']);
});

test('a call keeps its letter and its ink while the map fills', () => {
  const first = legendOf([cell(leader('60')), cell(leader('56')), cell(leader('60'))]);
  const later = legendOf([cell(leader('56')), cell(leader('52')), cell(leader('56'))], first);
  expect(later.slice(0, 2)).toEqual(first);
  expect(later[2]).toMatchObject({ letter: 'C', words: '52 splash' });
});

test('many calls keep patterns apart', () => {
  const cells = Array.from({ length: 20 }, (_, i) => cell(leader(String(40 + i))));
  const looks = legendOf(cells).map(({ fill, angle, gap }) => `${fill}/${angle}/${gap}`);
  expect(new Set(looks).size).toBe(20);
});

test('axes have ticks from end to end, said in the units of the desk', () => {
  const ticks = axisTicks(mapAxis('distance', 40), 6, 'yards');
  expect(ticks.map(({ text }) => text)).toEqual(
    ['6', '16', '26', '36', '46', '56'].map((yards) => `${yards}\u00a0yd`),
  );
  expect(axisValueWords('wind', -12, 'metres')).toBe('12\u00a0m/s against');
  expect(axisValueWords('wind', 0, 'metres')).toBe('0\u00a0m/s');
});

test('a map as CSV has a line a cell, and no cell that a spreadsheet would run', () => {
  const cells = [cell(leader('=SUM(A1)'), leader('60')), cell(null)];
  const csv = mapCsv(cells, mapAxis('distance', 2), mapAxis('lip', 1), 'yards');
  const lines = csv.trim().split('\r\n');
  expect(lines).toHaveLength(3);
  expect(lines[0]).toMatch(/^distance_yd,lip_ft,club,.*as_good/);
  expect(lines[1]).toMatch(/,60,nearest$/);
  expect(csv).toContain("'=SUM(A1)");
  expect(csv).not.toContain('\u00a0');
  const settled = mapCsv(
    [{ ...cell(leader('56')), settled: true }],
    mapAxis('distance', 1),
    mapAxis('lip', 1),
    'yards',
  );
  expect(settled).toMatch(/,here$/);
});
