import { fact } from '@/core/ground/fact/fact';
import { sayFact } from '@/core/tell/facts/sayFact';
import { aPlayer, aShot, CLUB_52, CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import { BAG } from '@/core/testing/bench';
import { radians } from '@/core/ground/units/angle';
import { burialOf } from '@/core/ground/sand/lie';
import { SCHOOLS } from '../schools/schools';
import { openingLimitDeg } from '@/core/ground/club/club';
import type { Player } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import type { Call } from './call';
import { familiesFor, setupOf } from '../candidates/candidate';
import { FACTOR, FACTORS } from '../changes/factors';
import { order, tieOf, type Tie } from './order';
import { prescribe } from './prescribe';
import { ruledOutWords } from '@/core/tell/why/ruledOut';
import { solveFor } from '../candidates/solve';

const base = prescribe({ player: aPlayer(), shot: aShot(18, 3), seed: 7 });
const model = base.calls.find(({ kind }) => kind === 'splash')!;

/** A call of a club and school with a score of its own, and what it costs with its price. */
function call(club: typeof CLUB_56, school: string, score: number, cost = score): Call {
  const each = model.odds.each.map((strokes) => strokes + score - model.score);
  return {
    ...model,
    score,
    chosenScore: score,
    cost,
    chosenOn: 1024,
    school: { ...model.school, id: school },
    setup: { ...model.setup, club, opening: radians(10), fraction: 0.7 },
    odds: { ...model.odds, strokes: score, each },
  };
}

const named = (calls: readonly Call[]): string[] =>
  calls.map(({ setup, school }) => `${setup.club.name}/${school.id}`);

describe('order', () => {
  test('what costs least with its price goes first', () => {
    const calls = [call(CLUB_60, 'a', 3, 3.04), call(CLUB_56, 'b', 3.01), call(CLUB_52, 'c', 3.2)];
    expect(named(order(calls))).toEqual(['56/b', '60/a', '52/c']);
  });

  test('what was left behind on fewer swings does not come back for luck', () => {
    const lucky = { ...call(CLUB_60, 'a', 2.9), chosenOn: 128 };
    expect(named(order([lucky, call(CLUB_56, 'b', 3)]))).toEqual(['56/b', '60/a']);
  });

  test('each club comes once before any club again within the first five', () => {
    const calls = [call(CLUB_60, 'a', 3), call(CLUB_60, 'b', 3.1), call(CLUB_56, 'a', 3.2)];
    expect(named(order(calls))).toEqual(['60/a', '56/a', '60/b']);
  });

  test('nothing is lost, and nothing in gives nothing out', () => {
    expect(order([])).toEqual([]);
    expect(order(base.calls)).toHaveLength(base.calls.length);
  });
});

/** The tie of calls that are told. */
const told = (calls: readonly Call[], player: Player, shot: Shot): Tie | null =>
  tieOf(calls, player, shot, ({ odds }) => odds.strokes);

describe('ties', () => {
  const shot = aShot(18, 3);
  const tied = [call(CLUB_56, 'a', 3.01), call(CLUB_60, 'b', 3), call(CLUB_52, 'c', 3.1)];

  test('the clubs that do as well are named, with the reason why the first is called', () => {
    expect(told(tied, aPlayer(), shot)).toMatchObject({ clubs: ['56', '60'], because: 'usual' });
    expect(told(tied, { ...aPlayer(), trusted: '56' }, shot)?.because).toBe('trusted');
    const short = told(tied, aPlayer(), aShot(8, 5, 6));
    expect(short?.because).toBe('plain');
  });

  test('the best of the others is named, with what it saves', () => {
    const { best } = told(tied, aPlayer(), shot)!;
    expect(best.club).toBe('60');
    expect(best.saves).toBeCloseTo(0.01, 9);
  });

  test('a club that saves more than a tie over the one that is called is named too', () => {
    const dearer = [call(CLUB_56, 'a', 3.05, 3.05), call(CLUB_60, 'b', 3, 3.08)];
    expect(told(dearer, { ...aPlayer(), trusted: '56' }, shot)).toMatchObject({
      clubs: ['56', '60'],
      because: 'trusted',
    });
  });

  test('a clear lead is none, nor is one call alone', () => {
    expect(told([call(CLUB_60, 'a', 3), call(CLUB_56, 'b', 3.6)], aPlayer(), shot)).toBeNull();
    expect(told([call(CLUB_60, 'a', 3)], aPlayer(), shot)).toBeNull();
    expect(told([], aPlayer(), shot)).toBeNull();
  });
});

describe('families', () => {
  const player = { ...aPlayer(), bag: BAG };
  const shots = {
    clean: aShot(18, 3),
    plugged: { ...aShot(15, 2), burial: burialOf('plugged', aShot(15, 2).sand) },
    upSlope: { ...aShot(12, 2), along: radians(12) },
    hardpan: aShot(18, 1, 8, 'hardpan'),
    far: aShot(120, 3, 20),
  };

  test('every school either has clubs here or says why not', () => {
    for (const shot of Object.values(shots)) {
      const { families, learnable, unfit } = familiesFor(player, shot);
      const spoken = new Set([...families, ...learnable, ...unfit].map(({ school }) => school.id));
      expect(spoken.size).toBe(SCHOOLS.length);
      expect(unfit.every(({ reason }) => sayFact(reason).endsWith('.'))).toBe(true);
    }
  });

  test('schools have the lies, slopes and sands that they are for', () => {
    const ids = (shot: (typeof shots)[keyof typeof shots]): Set<string> =>
      new Set(familiesFor(player, shot).families.map(({ school }) => school.id));
    expect(ids(shots.clean)).toContain('across');
    expect(ids(shots.plugged)).toContain('sharp-edge');
    expect(ids(shots.plugged)).not.toContain('across');
    expect(ids(shots.upSlope)).toContain('into-the-slope');
    expect(ids(shots.clean)).not.toContain('into-the-slope');
    expect(ids(shots.hardpan)).toContain('square-and-chip');
    expect(ids(shots.hardpan)).not.toContain('across');
    expect(ids(shots.far)).toContain('sweep');
  });

  test('no face is opened past what the club allows', () => {
    for (const shot of Object.values(shots)) {
      for (const { club, faces } of familiesFor(player, shot).families) {
        for (const face of faces) expect(face).toBeLessThanOrEqual(openingLimitDeg(club) + 1e-9);
      }
    }
  });

  test('a side slope shortens or lengthens the grip and changes the stance', () => {
    const school = SCHOOLS.find(({ id }) => id === 'across')!;
    const at = (deg: number) =>
      setupOf(school, CLUB_56, 15, 0.04, { ...shots.clean, across: radians(deg) });
    expect(at(8).gripDown).toBeGreaterThan(at(0).gripDown);
    expect(at(8).stanceWidth).toBeLessThan(at(0).stanceWidth);
    expect(at(-8).stanceWidth).toBeGreaterThan(at(0).stanceWidth);
  });
});

describe('solving', () => {
  const school = SCHOOLS.find(({ id }) => id === 'across')!;
  const { golfer } = base;
  const solve = (pin: number, lip = 2, lipAt = 8, id = 'across') => {
    const shot = aShot(pin, lip, lipAt);
    const which = SCHOOLS.find((each) => each.id === id)!;
    return solveFor(setupOf(which, CLUB_56, 15, 0.04, shot), which, golfer, shot, 0);
  };

  test('finds the swing, the mark or the face that stops at the flag', () => {
    for (const id of ['across', 'closer-sand', 'open-to-shorten']) {
      const solved = solve(20, 2, 8, id);
      expect([id, solved.state]).toEqual([id, 'solved']);
      expect(Math.abs(solved.finish.x - aShot(20, 2).pin)).toBeLessThan(0.3);
    }
  });

  test('cannot reach, cannot get out and too far are states', () => {
    expect(solve(50).state).toBe('cannot-reach');
    expect(solve(12, 15, 4).state).toBe('cannot-get-out');
    expect(solve(2.2, 0.3, 3).state).toBe('too-far');
  });

  test('a landing spot asked for is where it lands', () => {
    const shot = { ...aShot(18, 2), carry: 12 };
    const solved = solveFor(setupOf(school, CLUB_56, 15, 0.04, shot), school, golfer, shot, 0);
    expect(Math.abs(solved.finish.carry - 12)).toBeLessThan(0.3);
  });
});

test('factors move what they say, and nothing else', () => {
  const shot = aShot(18, 3);
  for (const name of FACTORS) {
    const factor = FACTOR[name];
    const value = factor.low + 0.37 * (factor.high - factor.low);
    const moved = factor.set(shot, value);
    if (name !== 'sand') expect(factor.get(moved, 0)).toBeCloseTo(value, 9);
    expect(factor.steps.every((step, i) => i === 0 || step > factor.steps[i - 1]!)).toBe(true);
  }
  const further = FACTOR.distance.set(shot, shot.pin + 5);
  expect(further.back - shot.back).toBeCloseTo(5, 9);
  expect(further.lip).toEqual(shot.lip);
  expect(FACTOR.sand.set(shot, 0.9).burial).not.toBe(shot.burial);
  expect(FACTOR.sand.set({ ...shot, burial: 0.02 }, 0.9).burial).toBe(0.02);
});

test.each([
  [{ state: 'cannot-reach', total: 18, wanted: 30 } as const, /only 20 yards of the 33 yards/],
  [
    { state: 'cannot-reach', total: 24.6, wanted: 24.9 } as const,
    /^Comes up just short of the 27 yards/,
  ],
  [{ state: 'cannot-get-out', clearance: -0.61 } as const, /lip 2.ft below/],
  [{ state: 'cannot-get-out', clearance: null } as const, /before it clears the bunker/],
  [{ state: 'too-far', total: 9 } as const, /shortest swing for this technique goes 10 yards/],
  [{ state: 'aim', aimDeg: 22.4, most: 7 } as const, /22° off.*allows 7°/],
  [{ state: 'unfit', why: fact('unfit.notLevel') } as const, /^For a level lie\.$/],
])('%j is said', (reason, words) => {
  expect(ruledOutWords(reason, 'yards')).toMatch(words);
});
