import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { answer, type Answer } from '@/core/tell/answer/answer';
import { oddNumbers } from '@/core/testing/oddNumbers';
import { FaultyInput } from '@/core/contract/check/fault';
import { LIES } from '@/core/ground/sand/lie';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { BEYONDS } from '@/core/ground/situation/green';
import { SKILLS, USUAL_MISSES } from '@/core/ground/player/player';

const example = JSON.parse(readFileSync('examples/greenside.json', 'utf8')) as {
  player: { bag: object[] };
  shot: object;
};

/** The answer as text, or the faults; anything else fails the test. */
function told(input: unknown): Answer | null {
  try {
    return answer(input, 'yards', () => 0);
  } catch (error) {
    if (error instanceof FaultyInput && error.faults.every(({ path }) => path.length > 0))
      return null;
    throw error;
  }
}

const within = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Shots anywhere within what the format allows, most of them strange; ground in its order, so that most are usable. */
const anyShot = fc
  .record(
    {
      ground: fc
        .record({
          pin: within(4, 240),
          edge: within(0.4, 1),
          back: within(1, 40),
          lip: within(0.05, 0.39),
          height: within(0, 19),
          carry: fc.option(within(0.45, 0.98), { nil: undefined }),
          clear: fc.option(within(0.2, 0.9), { nil: undefined }),
        })
        .map(({ pin, edge, back, lip, height, carry, clear }) => ({
          pin_yd: pin,
          edge_yd: pin * edge,
          back_yd: pin + back,
          lip: { height_ft: height, distance_yd: Math.max(0.4, pin * lip) },
          ...(carry === undefined ? {} : { carry_yd: pin * carry }),
          ...(clear === undefined ? {} : { clear_yd: pin * clear }),
        })),
      lie: fc.constantFrom(...LIES),
      slope: fc.record({ along_deg: within(-25, 35), across_deg: within(-25, 25) }),
      sand: fc.record(
        {
          preset: fc.constantFrom(...SAND_PRESETS),
          firmness: within(0, 1),
          moisture: within(0, 1),
          depth_mm: within(2, 400),
          density_kgm3: within(1100, 2200),
          crust: fc.boolean(),
        },
        { requiredKeys: ['preset'] },
      ),
      green: fc.record({ stimp_ft: within(4, 16), slope_deg: within(-8, 8) }),
      wind: fc.record({ speed_mps: within(0, 20), from_deg: within(-360, 360) }),
      beyond: fc.constantFrom(...BEYONDS),
      escapes: fc.array(
        fc.record({
          toward_deg: within(-180, 180),
          lip: fc.record({ height_ft: within(0, 10), distance_ft: within(1, 60) }),
          room_yd: within(2, 80),
        }),
        { maxLength: 2 },
      ),
    },
    { requiredKeys: ['ground'] },
  )
  .map(({ ground, ...rest }) => ({ ...ground, ...rest }));

const anyClub = fc.record(
  {
    name: fc.string({ minLength: 1, maxLength: 6 }),
    type: fc.constantFrom('wedge', 'iron', 'hybrid', 'wood', 'putter'),
    loft_deg: within(1, 80),
    bounce_deg: within(-5, 30),
    stock_carry_yd: within(6, 340),
    sole_mm: within(5, 90),
    lie_deg: within(45, 80),
  },
  { requiredKeys: ['name', 'type', 'loft_deg'] },
);

test('any situation within the format is answered without NaN, or refused by field', () => {
  let answered = 0;
  fc.assert(
    fc.property(
      anyShot,
      fc.uniqueArray(anyClub, { minLength: 1, maxLength: 4, selector: ({ name }) => name }),
      fc.constantFrom(...SKILLS),
      fc.option(fc.constantFrom(...USUAL_MISSES), { nil: undefined }),
      fc.constantFrom('right', 'left'),
      (shot, bag, skill, usual_miss, handed) => {
        const answer = told({ player: { bag, skill, handed, usual_miss }, shot, seed: 3 });
        if (!answer) return;
        answered += 1;
        expect(oddNumbers(answer)).toEqual([]);
        expect(answer.sheet.calls.length).toBeGreaterThan(0);
      },
    ),
    { numRuns: 150, seed: 20 },
  );
  // Most of them must be usable, or the property would prove nothing.
  expect(answered).toBeGreaterThan(90);
});

test('any JSON in the place of any part is answered or refused, never thrown', () => {
  const parts = ['player', 'shot', 'prefer', 'seed', 'format', 'version'] as const;
  fc.assert(
    fc.property(fc.jsonValue(), fc.constantFrom(...parts), (value, part) => {
      told({ ...example, [part]: value });
      return true;
    }),
    { numRuns: 200, seed: 20 },
  );
});
