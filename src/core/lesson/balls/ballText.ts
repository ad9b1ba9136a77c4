import { told } from '@/core/ground/language/told';
import { t } from '@/core/ground/language/t';
import { faulty, FaultyInput, type Fault } from '@/core/tell/format/fault';
import { toMetres } from '@/core/ground/units/length';
import { depthUnit, unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { STRIKE_WORDS } from './strikeWords';
import { lengthFault, readBallChange, STRIKES, type LoggedFields, type Strike } from './ball';

/* Quick entry: "e1.5 c12 r3 L2 thin". Entry in inches or centimetres, the rest in yards or metres, depth in inches or millimetres. */

const NUMBER = String.raw`-?\d+(?:[.,]\d+)?`;

const LETTERS: Record<string, string> = told({
  e: 'entry',
  c: 'carry',
  r: 'run',
  l: 'left',
  R: 'right',
  s: 'stopped',
  d: 'divot depth',
  w: 'divot length',
  h: 'height',
});

/** Other words for the strikes, German ones among them. */
const TYPED_STRIKES: Record<string, Strike> = {
  ...Object.fromEntries(STRIKES.map((strike) => [strike, strike])),
  fat: 'heavy',
  ok: 'good',
  clean: 'good',
  shank: 'heel',
  gut: 'good',
  dünn: 'thin',
  fett: 'heavy',
  kante: 'lip',
  ferse: 'heel',
};

/** What each letter is a length of; a run is no field of its own. */
const LENGTHS = {
  e: { field: 'entry_m', kind: 'short' },
  c: { field: 'carry_m', kind: 'ground' },
  r: { field: null, kind: 'ground' },
  s: { field: 'along_m', kind: 'ground' },
  l: { field: 'right_m', kind: 'ground' },
  L: { field: 'right_m', kind: 'ground' },
  R: { field: 'right_m', kind: 'ground' },
  d: { field: 'divot_depth_m', kind: 'depth' },
  w: { field: 'divot_length_m', kind: 'short' },
  h: { field: 'height_m', kind: 'height' },
} as const;

/** Strokes after the ball until it was holed. */
const AFTER = /^p(\d)$/;

const TOKEN = new RegExp(`^([ecrsdwhLRl])(${NUMBER})$`);

/**
 * Reads a ball as it is typed: `e` entry behind the ball (minus for ball first), `c` carry, `r` run, `s` where it stopped,
 * `L` and `R` to the side, `d` depth and `w` length of the mark, `h` height, `p` strokes until it was holed, a strike, and a note after `!`.
 *
 * @throws FaultyInput for each part that is not understood, or that no ball can have
 * @example
 * readBallText('c10 r2 thin', 'metres'); // => { carry_m: 10, along_m: 12, right_m: 0, strike: 'thin' }
 */
export function readBallText(text: string, units: UnitSystem): LoggedFields {
  const [line = '', note] = text.split('!', 2);
  const ball: LoggedFields = {};
  const faults: Fault[] = [];
  /** What was said of each thing, by its name: twice is once too often. */
  const said = new Map<string, string>();
  const once = (thing: string, part: string): boolean => {
    const before = said.get(thing);
    said.set(thing, part);
    if (before !== undefined) {
      faults.push({
        path: 'ball',
        message: t('"{before}" and "{part}" both give the {thing}: keep one', {
          before,
          part,
          thing,
        }),
      });
    }
    return before === undefined;
  };
  let run: number | undefined;
  for (const part of line.trim().split(/\s+/).filter(Boolean)) {
    const strike = TYPED_STRIKES[part.toLowerCase()];
    if (strike) {
      if (once('strike', part)) ball.strike = strike;
      continue;
    }
    const after = AFTER.exec(part);
    if (after) {
      if (once(t('strokes after it'), part)) ball.strokes_after = Number(after[1]);
      continue;
    }
    const found = TOKEN.exec(part);
    if (!found) {
      faults.push({
        path: 'ball',
        message: t('"{part}" is not understood: {list}, p strokes after it, or {strikes}', {
          part,
          list: Object.entries(LETTERS)
            .map(([letter, word]) => `${letter} ${word}`)
            .join(', '),
          strikes: STRIKES.map((strike) => STRIKE_WORDS[strike]).join(', '),
        }),
      });
      continue;
    }
    const value = Number(found[2]!.replace(',', '.'));
    const { field, kind } = LENGTHS[found[1] as keyof typeof LENGTHS];
    const letter = found[1]!;
    if (!once(field === 'right_m' ? 'side' : LETTERS[letter]!, part)) continue;
    const unit = kind === 'depth' ? depthUnit(units) : unitFor(kind, units);
    const message = lengthFault(field ?? 'along_m', value, unit);
    if (message) faults.push({ path: 'ball', message: `${part}: ${message}` });
    const metres = toMetres(value, unit);
    if (field === null) run = metres;
    else ball[field] = /l/i.test(letter) ? -metres : metres;
  }
  if (faults.length > 0) throw new FaultyInput(faults);
  if (run !== undefined) {
    if (ball.carry_m === undefined) {
      throw faulty('ball', t('roll (r) needs a carry before it: c12 r3'));
    }
    ball.along_m ??= ball.carry_m + run;
  }
  if (ball.along_m !== undefined && ball.right_m === undefined) ball.right_m = 0;
  if (note?.trim()) ball.note = note.trim();
  if (Object.keys(ball).length === 0) {
    throw faulty('ball', t('nothing was entered for this ball'));
  }
  return readBallChange(ball);
}
