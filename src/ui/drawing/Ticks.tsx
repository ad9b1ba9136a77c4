import { fromMetres, toMetres } from '@/core/ground/units/length';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Ruler } from './ruler';

/** A scale along the line of play. */
interface Along {
  x: Ruler;
  perMetre: number;
  forward: 1 | -1;
}

/** Distances from the ball along the foot of the drawing. */
export function Ticks({
  scale: { x, perMetre, forward },
  height,
  width,
  units,
}: {
  scale: Along;
  height: number;
  width: number;
  units: UnitSystem;
}) {
  const unit = unitFor('ground', units);
  const pixels = toMetres(1, unit) * perMetre;
  const step = [0.1, 0.25, 0.5, 1, 2, 5, 10, 20, 50].find((each) => each * pixels >= 44) ?? 100;
  const end = forward === 1 ? width - 34 : 34;
  const start = forward === 1 ? 12 : width - 12;
  const first = Math.max(0, Math.ceil(fromMetres(x.invert(start), unit) / step));
  const last = Math.floor(fromMetres(x.invert(end), unit) / step);
  const ticks = Array.from({ length: Math.max(0, last - first + 1) }, (_, k) => (first + k) * step);
  return (
    <g fontSize="13" fill="var(--on-turf)" textAnchor="middle">
      {ticks.map((tick) => (
        <g key={tick} transform={`translate(${x(toMetres(tick, unit))} ${height - 5})`}>
          <line y1="-19" y2="-14" stroke="var(--on-turf)" />
          <text>{tick}</text>
        </g>
      ))}
      <text x={forward === 1 ? width - 16 : 16} y={height - 5}>
        {unit}
      </text>
    </g>
  );
}
