import { line } from 'd3-shape';
import type { ProfilePoint } from '@/core/ground/club/profile';

/** Draws points of a section through a club head to scale, px a metre: x to the target, z up. */
export function profileLine(perMetre: number): (points: readonly ProfilePoint[]) => string {
  const shape = line<ProfilePoint>()
    .x(({ x }) => x * perMetre)
    .y(({ z }) => -z * perMetre);
  return (points) => shape([...points]) ?? '';
}
