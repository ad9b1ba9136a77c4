import type { Lip } from './shot';

/**
 * The launch angle at which a ball flies straight at the top of a lip, radians: what the lip asks for.
 *
 * @example
 * launchOver({ height: 1, distance: 1 }).toFixed(3); // => '0.785'
 */
export const launchOver = ({ height, distance }: Lip): number => Math.atan2(height, distance);
