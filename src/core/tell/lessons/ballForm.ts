import { written } from '@/core/tell/language/written';
import { toldIn } from '@/core/tell/language/told';
import { fact } from '@/core/ground/fact/fact';
import { faulty, FaultyInput, type Fault } from '@/core/contract/check/fault';
import { fromMetres, toMetres, type LengthUnit } from '@/core/ground/units/length';
import { depthUnit, unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import {
  lengthFault,
  readBallChange,
  STRIKES,
  type LoggedFields,
  type Strike,
} from '@/core/lesson/balls/ball';

/** Lengths of a ball as a form asks for them. */
export const FORM_LENGTHS = toldIn(['label'], [
  { field: 'entry_m', label: 'Entry point behind the ball', kind: 'short' },
  { field: 'carry_m', label: 'Carried', kind: 'ground' },
  { field: 'along_m', label: 'Finished along the line', kind: 'ground' },
  { field: 'right_m', label: 'Right of the line (minus for left)', kind: 'ground' },
  { field: 'divot_length_m', label: 'Length of the divot', kind: 'short' },
  { field: 'divot_depth_m', label: 'Depth of the divot', kind: 'depth' },
  { field: 'height_m', label: 'Height', kind: 'height' },
] as const);

export type BallLength = (typeof FORM_LENGTHS)[number];

/** What a ball's form holds: what was typed, by field. */
export type BallTexts = Record<
  BallLength['field'] | 'strike' | 'strokes_after' | 'note' | 'changed',
  string
>;

export const EMPTY_BALL: BallTexts = {
  entry_m: '',
  carry_m: '',
  along_m: '',
  right_m: '',
  divot_length_m: '',
  divot_depth_m: '',
  height_m: '',
  strike: '',
  strokes_after: '',
  note: '',
  changed: '',
};

/** Unit in which a length of a ball is typed. */
export function ballUnit({ kind }: Pick<BallLength, 'kind'>, units: UnitSystem): LengthUnit {
  return kind === 'depth' ? depthUnit(units) : unitFor(kind, units);
}

/** A ball as its form shows it. */
export function ballTexts(ball: LoggedFields, units: UnitSystem): BallTexts {
  const texts = { ...EMPTY_BALL };
  for (const length of FORM_LENGTHS) {
    const metres = ball[length.field];
    if (metres === undefined) continue;
    texts[length.field] = written(
      String(Number(fromMetres(metres, ballUnit(length, units)).toFixed(2))),
    );
  }
  return {
    ...texts,
    strike: ball.strike ?? '',
    strokes_after: String(ball.strokes_after ?? ''),
    note: ball.note ?? '',
    changed: ball.changed ?? '',
  };
}

/**
 * Reads a ball from its form; a field whose text was not touched keeps the value behind it to the last digit.
 *
 * @param before the ball that the form was filled from
 * @throws FaultyInput naming field, value and what is allowed
 */
export function readBallTexts(
  texts: BallTexts,
  units: UnitSystem,
  before: LoggedFields = {},
): LoggedFields {
  const faults: Fault[] = [];
  const ball: LoggedFields = {};
  const was = ballTexts(before, units);
  for (const length of FORM_LENGTHS) {
    const { field } = length;
    const text = texts[field].trim();
    if (text === '') continue;
    if (text === was[field] && before[field] !== undefined) {
      ball[field] = before[field];
      continue;
    }
    const value = Number(text.replace(',', '.'));
    const unit = ballUnit(length, units);
    const message = Number.isFinite(value)
      ? lengthFault(field, value, unit)
      : fact('check.notANumber', { text });
    if (message) faults.push({ path: field, message });
    else ball[field] = toMetres(value, unit);
  }
  const strike = STRIKES.find((each) => each === texts.strike) as Strike | undefined;
  if (strike) ball.strike = strike;
  if (texts.strokes_after !== '') ball.strokes_after = Number(texts.strokes_after);
  if (texts.note.trim()) ball.note = texts.note.trim();
  if (texts.changed.trim()) ball.changed = texts.changed.trim();
  if (ball.along_m !== undefined) ball.right_m ??= 0;
  if (faults.length > 0) throw new FaultyInput(faults);
  if (Object.keys(ball).length === 0) {
    throw faulty('ball', fact('ball.nothingEntered'));
  }
  return readBallChange(ball);
}
