/**
 * Degrees to radians.
 *
 * @example
 * radians(180) === Math.PI; // => true
 */
export const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/**
 * Radians to degrees.
 *
 * @example
 * degrees(Math.PI / 2); // => 90
 */
export const degrees = (rad: number): number => (rad * 180) / Math.PI;
