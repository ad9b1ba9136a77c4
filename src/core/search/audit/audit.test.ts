import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import { aClub, aPlayer, aShot, CLUB_52, CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import { degrees } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { bounceFits } from './bounceFit';
import { gapsOf } from './gaps';
import { mixOf, standardMix } from './mix';
import { SCHOOLS } from '../schools/schools';
import { clubsToTry, isAsItIs, tryClub, wedgeChanges, type WedgeChange } from './oneWedge';
import { callingClubs, NO_CLUB, usageOf } from './usage';
import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { prescribe } from '../calls/prescribe';

describe('the mix', () => {
  const mix = standardMix(64);

  test('weights add up to one, and every shot is one that can be read', () => {
    expect(mix.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1, 9);
    for (const { shot } of mix) {
      expect(shot.lip.distance).toBeLessThan(shot.edge);
      expect(shot.edge).toBeLessThan(shot.pin);
      expect(shot.pin).toBeLessThan(shot.back);
    }
  });

  test('holds what a season holds: mostly clean and near, some sunk, some long', () => {
    const share = (holds: (each: (typeof mix)[0]) => boolean): number =>
      mix.filter(holds).length / mix.length;
    expect(share(({ shot }) => fromMetres(shot.pin, 'yd') > 40)).toBeCloseTo(0.08, 1);
    expect(share(({ shot }) => shot.burial > 0.015)).toBeCloseTo(0.1, 1);
    expect(share(({ shot }) => fromMetres(shot.pin, 'yd') < 25)).toBeGreaterThan(0.7);
  });

  test('one sand only, or the readings that were made', () => {
    const densities = new Set(standardMix(16, 'firm').map(({ shot }) => shot.sand.density));
    expect(densities.size).toBe(1);
    expect(mixOf([aShot(12, 1), aShot(20, 1)])[1]!.weight).toBe(0.5);
    expect(() => mixOf([])).toThrow(/at least one/);
  });
});

describe('gaps', () => {
  test('even, wide and narrow steps are told apart, woods and putter left out', () => {
    const bag = [
      aClub('60', 'wedge', 60, 8, 71),
      aClub('56', 'wedge', 56, 12, 82),
      aClub('54', 'wedge', 54, 12, 86),
      aClub('PW', 'iron', 45, 5, 108),
      aClub('3w', 'wood', 15, 2, 200),
    ];
    const gaps = gapsOf(bag, 32, 'middle');
    expect(gaps.map(({ judgement }) => judgement)).toEqual(['even', 'narrow', 'wide']);
    expect(degrees(gaps[2]!.loft)).toBeCloseTo(9, 9);
    expect(gaps.every(({ reckoned }) => !reckoned)).toBe(true);
  });

  test('a carry that nobody said is reckoned, and said to be', () => {
    const bag = [aClub('60', 'wedge', 60, 8), aClub('52', 'wedge', 52, 10, 92)];
    const [gap] = gapsOf(bag, golferOf(aPlayer('middle', bag)).headSpeed, 'middle');
    expect(gap!.reckoned).toBe(true);
    expect(gap!.carry).toBeGreaterThan(5);
  });
});

test('soft sand wants bounce and hard sand little, and says so', () => {
  const bag = [aClub('low', 'wedge', 56, 4, 82), aClub('high', 'wedge', 56, 16, 82)];
  const player = aPlayer('middle', bag);
  const golfer = golferOf(player);
  const swings = sampleSwings(golfer.habits, 256, 1);
  const fits = bounceFits(player, golfer, ['powder', 'wet', 'hardpan'], swings);
  const fit = (club: string, sand: string) => fits.find((f) => f.club === club && f.sand === sand)!;
  for (const sand of ['wet', 'hardpan']) {
    expect(fit('high', sand).thin ?? 1).toBeGreaterThan(fit('low', sand).thin!);
  }
  expect(fit('high', 'powder').heavy!).toBeLessThan(fit('low', 'powder').heavy!);
  expect(fit('low', 'powder')).toMatchObject({ verdict: 'more' });
  expect(fit('high', 'powder').verdict).toBe('suits');
  // Sixteen degrees of bounce cannot be splashed from hardpan at all, or less is better.
  expect(['less', 'cannot']).toContain(fit('high', 'hardpan').verdict);
  expect(fit('low', 'hardpan').verdict).toBe('suits');
});

test('a wedge that cannot be splashed so far says so', () => {
  const player = aPlayer('beginner', [aClub('LW', 'wedge', 64, 6, 20)]);
  const golfer = golferOf(player);
  const [fit] = bounceFits(player, golfer, ['powder'], sampleSwings(golfer.habits, 16, 1));
  expect(fit).toMatchObject({ verdict: 'cannot', thin: null });
});

test('shares of use add up to one and name every club of the bag', () => {
  const player = aPlayer('good', [CLUB_60, CLUB_56, CLUB_52]);
  const mix = standardMix(8);
  const shots = mix.map(({ shot }) => shot);
  const called = toTheEnd(callingClubs({ player, shot: shots[0]! }, shots));
  // The desk's own call, shot by shot.
  for (const i of [0, 3, 6]) {
    const [first] = prescribe({ player, shot: shots[i]!, seed: 3 }).calls;
    const atFlag = first && first.toward === 0 && !first.attempt;
    expect(called[i]).toBe(atFlag ? first.setup.club.name : NO_CLUB);
  }
  const usage = usageOf(player.bag, mix, called);
  expect(usage.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  expect(usage.map(({ club }) => club)).toEqual(expect.arrayContaining(['60', '56', '52']));
  expect(usage[0]!.share).toBeGreaterThan(0.2);
  // Half way: the shares are of what is known.
  const half = usageOf(player.bag, mix, called.slice(0, 4));
  expect(half.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  expect(usageOf(player.bag, mix, []).every(({ share }) => share === 0)).toBe(true);
});

describe('if one wedge were different', () => {
  const search = (bag: ReturnType<typeof aClub>[]): WedgeChange[] => {
    const player = aPlayer('middle', bag);
    const mix = standardMix(8);
    const results = Array.from({ length: clubsToTry(bag) }, (_, i) =>
      tryClub({ player }, mix, 5, i),
    );
    return wedgeChanges(player, mix, results);
  };

  test('a bag with one ill-suited wedge gains much from another, with an error that is small beside it', () => {
    const [change] = search([aClub('PW', 'wedge', 44, 2, 112)]);
    expect(change!.instead).toBe('PW');
    expect(change!.loftDeg).toBeGreaterThanOrEqual(49);
    expect(change!.saving).toBeGreaterThan(0.05);
    expect(change!.error).toBeLessThan(change!.saving / 2);
  });

  test('a good set gains next to nothing', () => {
    const changes = search([CLUB_60, CLUB_56, CLUB_52]);
    expect(changes).toHaveLength(3);
    expect(Math.abs(changes[0]!.saving)).toBeLessThan(0.12);
  });

  test('what a club does is weighed as cautiously, and in the schools, that the house asks for', () => {
    const player = aPlayer();
    const [mixed] = standardMix(8);
    const scoreWith = (house: object): number =>
      tryClub({ player, ...house }, [mixed!], 1, 0)[0]!.score;
    expect(scoreWith({ caution: 0.9 })).toBeGreaterThan(scoreWith({ caution: 0 }) + 0.1);
    const scores = SCHOOLS.map(({ id }) => scoreWith({ schools: [id] }));
    expect(new Set([...scores, scoreWith({})]).size).toBeGreaterThan(1);
  });

  test('knows a club that is already so, and refuses a bag without wedges', () => {
    const change = { instead: '56', loftDeg: 55, bounceDeg: 12, saving: 0, error: 0 };
    expect(isAsItIs(CLUB_56, change)).toBe(true);
    expect(isAsItIs(CLUB_60, change)).toBe(false);
    const irons = aPlayer('middle', [aClub('9i', 'iron', 41, 5, 121)]);
    expect(() => tryClub({ player: irons }, standardMix(8), 1, 0)).toThrow(/no wedge/);
    expect(() => tryClub({ player: aPlayer() }, standardMix(8), 1, 99)).toThrow(/no club 99/);
  });
});
