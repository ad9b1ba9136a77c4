import { newNames } from '@/core/tell/place/newNames';
import { box, plainPlace } from '@/core/testing/place';
import { shapeAbout } from '../survey/shapes';
import {
  movedBy,
  shapeById,
  withArea,
  withBunker,
  withCornerAfter,
  withCornerAt,
  withCut,
  withDepth,
  withFlag,
  withGreen,
  withoutCorner,
  withoutShape,
  withSand,
  withShape,
} from './edit';
import { emptyPlace, readPlace, type Bunker, type GreenOn } from './place';
import { flagOn, sandOn } from './onDay';

const NAMES = newNames();

test('what is added is a whole place that can be saved, each with a name and an id of its own', () => {
  const first = withBunker(emptyPlace('x'), shapeAbout('kidney', [0, 0]), NAMES);
  const second = withBunker(first.place, shapeAbout('pot', [20, 0]), NAMES, { lips: [null, 1.2] });
  const green = withGreen(second.place, shapeAbout('round', [0, 25]), NAMES);
  const { place, id } = withArea(green.place, 'out-of-bounds', box([40, 0], [60, 20]));
  expect(readPlace(place)).toEqual(place);
  expect(place.bunkers.map(({ id: each }) => each)).toEqual(['bunker-1', 'bunker-2']);
  expect(place.bunkers[1]!.outline.map(({ lip_m }) => lip_m).slice(0, 3)).toEqual([1.2, 1.2, 1.2]);
  expect(place.areas[0]).toMatchObject({ id, name: 'Out of bounds 1' });
  const flagged = withShape<GreenOn>(place, green.id, (now) => withFlag(now, NAMES));
  expect(readPlace(flagged).greens[0]!.flags.map(({ name }) => name)).toEqual(['Middle', 'Flag 2']);
  expect(withoutShape(place, first.id).bunkers.map(({ name }) => name)).toEqual(['Bunker 2']);
  expect(withBunker(withoutShape(place, first.id), shapeAbout('pot', [0, 0]), NAMES).id).toBe(
    'bunker-1',
  );
});

test('corners are moved, put between and taken out, with their lips', () => {
  const place = plainPlace();
  const [bunker] = place.bunkers as [Bunker];
  const moved = withCornerAt(bunker, 2, [5.00049, 4]);
  expect(moved.outline[2]).toEqual({ x_m: 5, y_m: 4, lip_m: 1 });
  const higher: Bunker = {
    ...bunker,
    outline: bunker.outline.map((each, i) => ({ ...each, lip_m: i })),
  };
  const between = withCornerAfter(higher, 3);
  expect(between.outline).toHaveLength(5);
  expect(between.outline[4]).toEqual({ x_m: -4, y_m: 0, lip_m: 1.5 });
  expect(withoutCorner(between, 4)).toEqual(higher);
  const three = withoutCorner(bunker, 0);
  expect(withoutCorner(three, 0)).toBe(three);
});

test('what is moved takes along what stands on it', () => {
  const { greens } = plainPlace();
  const moved = movedBy(greens[0]!, [10, -2]);
  expect(moved.flags[0]).toMatchObject({ x_m: 10, y_m: 14 });
  expect(moved.outline[0]).toEqual({ x_m: -2, y_m: 8 });
  expect(shapeById(plainPlace(), 'green')?.list).toBe('greens');
  expect(shapeById(plainPlace(), 'nothing')).toBeNull();
});

test('what is seen of the sand on a day stands beside earlier days', () => {
  const [bunker] = plainPlace().bunkers;
  const first = withSand(bunker!, '2026-10-01', { preset: 'soft', depth_m: 0.2 });
  const later = withSand(first, '2026-11-03', { firmness: 0.7 });
  const again = withSand(later, '2026-11-03', { note: 'after the rain' });
  expect(again.sand).toEqual([
    { day: '2026-10-01', preset: 'soft', depth_m: 0.2, note: '' },
    { day: '2026-11-03', preset: 'soft', depth_m: 0.2, firmness: 0.7, note: 'after the rain' },
  ]);
});

test('the sand of a day is the latest that was seen by then', () => {
  const sand = [
    { day: '2026-11-03', preset: 'wet' as const, note: 'after the rain' },
    { day: '2026-10-01', preset: 'soft' as const, note: '' },
  ];
  expect(sandOn({ sand }, '2026-11-10')?.preset).toBe('wet');
  expect(sandOn({ sand }, '2026-10-20')?.preset).toBe('soft');
  expect(sandOn({ sand }, '2026-01-01')?.preset).toBe('soft');
  expect(sandOn({ sand: [] }, '2026-01-01')).toBeNull();
});

test('the flag of a day is the last that was cut by then, and one that nobody said is none', () => {
  const [plain] = plainPlace().greens;
  const green = withFlag(plain!, NAMES);
  const [first, second] = green.flags.map(({ id }) => id) as [string, string];
  expect(flagOn(green, '2026-11-10')).toBeNull();
  const cut = withCut(withCut(green, '2026-11-01', first), '2026-11-08', second);
  expect(flagOn(cut, '2026-10-31')).toBeNull();
  expect(flagOn(cut, '2026-11-01')?.id).toBe(first);
  expect(flagOn(cut, '2026-11-07')?.id).toBe(first);
  expect(flagOn(cut, '2026-12-24')?.id).toBe(second);
  const changed = withCut(cut, '2026-11-08', first);
  expect(flagOn(changed, '2026-11-08')?.id).toBe(first);
  expect(withCut(withCut(changed, '2026-11-08', null), '2026-11-01', null)).toEqual(green);
  const twice = {
    ...cut,
    flags: cut.flags.map((flag) => ({ ...flag, cut: ['2026-11-01'] })),
  };
  expect(() => readPlace({ ...plainPlace(), greens: [twice] })).toRefuse(/two holes are cut/);
});

test('depths at spots go along with the sand of later days and with the bunker', () => {
  const [plain] = plainPlace().bunkers;
  const felt = withDepth(withDepth(plain!, '2026-11-01', [0, 0], 0.02), '2026-11-01', [2, 0], 0.1);
  const later = withSand(felt, '2026-11-03', { preset: 'wet' });
  expect(sandOn(later, '2026-11-05')?.depths).toEqual([
    { x_m: 0, y_m: 0, depth_m: 0.02 },
    { x_m: 2, y_m: 0, depth_m: 0.1 },
  ]);
  expect(sandOn(movedBy(later, [1, -1]), '2026-11-01')?.depths?.[1]).toMatchObject({
    x_m: 3,
    y_m: -1,
  });
  expect(readPlace({ ...plainPlace(), bunkers: [later] }).bunkers[0]).toEqual(later);
});
