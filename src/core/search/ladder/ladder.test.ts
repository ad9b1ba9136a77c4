import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import { aClub, aPlayer, CLUB_52, CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import { fractionAtClock, swingClock } from '@/core/ground/units/clock';
import { presetSand, type SandPreset } from '@/core/ground/sand/presets';
import { toMetres } from '@/core/ground/units/length';
import { ladder, LADDER_HOURS, type Rung } from './ladder';
import { whatReaches } from './reach';

const player = aPlayer('middle', [CLUB_60, CLUB_56, CLUB_52, aClub('9i', 'iron', 41, 5, 121)]);
const golfer = golferOf(player);
const swings = sampleSwings(golfer.habits, 64, 3);
const of = (style: 'splash' | 'long' | 'pick' | 'square', sand: 'soft' | 'medium' | 'wet') =>
  ladder(player, golfer, style, [presetSand(sand)], swings);
const rungs = (row: { rungs: (Rung | null)[] }): Rung[] =>
  row.rungs.filter((rung) => rung !== null);

test('the clock is undone by its inverse', () => {
  for (const hours of LADDER_HOURS) {
    const [h, m] = swingClock(fractionAtClock(hours)).split(':').map(Number);
    expect(Math.abs(h! + m! / 60 - hours)).toBeLessThan(0.26);
  }
  expect(() => fractionAtClock(5)).toThrow(RangeError);
});

test('a longer swing carries further, and stops further than it carries', () => {
  for (const style of ['splash', 'square', 'long', 'pick'] as const) {
    for (const row of of(style, 'medium')) {
      const found = rungs(row);
      found.forEach((rung, i) => {
        expect(rung.finish).toBeGreaterThanOrEqual(rung.carry);
        expect(rung.low).toBeLessThan(rung.high);
        if (i > 0) expect(rung.carry).toBeGreaterThan(found[i - 1]!.carry);
      });
    }
  }
});

test('less loft carries further with the same swing, most loft comes first', () => {
  const [first, ...rest] = of('splash', 'medium');
  expect(first!.club).toBe('60');
  rest.forEach((row, i) => {
    const before = i === 0 ? first! : rest[i - 1]!;
    expect(rungs(row).at(-1)!.carry).toBeGreaterThan(rungs(before).at(-1)!.carry);
  });
});

test('the long ladder reaches what the splash does not; softer sand gives less', () => {
  const most = (style: 'splash' | 'long', sand: 'soft' | 'medium'): number =>
    Math.max(
      ...of(style, sand)
        .flatMap(rungs)
        .map(({ carry }) => carry),
    );
  expect(most('long', 'medium')).toBeGreaterThan(most('splash', 'medium') + 5);
  expect(most('splash', 'soft')).toBeLessThan(most('splash', 'medium') + 0.5);
});

test('over a mix of sands a rung is the mean of what it is in each, with the set-up for their middle', () => {
  const [soft, wet] = [presetSand('soft'), presetSand('wet')];
  const row = ladder(player, golfer, 'square', [soft, wet], swings)[0]!;
  const same = (sand: typeof soft) =>
    ladder(player, golfer, 'square', [sand], swings).find(({ club }) => club === row.club)!;
  rungs(row).forEach((rung, i) => {
    const [a, b] = [rungs(same(soft))[i]!, rungs(same(wet))[i]!];
    expect(rung.carry).toBeGreaterThan(Math.min(a.carry, b.carry) - 0.5);
    expect(rung.carry).toBeLessThan(Math.max(a.carry, b.carry) + 0.5);
    expect(rung.high - rung.low).toBeGreaterThan(Math.min(a.high - a.low, b.high - b.low) - 1);
  });
  const once = ladder(player, golfer, 'square', [soft], swings);
  expect(ladder(player, golfer, 'square', [soft, soft], swings)).toEqual(once);
});

test('a way of playing leaves out the clubs that it does not take', () => {
  expect(of('splash', 'medium').map(({ club }) => club)).not.toContain('9i');
  expect(of('pick', 'medium').map(({ club }) => club)).toContain('9i');
});

describe('what reaches a distance', () => {
  const find = (yards: number, to: 'carry' | 'finish', sands: SandPreset[] = ['medium']) =>
    whatReaches(
      toMetres(yards, 'yd'),
      to,
      player,
      golfer,
      ['splash', 'long', 'pick'],
      sands.map(presetSand),
      swings,
    );

  test('34 yards: the clubs that do, to within a foot, surest first', () => {
    const found = find(34, 'carry');
    const reaching = found.filter((each) => each.reaches);
    expect(reaching.length).toBeGreaterThan(0);
    for (const each of reaching) {
      expect(Math.abs(each.carry - toMetres(34, 'yd'))).toBeLessThan(0.3);
    }
    const widths = reaching.map(({ low, high }) => high - low);
    expect(widths).toEqual([...widths].sort((a, b) => a - b));
    expect(found.slice(reaching.length).every(({ reaches }) => !reaches)).toBe(true);
  });

  test('over a mix of sands the distance is meant on the mean, and balls finish as widely as they do', () => {
    const mixed = find(22, 'carry', ['soft', 'medium', 'wet']).filter((each) => each.reaches);
    expect(mixed.length).toBeGreaterThan(0);
    const alone = find(22, 'carry').filter((each) => each.reaches);
    for (const each of mixed) {
      expect(Math.abs(each.carry - toMetres(22, 'yd'))).toBeLessThan(0.3);
      const same = alone.find(({ club, style }) => club === each.club && style === each.style);
      if (same) expect(each.high - each.low).toBeGreaterThan(0.8 * (same.high - same.low));
    }
  });

  test('a club that cannot reach says how far it goes', () => {
    const sixty = find(60, 'finish').find(
      ({ club, style }) => club === '60' && style === 'splash',
    )!;
    expect(sixty).toMatchObject({ reaches: false, why: 'too-short' });
    expect(!sixty.reaches && sixty.most).toBeGreaterThan(5);
  });

  test('a distance that is none is refused', () => {
    expect(() => find(0, 'carry')).toThrow(/above 3/);
    expect(() => find(Number.NaN, 'carry')).toThrow(RangeError);
  });
});
