import { timetable } from './timetable';

/** Fewest turns of any round, found by trying all: another way than the product's, for small groups. */
function fewestOfAll(players: number, lines: readonly number[]): number {
  const all = (1 << lines.length) - 1;
  const atATime = Math.ceil((players * 2) / 3);
  type State = { left: number[]; row: number[] };
  const keyOf = ({ left, row }: State): string =>
    left
      .map((set, p) => `${set}:${set === 0 ? 0 : row[p]}`)
      .sort()
      .join(' ');
  let states = new Map<string, State>();
  const first = { left: Array(players).fill(all), row: Array(players).fill(0) };
  states.set(keyOf(first), first);
  for (let turns = 0; ; turns++) {
    const next = new Map<string, State>();
    for (const state of states.values()) {
      if (state.left.every((set) => set === 0)) return turns;
      const go = (p: number, used: number[], to: State): void => {
        if (p === players) {
          next.set(keyOf(to), to);
          return;
        }
        go(p + 1, used, {
          left: to.left,
          row: to.row.map((n, q) => (q === p ? 0 : n)),
        });
        if (state.row[p]! >= 2 || used.length >= atATime) return;
        lines.forEach((line, s) => {
          if (!(state.left[p]! & (1 << s)) || used.includes(line)) return;
          go(p + 1, [...used, line], {
            left: to.left.map((set, q) => (q === p ? set & ~(1 << s) : set)),
            row: to.row.map((n, q) => (q === p ? n + 1 : n)),
          });
        });
      };
      go(0, [], state);
    }
    states = next;
  }
}

test.each([
  [1, [1, 2, 3, 4, 5]],
  [2, [1, 2, 3, 4]],
  [2, [1, 2, 1]],
  [3, [1, 2, 3]],
  [3, [1, 1, 2]],
  [4, [1, 2, 3]],
  [4, [1, 2, 2]],
  [5, [1, 2]],
  [6, [1, 2]],
])('%i players at stations on the lines %j are round as soon as they can be', (players, lines) => {
  expect(timetable(players, lines, 10)).toHaveLength(fewestOfAll(players, lines));
});

test('three players are round three stations in five turns', () => {
  expect(timetable(3, [1, 2, 3], 10)).toHaveLength(5);
});

test('the same group has the same timetable', () => {
  expect(timetable(5, [1, 2, 3, 3, 4], 7)).toEqual(timetable(5, [1, 2, 3, 3, 4], 7));
});
