import { t } from './t';
import { written } from './written';
import { unitFor, type Scale } from '@/core/ground/units/unitFor';
import { fromMetres, type LengthUnit } from '@/core/ground/units/length';
import { fromMps, speedUnit } from '@/core/ground/units/speed';
import type { UnitSystem } from '@/core/ground/units/system';

/**
 * A number with at most `digits` decimals and no idle zeros: 3, 3.5.
 *
 * @example
 * plainNumber(3.04); // => '3'
 * plainNumber(3.46); // => '3.5'
 */
export function plainNumber(value: number, digits = 1): string {
  const scale = 10 ** digits;
  return written(String(Math.round(value * scale) / scale + 0));
}

/**
 * A length with its unit, joined by a no-break space: "18 yd", "3.5 ft", "1.1 m"; with at most `digits` decimals.
 *
 * @example
 * sayLength(16.4592, 'ground', 'yards'); // => '18\u00a0yd'
 */
export function sayLength(metres: number, scale: Scale, system: UnitSystem, digits = 1): string {
  const unit = unitFor(scale, system);
  return `${plainNumber(fromMetres(metres, unit), digits)}\u00a0${unit}`;
}

/** Only the quarters have signs of their own in the faces that are printed. */
const EIGHTHS = ['', '1/8', '¼', '3/8', '½', '5/8', '¾', '7/8'];

/** From this many inches on quarters are fine enough; from this many centimetres on whole ones. */
const QUARTERS_FROM = 1;
const CENTIMETRES_FROM = 2;

/**
 * A small length, as at the ball or in the sand: eighths of an inch, quarters from an inch on; millimetres, centimetres from two
 * on.
 *
 * @example
 * saySmall(0.014, 'yards'); // => '½\u00a0in'
 * saySmall(0.17, 'yards'); // => '6¾\u00a0in'
 * saySmall(0.014, 'metres'); // => '14\u00a0mm'
 */
export function saySmall(metres: number, system: UnitSystem): string {
  if (system === 'metres') {
    const cm = fromMetres(metres, 'cm');
    return Math.abs(cm) < CENTIMETRES_FROM
      ? `${plainNumber(cm * 10, 0)}\u00a0mm`
      : `${plainNumber(cm, 0)}\u00a0cm`;
  }
  const inches = fromMetres(Math.abs(metres), 'in');
  const step = inches < QUARTERS_FROM ? 1 : 2;
  const eighths = Math.round((inches * 8) / step) * step;
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8]!;
  const said = whole > 0 || part === '' ? `${whole}${part}` : part;
  return `${metres < 0 && eighths > 0 ? '−' : ''}${said}\u00a0in`;
}

/** What has no more decimals than this is a limit as somebody set it, and stays. */
const SET_DECIMALS = 3;

/** A limit as it is said: as it was set, else whole from ten on and to a tenth below, by `round` to the inside. */
function saidLimit(value: number, round: (value: number) => number): number {
  const set = Number(value.toFixed(SET_DECIMALS));
  if (Math.abs(set - value) < 1e-9) return set;
  const steps = Math.abs(value) < 1 ? 100 : Math.abs(value) < 10 ? 10 : 1;
  return round(value * steps) / steps;
}

/**
 * What numbers are allowed, "2.2 to 251": rounded inwards where they come of another unit, so that whatever is said to be allowed
 * is.
 *
 * @example
 * sayLimits(0, 0.6); // => '0 to 0.6'
 * sayLimits(2.18723, 251.5312); // => '2.2 to 251'
 */
export const sayLimits = (low: number, high: number): string =>
  t('{low} to {high}', { low: saidLimit(low, Math.ceil), high: saidLimit(high, Math.floor) });

/**
 * The same of lengths in metres, in a unit.
 *
 * @example
 * sayRange([0, 260], 'yd'); // => '0 to 284 yd'
 */
export const sayRange = ([low, high]: readonly [number, number], unit: LengthUnit): string =>
  `${sayLimits(fromMetres(low, unit), fromMetres(high, unit))} ${unit}`;

/**
 * A speed of wind or head with its unit: "10 mph", "4.5 m/s".
 *
 * @example
 * saySpeed(4.4704, 'yards'); // => '10\u00a0mph'
 */
export function saySpeed(mps: number, system: UnitSystem): string {
  const unit = speedUnit(system);
  return `${plainNumber(fromMps(mps, unit), unit === 'mph' ? 0 : 1)}\u00a0${unit}`;
}
