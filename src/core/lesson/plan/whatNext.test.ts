import { timetable } from './timetable';
import { whatNext, type Visit } from './whatNext';

const turns = timetable(3, [1, 2, 2, 3], 10);
const key = ({ player, station }: Visit): string => `${player}/${station}`;

test('going where it says leads through every visit of the timetable once, and then says that all are done', () => {
  const done = new Set<string>();
  let at: Visit | null = { player: 0, station: turns[0]!.places[0]! };
  const went: string[] = [];
  while (at) {
    done.add(key(at));
    went.push(key(at));
    at = whatNext(turns, at, (visit) => done.has(key(visit)));
  }
  expect(went).toHaveLength(12);
  expect(new Set(went).size).toBe(12);
});

test('visits that were passed over come after those that follow', () => {
  const own = timetable(1, [1, 2, 3], 10);
  const [first, second, last] = own.flatMap(({ places }) =>
    places.filter((place) => place !== null),
  );
  const isDone = ({ station }: Visit): boolean => station !== first;
  const from = (station: number | undefined) =>
    whatNext(own, { player: 0, station: station! }, isDone)?.station;
  expect([from(second), from(last)]).toEqual([first, first]);
});
