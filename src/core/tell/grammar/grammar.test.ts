import fc from 'fast-check';
import { readFileSync, readdirSync } from 'node:fs';
import { LIES } from '@/core/ground/sand/lie';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { readSituation } from '@/core/contract/shot/situation';
import type { ShotInput } from '@/core/contract/shot/shot';
import { speaking } from '@/core/testing/speaking';
import { completions, PHRASES } from './phrases';
import { saidShot } from './saidShot';
import { understand } from './understand';

const read = (text: string, shot: ShotInput = {}, units: 'yards' | 'metres' = 'yards') =>
  understand(text, shot, units);

const unreadWords = (text: string): string[] =>
  read(text).unread.map(([from, to]) => text.slice(from, to));

test('a whole sentence is read', () => {
  const text =
    'plugged, firm, 18 to the flag, green at 11, lip 4 at 6, up 8, wind 5 against, runs 10.5, water behind';
  const { shot, unread } = read(text);
  expect(unread).toEqual([]);
  expect(shot).toEqual({
    pin_yd: 18,
    edge_yd: 11,
    lie: 'plugged',
    sand: { preset: 'firm' },
    lip: { height_ft: 4, distance_ft: 6 },
    slope: { along_deg: 8 },
    wind: { speed_mps: 2.24, from_deg: 0 },
    green: { stimp_ft: 10.5 },
    beyond: 'water',
  });
});

test.each<[string, ShotInput]>([
  ['pin at 16 m', { pin_m: 16 }],
  ['lip 1.2 m at 3 m', { lip: { height_m: 1.2, distance_m: 3 } }],
  ["lip is 3' high and 8 ft ahead", { lip: { height_ft: 3, distance_ft: 8 } }],
  ['green from 11 to 30', { edge_yd: 11, back_yd: 30 }],
  ['ball below the feet 6', { slope: { across_deg: -6 } }],
  ['downslope 9', { slope: { along_deg: -9 } }],
  ['sitting down in soft sand', { lie: 'sitting-down', sand: { preset: 'soft' } }],
  ['24 mm under', { burial_mm: 24 }],
  ['land it at 14, carry 9', { carry_yd: 14, clear_yd: 9 }],
  ['4 m/s from the left', { wind: { speed_mps: 4, from_deg: 270 } }],
  ['12 to the pin', { pin_yd: 12 }],
  ['downhill 2', { green: { slope_deg: -2 } }],
])('%s', (text, shot) => {
  expect(read(text).shot).toEqual(shot);
  expect(unreadWords(text)).toEqual([]);
});

test.each<[string, ShotInput]>([
  ['20y', { pin_yd: 20 }],
  ['20 yard bunker shot', { pin_yd: 20 }],
  ['15m', { pin_m: 15 }],
  ['18 yards, 4 foot lip', { pin_yd: 18, lip: { height_ft: 4, distance_ft: 8 } }],
  ['5 ft lip at 10 ft', { lip: { height_ft: 5, distance_ft: 10 } }],
  ['pin is 18 yards away', { pin_yd: 18 }],
  ['11 to the green', { edge_yd: 11 }],
  ['uphill lie', { slope: { along_deg: 8 } }],
  ['on a steep upslope', { slope: { along_deg: 15 } }],
  ['downslope', { slope: { along_deg: -8 } }],
  ['slight downhill lie', { slope: { along_deg: -4 } }],
  ['10 degree up-slope', { slope: { along_deg: 10 } }],
  ['ball above my feet', { slope: { across_deg: 5 } }],
  ['ball is below the feet', { slope: { across_deg: -5 } }],
  ['into the wind', { wind: { speed_mps: 4.47, from_deg: 0 } }],
  ['into a 10 mph wind', { wind: { speed_mps: 4.47, from_deg: 0 } }],
  ['strong headwind', { wind: { speed_mps: 8.05, from_deg: 0 } }],
  ['10 mph tailwind', { wind: { speed_mps: 4.47, from_deg: 180 } }],
  ['wind from the left', { wind: { speed_mps: 4.47, from_deg: 270 } }],
  ['downwind', { wind: { speed_mps: 4.47, from_deg: 180 } }],
  ['plugged in the face', { lie: 'plugged', slope: { along_deg: 15 } }],
  ['half buried', { lie: 'fried-egg' }],
  ['completely buried in wet sand', { lie: 'buried', sand: { preset: 'wet' } }],
  ['good lie, hard sand', { lie: 'clean', sand: { preset: 'firm' } }],
  ['fried egg, fluffy sand', { lie: 'fried-egg', sand: { preset: 'powder' } }],
  ['hard pan', { sand: { preset: 'hardpan' } }],
  ['fast green', { green: { stimp_ft: 12 } }],
  ['green is stimping 11', { green: { stimp_ft: 11 } }],
])('as coaches speak: %s', (text, shot) => {
  expect(read(text).shot).toEqual(shot);
  expect(unreadWords(text)).toEqual([]);
});

