import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { aPlayer, aShot } from '@/core/testing/fixtures';
import { calledFirst, type Leader } from '../calls/leaders';
import { FACTOR } from '../changes/factors';
import { prescribe } from '../calls/prescribe';
import { cellValue, doubtfulCells, settlingCell, type MapCell } from './callMap';

const question = { player: aPlayer(), shot: aShot(16, 3), seed: 7 };
const across = { factor: 'distance', low: 8, high: 28, cells: 5 } as const;
const up = { factor: 'lip', low: 0.2, high: 2.6, cells: 3 } as const;

const leader = (club: string): Leader => ({
  club,
  kind: 'splash',
  school: 'parallel',
  faceDeg: 2,
  score: 3,
  cost: 3,
});
const cell = (club: string | null, margin = 0.2): MapCell => ({
  x: 1,
  y: 1,
  best: club === null ? null : leader(club),
  margin,
});

test('a settled cell is what the desk calls there', () => {
  for (const place of [
    [0, 1],
    [1, 3],
    [2, 2],
  ] as const) {
    const settled = toTheEnd(settlingCell(question, across, up, place));
    const shot = FACTOR.lip.set(
      FACTOR.distance.set(question.shot, cellValue(across, place[1])),
      cellValue(up, place[0]),
    );
    const [first] = prescribe({ ...question, shot }).calls;
    expect(settled).toMatchObject({
      x: cellValue(across, place[1]),
      y: cellValue(up, place[0]),
      settled: true,
    });
    expect(settled.best?.club).toBe(first!.setup.club.name);
    expect(calledFirst({ ...question, shot })).toEqual(settled.best);
    expect(settled.margin).toBeGreaterThanOrEqual(0);
  }
});

test('where nothing gets out a settled cell says so', () => {
  const high = { ...up, low: 7, high: 9 };
  expect(toTheEnd(settlingCell(question, across, high, [2, 0])).best).toBeNull();
});

test('close cells, and those beside another call, are in doubt; the middle of a region is not', () => {
  const rows = [
    [cell('56'), cell('56'), cell('56'), cell('60')],
    [cell('56'), cell('56', 0.01), cell('56'), cell('60')],
    [cell('56'), cell('56'), cell('56'), cell(null)],
  ];
  expect(doubtfulCells(rows)).toEqual([
    [0, 2],
    [0, 3],
    [1, 1],
    [1, 2],
    [1, 3],
    [2, 2],
    [2, 3],
  ]);
});
