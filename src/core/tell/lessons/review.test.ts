import { A_CALL, aBall } from '@/core/testing/balls';
import type { PlayerRecord } from '@/core/lesson/players/record';
import { callWords } from './callWords';
import { atFlag } from '@/core/tell/sheet/atFlag';
import type { LessonPlan } from '@/core/lesson/plan/lesson';
import { reportOf } from '@/core/tell/lessons/report';
import { shareOf, statsOf, type StatBall } from '@/core/lesson/review/stats';
import { shareWords, statWords } from './statWords';
import { summaryWords } from './summary';
import type { CallSheet } from '@/core/tell/sheet/callSheet';

const at = (fields: Partial<StatBall>): StatBall => ({
  entryMeant: 0.04,
  carryMeant: 12,
  pin: 14,
  lip: 3,
  ...fields,
});

describe('a call in a line', () => {
  test('is said in the reader’s units and for the player’s hand', () => {
    expect(callWords(A_CALL, 'right', 'yards')).toBe(
      '56, face to 1:30, swing to 8:15, enter an inch and a half behind, for 13 yards',
    );
    expect(callWords(A_CALL, 'left', 'metres')).toBe(
      '56, face to 10:30, swing to 8:15, enter 4 cm behind, for 12 metres',
    );
  });

  test('says square and ball first', () => {
    expect(callWords({ ...A_CALL, face_deg: 0, entry_in: -0.5 }, 'right', 'yards')).toContain(
      'face square, swing to 8:15, ball first',
    );
  });
});

describe('what balls come to, in words', () => {
  test('the same lines for any set, so that sets stand side by side', () => {
    const names = (balls: StatBall[]): string[] =>
      statWords(statsOf(balls), 'yards').map(([name]) => name);
    expect(names([])).toEqual(names([at({ along_m: 12, entry_m: 0.05, carry_m: 11 })]));
  });

  test('what is not known is said, not made up', () => {
    const words = Object.fromEntries(statWords(statsOf([]), 'metres'));
    expect(words).toMatchObject({
      balls: '0',
      'out of the bunker': 'not known',
      'average entry point compared with plan': 'too few',
      'average finish': 'not known',
    });
  });

  test('how near balls stopped, how widely, and how often the next stroke holed them', () => {
    const balls = [9, 11, 12, 16, 19].map((along_m, i) =>
      at({ along_m, right_m: 0, ...(i < 4 && { strokes_after: i }) }),
    );
    const words = Object.fromEntries(statWords(statsOf(balls), 'metres'));
    expect(words).toMatchObject({
      'up and down': '2 of 4, 50% (15–85)',
      'distance to the flag': 'half within 3\u00a0m, 8 in 10 of the next within 5\u00a0m',
      dispersion: '± 4.3\u00a0m long and short, ± 0\u00a0m left and right',
    });
  });

  test('a share comes with its interval', () => {
    expect(shareWords(shareOf(17, 20))).toBe('17 of 20, 85% (64–95)');
    expect(shareWords(shareOf(0, 0))).toBe('not known');
  });
});

