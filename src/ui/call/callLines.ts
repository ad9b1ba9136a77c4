import { t } from '@/core/tell/language/t';
import { techniqueName } from '@/core/tell/words/techniques';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { fromMetres, toMetres, type LengthUnit } from '@/core/ground/units/length';
import { plainNumber, sayLength } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';

/** What can be told of a call, or of a set-up simulated by hand. */
export type Told = Pick<CallEntry, 'predicted' | 'odds'>;

/** A line of a comparison: its name with the unit, its number, and how many decimals it is said with. */
export interface CallLine<T> {
  name: string;
  of: (call: T) => number | null;
  digits: number;
  /** Among the few that a coach looks at first. */
  first?: true;
}

const inUnit =
  (from: LengthUnit, to: LengthUnit) =>
  (value: number): number =>
    fromMetres(toMetres(value, from), to);

/** What the ball does, in the units of the desk. */
export function ballLines(units: UnitSystem): CallLine<Told>[] {
  const ground = unitFor('ground', units);
  const height = unitFor('height', units);
  const short = unitFor('short', units);
  const far = inUnit('yd', ground);
  const small = inUnit('mm', short);
  const high = inUnit('ft', height);
  return [
    {
      name: t('carry, {ground}', { ground }),
      of: ({ predicted }) => far(predicted.carry_yd),
      digits: 1,
      first: true,
    },
    {
      name: t('roll, {ground}', { ground }),
      of: ({ predicted }) => far(predicted.run_yd),
      digits: 1,
      first: true,
    },
    { name: t('launch, °'), of: ({ predicted }) => predicted.launch_deg, digits: 0 },
    {
      name: t('height, {height}', { height }),
      of: ({ predicted }) => high(predicted.apex_ft),
      digits: 1,
    },
    {
      name: t('over the lip, {height}', { height }),
      of: ({ predicted: { lip_clearance_ft: clearance } }) =>
        clearance === null ? null : high(clearance),
      digits: 1,
      first: true,
    },
    { name: t('spin, rpm'), of: ({ predicted }) => predicted.spin_rpm, digits: 0 },
    {
      name: t('effective loft, °'),
      of: ({ predicted }) => predicted.loft_effective_deg,
      digits: 0,
    },
    {
      name: t('effective bounce, °'),
      of: ({ predicted }) => predicted.bounce_effective_deg,
      digits: 0,
    },
    {
      name: t('divot, length, {short}', { short }),
      of: ({ predicted }) => small(predicted.divot_mm),
      digits: 1,
    },
    {
      name: t('divot, depth, {short}', { short }),
      of: ({ predicted }) => small(predicted.depth_mm),
      digits: 1,
    },
  ];
}

const hundred = (share: number): number => share * 100;

/** Nearer the flag than this is near, m. */
export const NEAR = 2;

/** Chances out of a hundred, and strokes. */
export const oddsLines = (units: UnitSystem): CallLine<Told>[] => [
  { name: t('out, %'), of: ({ odds }) => hundred(odds.out), digits: 0, first: true },
  { name: t('on the green, %'), of: ({ odds }) => hundred(odds.green), digits: 0, first: true },
  {
    name: t('within {near}, %', { near: sayLength(NEAR, 'height', units) }),
    of: ({ odds }) => hundred(odds.within_2m),
    digits: 0,
  },
  { name: t('caught by the lip, %'), of: ({ odds }) => hundred(odds.lip), digits: 0 },
  { name: t('thin, %'), of: ({ odds }) => hundred(odds.thin), digits: 0, first: true },
  { name: t('heavy, %'), of: ({ odds }) => hundred(odds.fat), digits: 0, first: true },
  { name: t('worst 10%, strokes'), of: ({ odds }) => odds.worst_tenth, digits: 2 },
  {
    name: t('strokes to hole out'),
    of: ({ odds }) => odds.expected_strokes,
    digits: 2,
    first: true,
  },
];

/** How the player stands and swings. */
export function setupLines(units: UnitSystem): CallLine<CallEntry>[] {
  const small = unitFor('short', units);
  const grass = unitFor('ground', units);
  return [
    { name: t('face, ° open'), of: (call) => call.face_deg, digits: 0 },
    {
      name: t('ball position, 0 trail heel to 100 lead heel'),
      of: (call) => call.ball_position,
      digits: 0,
    },
    { name: t('stance, shoulder widths'), of: (call) => call.stance_width, digits: 2 },
    { name: t('stance, ° open'), of: (call) => call.stance_open_deg, digits: 0 },
    {
      name: t('entry point behind, {small}', { small }),
      of: (call) => inUnit('in', small)(call.entry_in),
      digits: 1,
    },
    { name: t('swing length, % of full'), of: (call) => hundred(call.swing_fraction), digits: 0 },
    {
      name: t('pitch from grass, {grass}', { grass }),
      of: (call) => inUnit('yd', grass)(call.grass_swing_yd),
      digits: 0,
    },
    { name: t('weight on the lead foot, %'), of: (call) => hundred(call.weight_lead), digits: 0 },
    { name: t('handle lowered, °'), of: (call) => call.handle_lower_deg, digits: 0 },
    { name: t('forward shaft lean, °'), of: (call) => call.shaft_lean_deg, digits: 0 },
    {
      name: t('grip down, {small}', { small }),
      of: (call) => inUnit('in', small)(call.grip_down_in),
      digits: 1,
    },
  ];
}

/** A line's number as it is said; a dash where there is none. */
export function said<T>(line: CallLine<T>, call: T): string {
  const value = line.of(call);
  return value === null ? '–' : plainNumber(value, line.digits);
}

/** A line's number as far as it is said; null where there is none. */
function asSaid<T>(line: CallLine<T>, call: T): number | null {
  const value = line.of(call);
  return value === null ? null : Number(value.toFixed(line.digits));
}

/** By how much the second differs as the two are said, with its sign; nothing where they are said the same. */
export function difference<T>(line: CallLine<T>, first: T, second: T): string {
  const [before, after] = [asSaid(line, first), asSaid(line, second)];
  if (before === null || after === null || before === after) return '';
  const by = after - before;
  return `${by > 0 ? '+' : '−'}${plainNumber(Math.abs(by), line.digits)}`;
}

/** A call in the words of a list to choose from. */
export const callName = (call: CallEntry): string =>
  call.kind === 'relief'
    ? t('relief')
    : `${call.rank}. ${call.club}, ${techniqueName(call.school)}${call.toward_deg === 0 ? '' : t(', {deg}° from the flag', { deg: Math.abs(call.toward_deg) })}`;