test.each([
  ['lip of 5 ft 10 ft away', ['10', 'ft', 'away']],
  ['half', ['half']],
  ['water long', ['water', 'long']],
  ['strong wind', ['strong', 'wind']],
  ['short-sided, plugged', ['short-sided']],
])('half understood: %s', (text, words) => {
  expect(unreadWords(text)).toEqual(words);
});

test('bare numbers follow the units of the desk', () => {
  expect(read('16 to the flag, lip 1 at 3', {}, 'metres').shot).toEqual({
    pin_m: 16,
    lip: { height_m: 1, distance_m: 3 },
  });
});

test('what is not said stays; what is said in another unit takes its place', () => {
  const stood: ShotInput = { pin_yd: 18, lie: 'plugged', sand: { preset: 'wet', depth_mm: 40 } };
  expect(read('16 m to the flag', stood).shot).toEqual({ ...stood, pin_yd: undefined, pin_m: 16 });
  expect(read('clean', { burial_mm: 20 }).shot).toEqual({ lie: 'clean' });
  expect(read('no wind, level', { wind: { speed_mps: 3 }, slope: {} }).shot).toEqual({});
});

test('what is not understood is marked, word by word', () => {
  expect(unreadWords('plugged, purple sand, 18 to the flag')).toEqual(['purple']);
  expect(unreadWords('18 to the moon')).toEqual(['18', 'to', 'moon']);
  expect(unreadWords('')).toEqual([]);
});

test('every phrase that is offered is understood', () => {
  for (const phrase of PHRASES) expect([phrase, unreadWords(phrase)]).toEqual([phrase, []]);
  expect(completions('plug')).toContain('plugged');
  expect(completions('plugged, lip')).toContain('lip 3 at 8');
});

/** Key order does not matter for what a shot says. */
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

test('what it prints, it reads: the examples', () => {
  for (const file of readdirSync('examples').filter((name) => name.endsWith('.json'))) {
    const { shot } = JSON.parse(readFileSync(`examples/${file}`, 'utf8')) as { shot: ShotInput };
    const said: ShotInput = { ...shot, escapes: undefined };
    const text = saidShot(said);
    const { shot: again, unread } = understand(text, {}, 'yards');
    expect(unread).toEqual([]);
    const green = said.green as Record<string, number> | undefined;
    // A green's speed is said as a bare number of feet.
    if (green?.stimp_m === undefined) expect(plain(again)).toEqual(plain(said));
  }
});

/* Whatever a coach may type, within the format. */
const whole = (min: number, max: number) => fc.integer({ min, max });
const anyShot = fc.record(
  {
    pin_yd: whole(3, 200),
    edge_m: whole(2, 100),
    back_yd: whole(5, 240),
    carry_ft: whole(6, 90),
    lip: fc.record({ height_cm: whole(0, 300), distance_ft: whole(1, 40) }),
    lie: fc.constantFrom(...LIES),
    sand: fc.record(
      {
        preset: fc.constantFrom(...SAND_PRESETS),
        firmness: fc.constantFrom(0, 0.35, 0.6, 1),
        moisture: fc.constantFrom(0.1, 0.5),
        density_kgm3: whole(1200, 2100),
      },
      { requiredKeys: ['preset'] },
    ),
    slope: fc.record({ along_deg: whole(1, 25), across_deg: whole(-20, -1) }),
    green: fc.record(
      {
        stimp_ft: whole(6, 14),
        slope_deg: whole(1, 5),
        firmness: fc.constantFrom('soft', 'firm'),
      },
      { requiredKeys: ['stimp_ft'] },
    ),
    wind: fc.record({
      speed_mps: whole(1, 15),
      from_deg: fc.constantFrom(0, 45, 90, 135, 180, 225, 270, 315),
    }),
    beyond: fc.constantFrom('fringe', 'rough', 'water'),
  },
  { requiredKeys: ['pin_yd'] },
);

test('what it prints, it reads: any shot', () => {
  fc.assert(
    fc.property(anyShot, (shot) => {
      const { shot: again, unread } = understand(saidShot(shot), {}, 'metres');
      expect(unread).toEqual([]);
      expect(plain(again)).toEqual(plain(shot));
    }),
  );
});

