import { useId } from 'react';
import { degrees, radians } from '@/core/ground/units/angle';
import type { Petal } from '@/core/place/rose/petal';
import { PETALS } from '@/core/place/rose/rose';

interface RoseDrawingProps {
  petals: readonly Petal[];
  /** Strokes with the best call at the flag; null where nothing gets out there. */
  flag: number | null;
  /** Bearing of the flag, degrees clockwise from north. */
  bearing: number;
  /** The ball in the drawing. */
  at: { x: number; y: number };
  radius: number;
  /** Directions that are named, best first. */
  named: readonly Petal[];
  chosen: number | null;
}

const HALF = 180 / PETALS - 0.8;

/** A place of the rose: degrees clockwise from north, and how far from the ball. */
const place = (bearing: number, far: number): string => {
  const at = radians(bearing);
  return `${(far * Math.sin(at)).toFixed(2)} ${(-far * Math.cos(at)).toFixed(2)}`;
};

/** A piece of the rose between two radii. */
const wedge = (bearing: number, from: number, to: number): string => {
  const [left, right] = [bearing - HALF, bearing + HALF];
  return `M${place(left, from)} L${place(left, to)} A${to} ${to} 0 0 1 ${place(right, to)} L${place(right, from)}${from > 0 ? ` A${from} ${from} 0 0 0 ${place(left, from)}` : ''}Z`;
};

/** The ball lies in the middle, and is drawn so large, px. */
const MIDDLE = 12;

/** How much a petal pales for each stroke that it costs more than the best direction. */
const PALES = 1.1;

/** Spare degrees of start angle over what the lip asks are drawn outside the rim, so many to a pixel, and no more than so many. */
const PER_DEGREE = 0.5;
const MOST_SPARE = 40;

/** Letters of the directions that are named. */
export const LETTERS = ['A', 'B', 'C'] as const;

/**
 * The ways out of the sand round a ball: a petal reaches as far as the chance of getting out, is dark where it costs few strokes, and has
 * a bar at the rim for the start angle that is left over the lip. Where nothing gets out the direction is hatched.
 */
export function RoseDrawing(props: RoseDrawingProps) {
  const { petals, flag, bearing, at, radius, named, chosen } = props;
  const hatch = useId();
  const strokes = petals.flatMap((petal) => petal.strokes ?? []);
  const best = Math.min(...strokes, flag ?? Infinity);
  const reach = (share: number): number => MIDDLE + (radius - MIDDLE) * share;
  return (
    <g transform={`translate(${at.x} ${at.y})`} className="pointer-events-none" data-testid="rose">
      <defs>
        <pattern
          id={hatch}
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0 V5" stroke="var(--harm)" strokeWidth="1.6" />
        </pattern>
      </defs>
      <circle r={radius} fill="var(--paper)" fillOpacity=".82" />
      {petals.map(({ toward, out, strokes: cost, asks, gives }) => {
        const turn = bearing + degrees(toward);
        if (cost === null || gives === null) {
          return <path key={toward} d={wedge(turn, MIDDLE, radius)} fill={`url(#${hatch})`} />;
        }
        const spare = Math.min(MOST_SPARE, degrees(gives - asks)) * PER_DEGREE;
        return (
          <g key={toward} fill="var(--call-1)">
            <path
              d={wedge(turn, MIDDLE, reach(out))}
              fillOpacity={Math.max(0.14, 0.92 - PALES * (cost - best))}
              stroke={toward === chosen ? 'var(--flag)' : 'none'}
              strokeWidth="3"
            />
            {spare > 0 && (
              <path d={wedge(turn, radius + 2, radius + 2 + spare)} fillOpacity=".75" />
            )}
          </g>
        );
      })}
      {[0.5, 1].map((share) => (
        <circle
          key={share}
          r={reach(share)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={share === 1 ? 1.4 : 0.7}
          strokeDasharray={share === 1 ? undefined : '2 4'}
        />
      ))}
      {named.map(({ toward }, i) => (
        <g key={toward} transform={`translate(${place(bearing + degrees(toward), radius + 30)})`}>
          <circle r="11" fill="var(--paper)" stroke="var(--ink)" strokeWidth="1.5" />
          <text textAnchor="middle" y="5" fontSize="14" fontWeight="700" fill="var(--ink)">
            {LETTERS[i]}
          </text>
        </g>
      ))}
    </g>
  );
}
