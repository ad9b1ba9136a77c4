import type { Skill } from '@/core/ground/player/player';
import { degrees, radians } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { prescribe } from '@/core/search/calls/prescribe';
import type { Call } from '@/core/search/calls/call';
import { plainScript, scriptOf } from '@/core/tell/script/script';
import { BAG } from '@/core/testing/bench';
import { aPlayer, aShot, KNOWS_ALL } from '@/core/testing/fixtures';
import { randomQuestion } from '@/core/testing/regret';
import { SCHOOLS } from './schools';
import { techniqueName } from '@/core/tell/words/techniques';

type Range = readonly [low: number, high: number];

/** Face, degrees open; ball, 0 trail heel to 100 lead heel; weight on the lead foot, per cent; entry, inches behind the ball. */
interface Taught {
  face: Range;
  ball: Range;
  weight: Range;
  entry: Range;
}

const SPLASH: Taught = { face: [0, 45], ball: [65, 90], weight: [55, 70], entry: [0.8, 2.1] };
const LONG: Taught = { face: [5, 25], ball: [55, 70], weight: [60, 65], entry: [0.6, 1.6] };
const DUG: Taught = { face: [-45, 0], ball: [30, 55], weight: [60, 75], entry: [1, 3] };
const PICKED: Taught = { face: [0, 5], ball: [50, 60], weight: [50, 60], entry: [-0.6, 0] };

/** What teachers of each technique say of its set-up on level ground (the table of families, and what each of them asks for). */
const TAUGHT: Record<string, Taught> = {
  across: { ...SPLASH, face: [10, 45] },
  parallel: { ...SPLASH, face: [0, 20] },
  'neutral-release': { ...SPLASH, face: [0, 12] },
  slide: { ...SPLASH, ball: [90, 105] },
  upright: { ...SPLASH, face: [0, 20], ball: [40, 60], weight: [68, 75] },
  'hands-ahead': { ...SPLASH, face: [15, 45] },
  'held-open': SPLASH,
  'turned-over': SPLASH,
  'same-sand': SPLASH,
  'same-swing': SPLASH,
  'closer-sand': { ...SPLASH, entry: [0.8, 2.3] },
  'open-to-shorten': SPLASH,
  'less-loft': LONG,
  'forward-first': SPLASH,
  'squarer-sand-wedge': { ...SPLASH, face: [0, 10], entry: [0.3, 1.2] },
  'full-commitment': { ...SPLASH, face: [15, 45] },
  'square-and-chip': { face: [0, 0], ball: [55, 65], weight: [60, 65], entry: [0.3, 1.1] },
  'more-thud': { ...SPLASH, face: [0, 20], weight: [62, 70], entry: [0.6, 1.8] },
  'change-the-sole': { ...LONG, face: [0, 10], entry: [0.4, 1.4] },
  pick: PICKED,
  sweep: PICKED,
  'hit-down': { face: [0, 0], ball: [40, 50], weight: [58, 66], entry: [-0.6, 0] },
  'sharp-edge': DUG,
  'square-steep': { ...DUG, face: [-5, 5] },
  graded: { ...DUG, face: [0, 30] },
  'toe-in': { ...DUG, face: [-60, -40] },
  'heel-first': { ...DUG, face: [-10, 5], ball: [80, 100] },
  'run-it-up': { face: [0, 0], ball: [40, 50], weight: [60, 65], entry: [-0.6, 0] },
  'putt-it': { face: [0, 0], ball: [55, 65], weight: [50, 60], entry: [-0.1, 0.1] },
};

/** On an up-slope and a down-slope of about ten degrees. */
const ON_SLOPES: Record<string, Pick<Taught, 'ball' | 'weight'>> = {
  'with-the-slope': { ball: [65, 85], weight: [40, 52] },
  'into-the-slope': { ball: [65, 88], weight: [65, 75] },
  'less-loft-on-the-slope': { ball: [50, 65], weight: [50, 75] },
  'down-the-slope': { ball: [30, 55], weight: [68, 80] },
};

