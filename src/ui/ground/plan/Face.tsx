import type { DrawnBunker } from '@/core/place/sight/drawnPlace';
import type { PlanScale } from './view';

/** How wide the face of a lip is drawn: something for the lowest, px, and so much for each metre. */
const WIDTH = { least: 1, perMetre: 4.5 };

/** An overhang from this on is drawn, m. */
const OVERHANGS = 0.02;

/** The lip of a bunker: the higher it is, the wider its face. A dashed line within is an overhang. */
export function Face({ bunker: { ring, lips }, scale }: { bunker: DrawnBunker; scale: PlanScale }) {
  return (
    <g stroke="var(--turf-deep)" strokeLinecap="round" fill="none">
      {ring.map(([east, north], i) => {
        const next = (i + 1) % ring.length;
        const [toEast, toNorth] = ring[next]!;
        const height = (lips[i]!.height + lips[next]!.height) / 2;
        const over = (lips[i]!.overhang + lips[next]!.overhang) / 2 > OVERHANGS;
        const ends = {
          x1: scale.x(east),
          y1: scale.y(north),
          x2: scale.x(toEast),
          y2: scale.y(toNorth),
        };
        return (
          <g key={i}>
            <line {...ends} strokeWidth={WIDTH.least + WIDTH.perMetre * height} />
            {over && <line {...ends} stroke="var(--paper)" strokeDasharray="3 3" />}
          </g>
        );
      })}
    </g>
  );
}