describe('German', () => {
  test.each([
    [
      '18 zur Fahne, eingebohrt, fester Sand, Grün ab 11, Kante 1,2 auf 1,8',
      '18 to the flag, plugged, firm sand, green at 11, lip 1.2 at 1.8',
    ],
    [
      'Ein Ball im Spiegelei, nasser harter Sand, bergauf 8, leichter Gegenwind',
      'fried egg, wet packed sand, up 8, light headwind',
    ],
    [
      '30 m bis zur Fahne, Ball unter den Füßen 5, Wasser dahinter',
      '30 m to the flag, ball below 5, water behind',
    ],
    ['Wind 10 von vorn von rechts, keine Kante', 'wind 10 against from the right, no lip'],
  ])('%s', (german, english) => {
    expect(unreadWords(german)).toEqual([]);
    expect(plain(read(german).shot)).toEqual(plain(read(english).shot));
  });

  test('what is not understood is marked where it was typed', () => {
    expect(unreadWords('eingebohrt, lila Sand, 18 zur Fahne')).toEqual(['lila']);
  });

  test('every phrase that is offered is understood, and what is printed is read', () => {
    speaking('de', () => {
      for (const phrase of PHRASES) expect([phrase, unreadWords(phrase)]).toEqual([phrase, []]);
      fc.assert(
        fc.property(anyShot, (shot) => {
          const { shot: again, unread } = understand(saidShot(shot), {}, 'metres');
          expect([saidShot(shot), unread]).toEqual([saidShot(shot), []]);
          expect(plain(again)).toEqual(plain(shot));
        }),
      );
    });
  });
});

test('no text, however odd, throws', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 200 }), (text) => {
      understand(text, {}, 'yards');
      return true;
    }),
  );
});

describe('a shot said in other units than those it was written in', () => {
  const shot: ShotInput = {
    pin_yd: 18,
    edge_yd: 11,
    back_yd: 30,
    lie: 'clean',
    lip: { height_ft: 3, distance_ft: 8 },
    green: { stimp_ft: 10 },
    wind: { speed_mps: 4.47, from_deg: 0 },
  };

  test('has no yards or feet in metres, but for the green’s speed, which has no unit', () => {
    expect(saidShot(shot, 'metres')).toBe(
      '16.5 m to the flag, lying clean, lip 0.9 m at 2.4 m, green at 10.1 m, back 27.4 m, runs 10, wind 4.47 m/s against',
    );
  });

  test('stays as it was written in its own', () => {
    expect(saidShot(shot, 'yards')).toBe(
      '18 yd to the flag, lying clean, lip 3 ft at 8 ft, green at 11 yd, back 30 yd, runs 10, wind 10 mph against',
    );
  });

  test.each(['yards', 'metres'] as const)('is read back in %s to a tenth', (units) => {
    const { shot: again, unread } = understand(saidShot(shot, units), {}, units);
    expect(unread).toEqual([]);
    const lengths = (each: object) =>
      readSituation({
        player: {
          handed: 'right',
          skill: 'middle',
          bag: [{ name: '56', type: 'wedge', loft_deg: 56 }],
        },
        shot: each,
      }).question.shot;
    expect(lengths(again).pin).toBeCloseTo(lengths(shot).pin, 1);
    expect(lengths(again).lip.height).toBeCloseTo(lengths(shot).lip.height, 1);
    expect(lengths(again).wind.x).toBeCloseTo(lengths(shot).wind.x, 2);
  });
});

test('a sand that is named takes firmness and density back to what is usual, unless they are said too', () => {
  const before: ShotInput = { sand: { preset: 'soft', firmness: 0.3, density_kgm3: 1500 } };
  expect(understand('firm sand', before, 'yards').shot).toEqual({ sand: { preset: 'firm' } });
  expect(understand('firm sand, firmness 0.8', before, 'yards').shot).toEqual({
    sand: { preset: 'firm', firmness: 0.8 },
  });
  expect(understand('firmness 0.4', before, 'yards').shot).toEqual({
    sand: { preset: 'soft', firmness: 0.4, density_kgm3: 1500 },
  });
});

test('a firm green is not firm sand, nor the edge of the green', () => {
  expect(understand('soft sand, firm green, green at 11', {}, 'yards').shot).toEqual({
    sand: { preset: 'soft' },
    green: { firmness: 'firm' },
    edge_yd: 11,
  });
  expect(understand('firm, green at 11', {}, 'yards').shot).toEqual({
    sand: { preset: 'firm' },
    edge_yd: 11,
  });
});
