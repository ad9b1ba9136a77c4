/** Metres in one of each unit a coach or a file may use (international yard and pound agreement, 1959). */
export const METRES_PER = {
  m: 1,
  yd: 0.9144,
  ft: 0.3048,
  in: 0.0254,
  cm: 0.01,
  mm: 0.001,
} as const;

/** A unit of length by its suffix in field names. */
export type LengthUnit = keyof typeof METRES_PER;
export const LENGTH_UNITS = Object.keys(METRES_PER) as LengthUnit[];

/**
 * `value` in `unit`, as metres.
 *
 * @example
 * toMetres(10, 'yd'); // => 9.144
 */
export const toMetres = (value: number, unit: LengthUnit): number => value * METRES_PER[unit];

/**
 * `metres` expressed in `unit`.
 *
 * @example
 * fromMetres(9.144, 'yd'); // => 10
 */
export const fromMetres = (metres: number, unit: LengthUnit): number => metres / METRES_PER[unit];