describe('a summary', () => {
  const part = (name: string, all: StatBall[]) => {
    const half = all.length / 2;
    return {
      player: { name },
      stats: statsOf(all),
      first: statsOf(all.slice(0, half)),
      second: statsOf(all.slice(half)),
    };
  };
  const out = at({ along_m: 12, entry_m: 0.06 });
  const left = at({ along_m: 1, entry_m: 0.05 });

  test('says what moved only where it moved', () => {
    const same = summaryWords(
      'The bunker',
      [
        part(
          'Ada',
          Array.from({ length: 8 }, () => out),
        ),
      ],
      'yards',
    );
    expect(same).toContain('Out of the bunker: 100% in both halves at each station.');
    const better = summaryWords(
      'The bunker',
      [
        part('Ada', [
          ...Array.from({ length: 20 }, () => left),
          ...Array.from({ length: 20 }, () => out),
        ]),
      ],
      'yards',
    );
    expect(better).toContain(
      'Out of the bunker: 0% in the first half at each station, 100% in the second.',
    );
    expect(better).not.toContain('too few');
  });

  test('says where the marks lay once the balls tell, in the reader’s units', () => {
    const marks = (entries: number[], units: 'yards' | 'metres'): string =>
      summaryWords(
        'B',
        [
          part(
            'Ada',
            entries.map((entry_m) => at({ entry_m })),
          ),
        ],
        units,
      );
    const spread = [0.055, 0.062, 0.058, 0.06, 0.061, 0.057];
    expect(marks(spread, 'metres')).toMatch(
      /The club entered 1\.9 cm further behind the ball than planned \(give or take 0\.3 cm\)/,
    );
    expect(marks(spread, 'yards')).toMatch(/0\.7 in further behind the ball/);
    expect(marks([0.02, 0.06, 0.03, 0.05, 0.01, 0.07], 'metres')).toContain(
      'The club entered where planned, as far as the balls can show',
    );
  });

  test('one ball is a ball, and no percentages come from none', () => {
    const one = {
      player: { name: 'Bo' },
      stats: statsOf([at({ strike: 'thin' })]),
      first: null,
      second: null,
    };
    expect(summaryWords('B', [one], 'yards')).toBe('At B. Bo hit 1 ball.');
  });

  test('each of several players has a paragraph, which can be sent alone', () => {
    const both = [part('Ada', [out, out]), part('Bo', [left, out])];
    expect(summaryWords('B', both, 'yards').split('\n\n')).toEqual([
      'At B.',
      expect.stringMatching(/^Ada hit 2 balls; 2 of 2 came out\./),
      expect.stringMatching(/^Bo hit 2 balls; 1 of 2 came out\./),
    ]);
  });
});

describe('a player’s report', () => {
  const plan: LessonPlan = {
    held_on: '2026-05-02',
    place: 'B',
    weather: '',
    players: ['ada'],
    stations: [
      { name: 'Near', shot: { pin_yd: 15, lip: { height_ft: 2, distance_ft: 8 } }, line: 0 },
      { name: 'Far', shot: { pin_yd: 30 }, line: 1 },
      { name: 'Never', shot: { pin_yd: 20 }, line: 2 },
    ],
    balls_per_station: 5,
    minutes_per_turn: 5,
    notes: '',
  };
  const record: PlayerRecord = {
    name: 'Ada',
    handed: 'right',
    skill: 'good',
    cautions: [],
    schools: [],
    notes: '',
    bag: [{ name: '56', type: 'wedge', loft_deg: 56 }],
  };

  test('takes the last call of each station that was come to, and each ball against its own flag', () => {
    const balls = [
      aBall(1, { along_m: 13.7 }),
      aBall(2, { along_m: 13.7, station: 1 }),
      aBall(3, { along_m: 13.7, call: { ...A_CALL, club: '60' } }),
    ];
    const { calls, balls: against, first } = reportOf(record, plan, balls);
    expect(calls.map(({ station, call }) => [station, call.club])).toEqual([
      ['Near', '60'],
      ['Far', '56'],
    ]);
    expect(against.map(({ pin }) => Math.round(pin))).toEqual([14, 27, 14]);
    expect(against[0]!.lip).toBeCloseTo(2.44, 2);
    expect(first).toBeNull();
  });
});

test('the call of a station strikes a ball at the flag', () => {
  const sheet = (calls: object[]) => ({ calls }) as unknown as CallSheet;
  const relief = { kind: 'relief', toward_deg: 0 };
  const sideways = { kind: 'out-sideways', toward_deg: 90 };
  const splash = { kind: 'splash', toward_deg: 0 };
  expect(sheet([relief, sideways, splash]).calls.find(atFlag)).toBe(splash);
  expect(sheet([relief, sideways]).calls.find(atFlag)).toBeUndefined();
});
