import { AT_WORK } from '../faults/causes';
import { drillsFor } from './chosen';
import { LOADS, readDrill, TRAINED, type NamedDrill } from './drill';
import { DOSES, dosedBalls, dosedWithin } from './dose';
import { doseWords, drillLine, itemsNamedIn } from '@/core/tell/drills/doseWords';
import { drillsFile, readDrillsFile } from './drillFile';
import { drillsWith, libraryDrill, libraryDrills } from '@/core/tell/drills/libraryWords';
import { mostBalls } from './load';
import { careOf } from '@/core/tell/drills/loadWords';

const without = ({ id: _id, ...drill }: NamedDrill) => drill;
const LIBRARY = libraryDrills();
const line = libraryDrill('line');

describe('the library', () => {
  test('is read like any coach’s drill, each under an id and a name of its own', () => {
    expect(LIBRARY.length).toBeGreaterThanOrEqual(18);
    for (const drill of LIBRARY) expect(readDrill(without(drill))).toEqual(without(drill));
    for (const of of [({ id }: NamedDrill) => id, ({ name }: NamedDrill) => name]) {
      expect(new Set(LIBRARY.map(of)).size).toBe(LIBRARY.length);
    }
    expect(() => libraryDrill('none')).toThrow('there is no drill "none"');
  });

  test('has a drill for every cause and for everything that is trained', () => {
    const cured = new Set(LIBRARY.flatMap(({ cures }) => cures));
    expect([...cured].sort()).toEqual(AT_WORK.map(({ id }) => id).sort());
    const trained = new Set(LIBRARY.flatMap(({ trains }) => trains));
    expect([...trained].sort()).toEqual([...TRAINED].sort());
  });

  test('tells lengths in hands, balls and paces, whatever units are read', () => {
    const told = LIBRARY.flatMap(({ brief, purpose, steps, easier, harder, counts }) => [
      ...[brief, purpose, easier, harder, counts],
      ...steps,
    ]).join(' ');
    expect(told).not.toMatch(/\b(yards?|yd|metres?|cm|inch(es)?|ft)\b/);
  });

  test('keeps no more balls than a body takes in one session', () => {
    for (const { balls, load } of LIBRARY) expect(balls).toBeLessThanOrEqual(mostBalls(load, []));
    for (const load of LOADS) {
      expect(mostBalls(load, ['wrist'])).toBeLessThan(mostBalls(load, []));
    }
    expect(mostBalls('buried', ['back'])).toBe(0);
    expect(careOf(libraryDrill('buried')).join(' ')).toMatch(/half effort/);
    expect(careOf(line).join(' ')).toMatch(/Rules of Golf do not allow/);
  });
});

test('changed drills stand in the library’s place, own ones behind it, archived ones are not offered', () => {
  const changed = { ...without(line), balls: 14 };
  const own = { ...without(line), name: 'Rope', cures: ['too-steep'] };
  const drills = drillsWith([
    { id: 'rope', drill: own, archived: false },
    { id: 'line', drill: changed, archived: false },
    { id: 'box', drill: null, archived: true },
  ]);
  expect(drills).toHaveLength(LIBRARY.length + 1);
  expect(drills[0]).toMatchObject({ id: 'line', balls: 14, from: 'changed' });
  expect(drills.at(-1)).toMatchObject({ id: 'rope', from: 'own' });
  const offered = drillsFor(drills, 'too-steep').map(({ id }) => id);
  expect(offered).not.toContain('box');
  expect(offered.slice(0, 2).sort()).toEqual(['rope', 'two-lines']);
});

describe('a file of drills', () => {
  test('is read as it was written', () => {
    const file = JSON.parse(JSON.stringify(drillsFile(LIBRARY)));
    expect(readDrillsFile(file)).toEqual(LIBRARY);
  });

  test.each([
    ['a drill without a name', { ...line, name: '' }, 'drills[0].name'],
    ['no steps', { ...line, steps: [] }, 'drills[0].steps'],
    ['more balls than a session has', { ...line, balls: 400 }, 'drills[0].balls'],
    [
      'a mark of another kind',
      { ...line, marks: [{ kind: 'hole', from_cm: 1 }] },
      'drills[0].marks[0].kind',
    ],
    ['a field of another format', { ...line, video: 'x' }, 'drills[0].video'],
  ])('refuses %s by its path', (_, drill, path) => {
    const file = { ...drillsFile([]), drills: [drill] };
    expect(() => readDrillsFile(file)).toRefuse(path);
  });

  test('refuses an id that stands twice', () => {
    expect(() => readDrillsFile(drillsFile([line, line]))).toRefuse(
      'drills[1].id: "line" is there twice',
    );
  });
});

describe('how much of a drill', () => {
  test('is what a homework said, drill by drill, however it is written around it', () => {
    const [first, second] = [libraryDrill('line'), libraryDrill('box')];
    const said = (drill: NamedDrill, sets: number, balls: number): string =>
      drillLine({ fix: 'Weight forward.', drill: drill.brief }, { sets, balls });
    for (const sets of DOSES.sets) {
      for (const balls of DOSES.balls) {
        const [item] = itemsNamedIn(`Well done.\n${said(first, sets, balls)} On Friday.`, LIBRARY);
        expect(item).toMatchObject({ drill: 'line' });
        // No plan holds more than sixty balls of a drill: what is over is left out in whole sets.
        expect(item!.balls).toBeLessThanOrEqual(60);
        if (sets * balls <= 60) expect(item!.balls).toBe(sets * balls);
        expect(item!.balls % balls).toBe(0);
      }
    }
    const both = `${said(second, 3, 8)}\n${said(first, 1, 10)}`;
    expect(itemsNamedIn(both, LIBRARY)).toEqual([
      { drill: 'box', balls: 24, sets: 3 },
      { drill: 'line', balls: 10 },
    ]);
    expect(itemsNamedIn(`Think about it.\n${first.brief} As often as you like.`, LIBRARY)).toEqual(
      [],
    );
  });

  test('is cut in whole sets where a set fits', () => {
    expect(dosedWithin({ balls: 24, sets: 3 }, 30)).toEqual({ balls: 24, sets: 3 });
    expect(dosedWithin({ balls: 24, sets: 3 }, 20)).toEqual({ balls: 16, sets: 2 });
    expect(dosedWithin({ balls: 24, sets: 3 }, 10)).toEqual({ balls: 8 });
    expect(dosedWithin({ balls: 24, sets: 3 }, 5)).toEqual({ balls: 5 });
    expect(dosedWithin({ balls: 24 }, 5)).toEqual({ balls: 5 });
    expect(dosedBalls({ balls: 25, sets: 3 })).toBe('25');
    expect(doseWords({ sets: 3, balls: 8 })).toBe('3 sets of 8 balls');
  });
});
