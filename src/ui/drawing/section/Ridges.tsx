import { area, curveBasis } from 'd3-shape';
import type { Ranked } from '../ranked';
import { inkOf } from '../inks';
import type { SectionScale } from './scale';

interface RidgesProps {
  scale: SectionScale;
  ranked: readonly Ranked[];
  lip: { height: number; distance: number };
  /** Rank that stands out, or null. */
  shown: number | null;
  onShown?: ((rank: number | null) => void) | undefined;
}

const RIDGE_PX = 34;

/** Where each call's balls finish, as ridges on the green; the one under the pointer is told. */
export function Ridges({ scale, ranked, lip, shown, onShown }: RidgesProps) {
  const { x, z } = scale;
  const ground = z(lip.height);
  const tallest = Math.max(
    0.05,
    ...ranked.flatMap(({ picture }) => picture.ridge.map(([, d]) => d)),
  );
  const ridge = area<[number, number]>()
    .x(([px]) => x(px))
    .y0(ground)
    .y1(([, d]) => ground - (d / tallest) * RIDGE_PX)
    .curve(curveBasis);
  const filled = shown ?? 0;
  return (
    <g>
      {[...ranked].reverse().map(({ picture, rank }) => (
        <path
          key={rank}
          d={ridge(picture.ridge.filter(([px]) => px >= lip.distance)) ?? ''}
          fill={rank === filled ? inkOf(rank).colour : 'none'}
          fillOpacity="0.3"
          stroke={inkOf(rank).colour}
          strokeOpacity="0.7"
          strokeDasharray={inkOf(rank).dash}
          strokeLinecap="round"
          pointerEvents={onShown ? 'all' : 'none'}
          onPointerEnter={() => onShown?.(rank)}
          onPointerLeave={() => onShown?.(null)}
        />
      ))}
    </g>
  );
}
