const WINDS = [
  'north',
  'north-east',
  'east',
  'south-east',
  'south',
  'south-west',
  'west',
  'north-west',
];

/**
 * A bearing as the nearest of eight winds.
 *
 * @example
 * directionOfBearing(100); // => 'east'
 */
export const directionOfBearing = (bearing: number): string => WINDS[Math.round(bearing / 45) % 8]!;
