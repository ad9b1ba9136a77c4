import type { BallStats } from '@/core/lesson/stats';
import { degrees } from '@/core/units/angle';
import { toMetres } from '@/core/units/length';
import { sayLength, unitFor } from '@/core/units/say';
import type { UnitSystem } from '@/core/units/system';

interface FinishPlotProps {
  /** Where balls stopped about the flag: along the line and to the right of it, m. */
  places: readonly { along: number; right: number; excluded: boolean }[];
  finish: BallStats['finish'];
  units: UnitSystem;
}

const SIZE = 360;

/** Finishes about the flag from above, the line of play upwards, with the ellipse of eight in ten and the middle. */
export function FinishPlot({ places, finish, units }: FinishPlotProps) {
  const reach = Math.max(
    4,
    ...places.flatMap(({ along, right }) => [Math.abs(along), Math.abs(right)]),
  );
  const perMetre = SIZE / 2 / (Math.min(reach, 25) * 1.1);
  const x = (right: number): number => SIZE / 2 + right * perMetre;
  const y = (along: number): number => SIZE / 2 - along * perMetre;
  const unit = unitFor('ground', units);
  const rings = [2, 5, 10, 20].map((r) => toMetres(r, unit)).filter((r) => r * perMetre < SIZE / 2);
  const text = finish
    ? `${finish.of} finishes about the flag, on the whole ${sayLength(Math.abs(finish.along), 'ground', units)} ${finish.along >= 0 ? 'past' : 'short'} and ${sayLength(Math.abs(finish.right), 'ground', units)} ${finish.right >= 0 ? 'right' : 'left'}.`
    : 'No finish is known yet.';
  return (
    <figure>
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        role="img"
        aria-label={text}
        className="block w-full max-w-sm rounded"
      >
        <rect width={SIZE} height={SIZE} fill="var(--putting)" />
        {rings.map((r) => (
          <g key={r}>
            <circle
              cx={SIZE / 2}
              cy={SIZE / 2}
              r={r * perMetre}
              fill="none"
              stroke="#14302a"
              strokeOpacity="0.35"
            />
            <text x={SIZE / 2 + 3} y={y(r) - 3} fontSize="13" fill="#14302a">
              {sayLength(r, 'ground', units)}
            </text>
          </g>
        ))}
        {places.map(({ along, right, excluded }, i) => (
          <circle
            key={i}
            cx={x(right)}
            cy={y(along)}
            r="5"
            fill={excluded ? 'none' : 'white'}
            stroke="#14302a"
            strokeWidth="1.4"
            strokeDasharray={excluded ? '2 2' : undefined}
          />
        ))}
        {finish?.ellipse && (
          <ellipse
            rx={finish.ellipse.long * perMetre}
            ry={finish.ellipse.short * perMetre}
            transform={`translate(${x(finish.ellipse.y)} ${y(finish.ellipse.x)}) rotate(${-90 + degrees(finish.ellipse.turn)})`}
            fill="none"
            stroke="#072f26"
            strokeWidth="2.4"
          />
        )}
        {finish && (
          <path
            d={`M${x(finish.right) - 7} ${y(finish.along)} h14 m-7 -7 v14`}
            stroke="#4b1b5e"
            strokeWidth="3"
          />
        )}
        <path
          d={`M${SIZE / 2} ${SIZE / 2} v-30 l20 7 l-20 7`}
          fill="var(--flag)"
          stroke="#14302a"
          strokeWidth="2"
        />
      </svg>
      <figcaption className="mt-1 text-sm">{text}</figcaption>
    </figure>
  );
}
