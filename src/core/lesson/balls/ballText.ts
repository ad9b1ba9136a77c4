import { fact, type Fact } from '@/core/ground/fact/fact';
import { faulty, FaultyInput, type Fault } from '@/core/contract/check/fault';
import { toMetres } from '@/core/ground/units/length';
import { depthUnit, unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { lengthFault, readBallChange, STRIKES, type LoggedFields, type Strike } from './ball';

/* Quick entry: "e1.5 c12 r3 L2 thin". Entry in inches or centimetres, the rest in yards or metres, depth in inches or millimetres. */

const NUMBER = String.raw`-?\d+(?:[.,]\d+)?`;

const LETTERS = {
  e: fact('ball.entry'),
  c: fact('ball.carry'),
  r: fact('ball.run'),
  l: fact('ball.left'),
  R: fact('ball.right'),
  s: fact('ball.stopped'),
  d: fact('ball.divotDepth'),
  w: fact('ball.divotLength'),
  h: fact('ball.height'),
} as const;

const SIDE = fact('ball.side');

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
  /** What was said of each thing: twice is once too often. */
  const said = new Map<string, string>();
  const once = (thing: Fact, part: string): boolean => {
    const before = said.get(thing.code);
    said.set(thing.code, part);
    if (before !== undefined) {
      faults.push({
        path: 'ball',
        message: fact('ball.givenTwice', {
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
      if (once(fact('ball.strike'), part)) ball.strike = strike;
      continue;
    }
    const after = AFTER.exec(part);
    if (after) {
      if (once(fact('ball.strokesAfter'), part)) ball.strokes_after = Number(after[1]);
      continue;
    }
    const found = TOKEN.exec(part);
    if (!found) {
      faults.push({
        path: 'ball',
        message: fact('ball.notUnderstood', {
          part,
          list: Object.entries(LETTERS).map(([letter, thing]) =>
            fact('ball.letter', { letter, thing }),
          ),
          strikes: STRIKES.map((strike) => fact(`strike.${strike}`)),
        }),
      });
      continue;
    }
    const value = Number(found[2]!.replace(',', '.'));
    const { field, kind } = LENGTHS[found[1] as keyof typeof LENGTHS];
    const letter = found[1]!;
    const thing = field === 'right_m' ? SIDE : LETTERS[letter as keyof typeof LETTERS];
    if (!once(thing, part)) continue;
    const unit = kind === 'depth' ? depthUnit(units) : unitFor(kind, units);
    const message = lengthFault(field ?? 'along_m', value, unit);
    if (message)
      faults.push({ path: 'ball', message: fact('ball.part', { part, wrong: message }) });
    const metres = toMetres(value, unit);
    if (field === null) run = metres;
    else ball[field] = /l/i.test(letter) ? -metres : metres;
  }
  if (faults.length > 0) throw new FaultyInput(faults);
  if (run !== undefined) {
    if (ball.carry_m === undefined) {
      throw faulty('ball', fact('ball.rollWithoutCarry'));
    }
    ball.along_m ??= ball.carry_m + run;
  }
  if (ball.along_m !== undefined && ball.right_m === undefined) ball.right_m = 0;
  if (note?.trim()) ball.note = note.trim();
  if (Object.keys(ball).length === 0) {
    throw faulty('ball', fact('ball.nothingEntered'));
  }
  return readBallChange(ball);
}