const SKILLS: readonly Skill[] = ['beginner', 'middle', 'good', 'expert'];

const level = [
  ...Array.from({ length: 24 }, (_, i) => randomQuestion(600 + i).shot).filter(
    ({ along }) => along === 0,
  ),
  aShot(110, 3, 20),
  aShot(60, 2, 12),
  aShot(100, 1, 20),
  aShot(30, 4),
  { ...aShot(100, 3, 20), burial: 0.009 },
  aShot(14, 0.3, 6, 'firm'),
  aShot(14, 0.3, 6, 'hardpan'),
];

const asked = (shot: (typeof level)[number], i: number): Call[] =>
  prescribe({
    player: { ...aPlayer(SKILLS[i % 4], BAG), techniques: KNOWS_ALL },
    shot,
    seed: 3,
  }).calls.filter(({ toward, attempt }) => toward === 0 && !attempt);

const outside = (value: number, [low, high]: Range): boolean => value < low || value > high;

/** What of a call lies outside of what is taught, in words. */
const strays = ({ setup, school }: Call, taught: Partial<Taught>): string[] =>
  Object.entries({
    face: degrees(setup.opening),
    ball: setup.ballPosition,
    weight: 100 * setup.weightLead,
    entry: fromMetres(setup.entry, 'in'),
  }).flatMap(([what, value]) => {
    const range = taught[what as keyof Taught];
    return range && outside(Math.round(value * 10) / 10, range)
      ? [`${school.id}: ${what} ${value.toFixed(1)}, taught ${range.join(' to ')}`]
      : [];
  });

const calls = level.flatMap(asked);

test('on level ground every technique is set up as its teachers set it up', () => {
  const seen = new Set(calls.map(({ school }) => school.id));
  expect(Object.keys(TAUGHT).filter((id) => !seen.has(id))).toEqual([]);
  expect([...new Set(calls.flatMap((call) => strays(call, TAUGHT[call.school.id]!)))]).toEqual([]);
});

test('so is what is played on slopes alone', () => {
  const slopes = [
    { ...aShot(14, 2), along: radians(10) },
    { ...aShot(22, 1), along: radians(9) },
    { ...aShot(14, 2), along: radians(-10) },
    { ...aShot(20, 1), along: radians(-9) },
    { ...aShot(12, 3), burial: 0.028, along: radians(14) },
  ];
  const played = slopes.flatMap(asked).filter(({ school }) => school.id in ON_SLOPES);
  expect(new Set(played.map(({ school }) => school.id)).size).toBe(Object.keys(ON_SLOPES).length);
  expect(played.flatMap((call) => strays(call, ON_SLOPES[call.school.id]!))).toEqual([]);
});

test('no technique is left out', () => {
  const known = [...Object.keys(TAUGHT), ...Object.keys(ON_SLOPES)].sort();
  expect(known).toEqual(SCHOOLS.map(({ id }) => id).sort());
});

/** What a name says of a set-up, and what the script must then say. */
const SAID: readonly (readonly [name: RegExp, script: RegExp])[] = [
  [/ball at the lead heel/, /(off|inside) the lead heel/],
  [/handle low/, /hands low/],
  [/ball back/, /in the middle|behind the middle/],
  [/hands (a little )?ahead/, /hands a little ahead/],
  [/square stance/, /along the line to the flag/],
  [/face almost shut/, /[Cc]lose the face/],
  [/^picked|^swept|ball first/, /Ball first/],
  [/steep/, /steeply/],
];

test('the name of a technique and its script say the same', () => {
  const wrong = calls.flatMap((call) => {
    const name = techniqueName(call.school.id);
    const said = plainScript(scriptOf(call, 40, { units: 'yards', handed: 'right' }));
    return SAID.filter(([words, script]) => words.test(name) && !script.test(said)).map(
      ([words]) => `${name}: ${String(words)}: ${said}`,
    );
  });
  expect(wrong).toEqual([]);
});
