import { t } from '@/core/tell/language/t';
import { bearingOf, towardBearing } from '@/core/place/outline/direction';
import { middleOf } from '@/core/place/outline/ring';
import { pointOf } from '@/core/place/record/place';
import type { DrawnBunker, DrawnPlace } from '@/core/place/sight/drawnPlace';
import { Face } from './Face';
import { fitting, pathOf, planScale } from './view';

interface BunkerSketchProps {
  place: DrawnPlace;
  bunker: DrawnBunker;
}

const SIZE = { width: 240, height: 150 };

/** How far from the middle of the sketch the arrows to flags begin and end, px. */
const ARROW = [52, 68] as const;

/** A bunker from above with its lip, and where its flags lie. */
export function BunkerSketch({ place, bunker }: BunkerSketchProps) {
  const scale = planScale(SIZE, fitting(bunker.ring, SIZE));
  const middle = middleOf(bunker.ring);
  const [cx, cy] = [SIZE.width / 2, SIZE.height / 2];
  return (
    <svg
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      role="img"
      aria-label={t('{bunker} from above, north up', { bunker: bunker.name })}
      className="block w-full rounded"
    >
      <rect width={SIZE.width} height={SIZE.height} fill="var(--turf)" />
      <path d={pathOf(bunker.ring, scale)} fill="var(--sand)" />
      <Face bunker={bunker} scale={scale} />
      {place.greens
        .flatMap(({ green }) => green.flags)
        .map((flag) => {
          const [ux, uy] = towardBearing(bearingOf(middle, pointOf(flag)));
          const [from, to] = ARROW;
          return (
            <g key={flag.id}>
              <line
                x1={cx + ux * from}
                y1={cy - uy * from}
                x2={cx + ux * to}
                y2={cy - uy * to}
                stroke="#14302a"
                strokeWidth="2"
              />
              <circle
                cx={cx + ux * to}
                cy={cy - uy * to}
                r="3.5"
                fill="var(--flag)"
                stroke="#14302a"
              />
            </g>
          );
        })}
    </svg>
  );
}
