/** Where places along a line lie on the screen. */
export interface Ruler {
  /** px at a place, m. */
  (place: number): number;
  /** The place at so many px, m. */
  invert: (px: number) => number;
}

/**
 * A ruler with its zero at `zero` px and `perMetre` px to a metre; negative where places go the other way.
 *
 * @example
 * const x = ruler(40, 20);
 * x(2); // => 80
 * x.invert(80); // => 2
 */
export const ruler = (zero: number, perMetre: number): Ruler =>
  Object.assign((place: number) => zero + place * perMetre, {
    invert: (px: number) => (px - zero) / perMetre,
  });
