import type { StationGround } from '@/core/place/fire/stationGround';
import { acrossOn, turnsOf } from './turnsOf';

const ground = (x: number, y: number, hx: number, hy: number, place = 'p'): StationGround => ({
  place,
  bunker: 'b',
  green: 'g',
  flag: 'f',
  ball: { x_m: x, y_m: y },
  hole: { x_m: hx, y_m: hy },
  outlines: [],
});

test('stations that play across each other are never used at a time, others are', () => {
  const stations = [
    { line: 1, ground: ground(0, 0, 0, 20) },
    { line: 2, ground: ground(40, 0, 40, 20) },
    { line: 3, ground: ground(-10, 12, 60, 12) },
    { line: 3 },
  ];
  const across = acrossOn(stations);
  const turns = turnsOf(5, stations, 10);
  let together = 0;
  for (const { places } of turns) {
    const used = places.filter((place) => place !== null);
    for (const a of used) {
      for (const b of used) {
        if (a >= b) continue;
        together += 1;
        expect(across(a, b)).toBe(false);
        expect(stations[a]!.line).not.toBe(stations[b]!.line);
      }
    }
  }
  expect(together).toBeGreaterThan(0);
  for (const player of [0, 1, 2, 3, 4]) {
    const visited = turns.flatMap(({ places }) => places[player] ?? []);
    expect([...visited].sort()).toEqual([0, 1, 2, 3]);
  }
});

test('ground of different places says nothing of each other', () => {
  const across = acrossOn([
    { ground: ground(0, 0, 0, 20) },
    { ground: ground(-10, 10, 10, 10, 'q') },
    {},
  ]);
  expect(across(0, 1)).toBe(false);
  expect(across(0, 2)).toBe(false);
});
