import { toldIn } from '@/core/tell/language/told';

/** Where wind comes from, clockwise from the player's face. */
export const WIND_FROM = toldIn(['name'], [
  { id: 'against', deg: 0, name: 'against' },
  { id: 'against-right', deg: 45, name: 'against, from the right' },
  { id: 'right', deg: 90, name: 'from the right' },
  { id: 'behind-right', deg: 135, name: 'behind, from the right' },
  { id: 'behind', deg: 180, name: 'behind' },
  { id: 'behind-left', deg: 225, name: 'behind, from the left' },
  { id: 'left', deg: 270, name: 'from the left' },
  { id: 'against-left', deg: 315, name: 'against, from the left' },
] as const);

/** The nearest of the eight directions. */
export function windFrom(fromDeg: number): (typeof WIND_FROM)[number] {
  const turn = ((fromDeg % 360) + 360) % 360;
  return WIND_FROM[Math.round(turn / 45) % 8]!;
}

/** The words for a direction, nearest of eight. */
export const windWords = (fromDeg: number): string => windFrom(fromDeg).name;
